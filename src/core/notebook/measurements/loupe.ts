import { z } from 'zod'
import { repeatsOf, type Repeats } from '../../measure/repeats'
import { MM_PER_INCH } from '../../units/constants'
import { withDoubt } from '../../units/format'
import { scaleQuantity } from '../../units/quantity'
import { PictureNameSchema } from '../schemas/stash'
import { defineMeasurement, defineReadingForm } from './define'

/** A thread count by hand or by picture, as a share. */
const COUNT_DOUBT = 0.02

/** Threads per cm. */
interface PooledThreads {
  ends: Repeats
  picks: Repeats
}

const counted = (values: readonly number[]) => repeatsOf(values.map((value) => ({ value, sd: value * COUNT_DOUBT })))

export const loupeKind = defineMeasurement({
  id: 'loupe',
  title: 'Thread count',
  term: 'sett, from a photo or by hand',
  finds: 'Threads per cm each way, from a photo or by hand.',
  how: [
    'Photograph it flat and from straight above, with a ruler or a coin beside it.',
    'Set the scale, start the count, and check the lines over the photo by eye.',
  ],
  forms: {
    count: defineReadingForm({
      schema: z.strictObject({
        kind: z.literal('count'),
        how: z.enum(['picture', 'hand']),
        endsPerCm: z.number().gt(0).lte(200),
        picksPerCm: z.number().gt(0).lte(200),
        skewDeg: z.number().min(0).max(45).nullable().default(null),
        twillAngleDeg: z.number().min(0).max(90).nullable().default(null),
        /** The picture that it was counted from. */
        picture: PictureNameSchema.nullable().default(null),
      }),
      says: ({ endsPerCm, picksPerCm, how }) =>
        `${endsPerCm.toFixed(1)} warp and ${picksPerCm.toFixed(1)} weft threads per cm, ` +
        `${how === 'hand' ? 'by hand' : 'from a photo'}`,
    }),
  },
  pool: (readings): PooledThreads | null =>
    readings.length > 0
      ? {
          ends: counted(readings.map(({ endsPerCm }) => endsPerCm)),
          picks: counted(readings.map(({ picksPerCm }) => picksPerCm)),
        }
      : null,
  properties: {
    threads: {
      title: 'Thread count',
      term: 'thread count, sett',
      now: (own, { units }) => {
        if (!own) return []
        const [scale, unit] = units === 'metric' ? [1, 'per cm'] : [MM_PER_INCH / 10, 'per inch']
        const shown = ({ quantity }: Repeats) => withDoubt(scaleQuantity(quantity, scale))
        return [{ how: 'measured', value: `${shown(own.ends)} warp, ${shown(own.picks)} weft threads ${unit}` }]
      },
    },
  },
})
