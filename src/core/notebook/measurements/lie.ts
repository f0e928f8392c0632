import { z } from 'zod'
import { COLOURS_FROM } from '../../measure/lie/colourFrom'
import { FINISHES, finishes } from '../../measure/lie/finish'
import { NAPS } from '../../measure/lie/nap'
import { printScale } from '../../measure/lie/print'
import { rightSigns } from '../../measure/lie/rightSide'
import { weighSigns } from '../../measure/lie/signs'
import { warpSigns } from '../../measure/lie/warp'
import { capitalise } from '../../units/format'
import { defineMeasurement, defineReadingForm } from './define'
import { idText, listOf } from '../schemas/text'
import { mm } from './schemas'
import { lastOf } from '../../lists/items'

const said = z
  .record(idText, z.enum(['a', 'b', 'neither']))
  .refine((signs) => Object.keys(signs).length <= 20, 'You can save twenty signs at most.')

/** The signs of its warp and right side, its nap, where its colour comes from, its finish and its print. */
const schema = z.strictObject({
  kind: z.literal('lie'),
  warpSigns: said.default({}),
  rightSigns: said.default({}),
  nap: z.enum(NAPS).default('unknown'),
  colourFrom: z.enum(COLOURS_FROM).default('unknown'),
  finish: listOf(z.enum(FINISHES), FINISHES.length).default([]),
  printRepeatMm: mm(3000).nullable().default(null),
  printOffMm: z.number().min(-1000).max(1000).nullable().default(null),
  widthMm: mm(5000).nullable().default(null),
})

export const lieKind = defineMeasurement({
  id: 'lie',
  title: 'Warp, nap and right side',
  term: 'which way it lies',
  finds: 'Find the warp, the right side, the nap, the origin of its colour, its finish and its print.',
  how: [
    'Chalk an A along one set of threads and a B along the other, on the side that is up.',
    'Look for one sign after another: the one that weighs most comes first.',
  ],
  forms: { lie: defineReadingForm({ schema, says: lieWords }) },
  pool: (readings) => readings.at(-1) ?? null,
  properties: {
    lie: {
      title: 'Warp, nap and right side',
      term: 'warp, face and nap',
      now: (_, __, all) => [all.length > 0 && { how: 'measured', value: lieWords(lastOf(all)) }],
    },
  },
})

/** How a piece lies, in one line. */
export function lieWords(lie: z.output<typeof schema>): string {
  const [warp, right] = [weighSigns(warpSigns, lie.warpSigns), weighSigns(rightSigns, lie.rightSigns)]
  const nap = lie.nap === 'none' ? 'no nap' : `nap runs ${lie.nap}`
  const parts = [
    warp.which ? `warp along ${warp.which.toUpperCase()}` : 'warp not known',
    right.which ? `right side ${right.which === 'a' ? 'up' : 'below'}` : 'both sides look alike',
    lie.nap === 'unknown' ? '' : nap,
    lie.colourFrom === 'unknown' ? '' : lie.colourFrom,
    lie.finish.map((one) => finishes[one].label).join(', '),
    lie.printRepeatMm ? `${printScale(lie.printRepeatMm).scale} print` : '',
    lie.printOffMm ? 'print off grain' : '',
  ]
  return capitalise(parts.filter(Boolean).join('; '))
}
