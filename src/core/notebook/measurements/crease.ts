import { z } from 'zod'
import { creaseWords } from '../../measure/grades'
import { type Repeats } from '../../measure/repeats'
import { withDoubt } from '../../units/format'
import { defineMeasurement, defineReadingForm, poolRepeats } from './define'
import { grade } from './schemas'

/** A judgement on a scale of five is true to about half a step. */
export const GRADE_DOUBT = 0.5

export const creaseKind = defineMeasurement({
  id: 'crease',
  title: 'Creasing',
  term: 'crease recovery',
  finds: 'How it will look after an hour in a chair.',
  how: [
    'Crush a corner hard in your fist and count to ten.',
    'Open the hand, wait a minute, and choose the drawing that it looks like.',
  ],
  forms: {
    /** Creases after the fist: 1 a ball of paper, 5 none. */
    crease: defineReadingForm({
      schema: z.strictObject({ kind: z.literal('crease'), grade }),
      says: (reading) => `Grade ${reading.grade}`,
    }),
  },
  pool: (readings): Repeats | null => poolRepeats(readings.map((one) => ({ value: one.grade, sd: GRADE_DOUBT }))),
  properties: {
    crease: {
      title: 'Creasing',
      term: 'crease recovery',
      now: (own) => [
        own && { how: 'measured', value: `grade ${withDoubt(own.quantity)} of 5`, note: creaseWords(own.mean) },
      ],
    },
  },
})
