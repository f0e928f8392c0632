import { z } from 'zod'
import { bowPercent, skewPercent } from '../../measure/grain'
import { defineMeasurement, defineReadingForm, type PropertyCandidate } from './define'
import { errorMm, mm } from './schemas'

const schema = z.strictObject({
  kind: z.literal('grain'),
  widthMm: mm(4000),
  offsetMm: z.number().min(-2000).max(2000),
  bowMm: z.number().min(-1000).max(1000).default(0),
  errorMm,
  printedOffGrain: z.boolean().default(false),
  finished: z.boolean().default(false),
})
type Reading = z.output<typeof schema>

export const grainKind = defineMeasurement({
  id: 'grain',
  title: 'Grain',
  term: 'skew and bow',
  finds: 'Whether the crosswise threads are square to the edge, and whether you can correct it.',
  how: [
    'Tear it across, or pull out one crosswise thread, so that the edge follows a thread.',
    'Lay a square on the left selvedge, right side up, and see how far the right end is off.',
  ],
  forms: {
    grain: defineReadingForm({
      schema,
      says: (reading) => {
        const bowed = reading.bowMm ? `, bowed by ${Math.abs(bowPercent(reading)).toFixed(1)} %` : ''
        const off = `${Math.abs(skewPercent(reading)).toFixed(1)} %`
        return `${off} ${reading.offsetMm >= 0 ? 'beyond' : 'short'}${bowed}`
      },
    }),
  },
  pool: (readings): Reading | null => readings.at(-1) ?? null,
  properties: {
    grain: { title: 'Grain', term: 'skew and bow', now: (_, __, all) => [offSquare(all.at(-1))] },
  },
})

function offSquare(last: Reading | undefined): PropertyCandidate | null {
  if (!last) return null
  const bow = Math.abs(bowPercent(last))
  const note = [bow >= 1 ? `bowed by ${bow.toFixed(1)} %` : '', last.printedOffGrain ? 'printed off grain' : '']
  return {
    how: 'measured',
    value: `${Math.abs(skewPercent(last)).toFixed(1)} % off square`,
    note: note.filter(Boolean).join('; '),
  }
}
