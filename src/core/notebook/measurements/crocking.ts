import { z } from 'zod'
import { crockingWords } from '../../measure/grades'
import { type Repeats } from '../../measure/repeats'
import { withDoubt } from '../../units/format'
import { defineMeasurement, defineReadingForm, poolRepeats, type PropertyCandidate } from './define'
import { GRADE_DOUBT } from './crease'
import { grade } from './schemas'

const WAYS = ['dry', 'wet'] as const
type PooledCrocking = Partial<Record<(typeof WAYS)[number], Repeats>>

export const crockingKind = defineMeasurement({
  id: 'crocking',
  title: 'Colour rub-off',
  term: 'crocking, colourfastness to rubbing',
  finds: 'Whether its colour rubs off on skin, a seat or a lining.',
  how: [
    'Wrap white cotton round a finger and rub ten times, firmly.',
    'Repeat it with damp cotton, on another place.',
  ],
  forms: {
    /** Colour on the white cloth: 1 much, 5 none. */
    crocking: defineReadingForm({
      schema: z.strictObject({ kind: z.literal('crocking'), rubbed: z.enum(WAYS), grade }),
      says: (reading) => `${reading.rubbed === 'dry' ? 'Dry' : 'Damp'}: grade ${reading.grade}`,
    }),
  },
  pool: (readings): PooledCrocking =>
    Object.fromEntries(
      WAYS.flatMap((way) => {
        const own = readings.filter(({ rubbed }) => rubbed === way)
        const found = poolRepeats(own.map((one) => ({ value: one.grade, sd: GRADE_DOUBT })))
        return found ? [[way, found]] : []
      }),
    ),
  properties: {
    crocking: { title: 'Colour rub-off', term: 'crocking', now: (own) => [rubs(own)] },
  },
})

function rubs({ dry, wet }: PooledCrocking): PropertyCandidate | null {
  const worst = [dry, wet].filter((one) => one !== undefined).sort((a, b) => a.mean - b.mean)[0]
  if (!worst) return null
  const said = [dry ? `dry ${withDoubt(dry.quantity)}` : '', wet ? `wet ${withDoubt(wet.quantity)}` : '']
  return { how: 'measured', value: `${said.filter(Boolean).join(', ')} of 5`, note: crockingWords(worst.mean) }
}
