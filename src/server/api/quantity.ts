import { z } from 'zod'
import { isUnitOf, readQuantity, TYPED_KINDS } from '../../core/typed/readQuantity'
import { computation } from './computation'
import { NoSense } from './handle'

export const LocaleSchema = z.string().max(35).refine(isLocale, 'a language tag such as en-US or de-DE is needed')

export const QuantityRequest = z.strictObject({
  text: z.string().max(1000),
  kind: z.enum(TYPED_KINDS),
  locale: LocaleSchema.optional(),
  units: z.enum(['metric', 'imperial']).optional(),
  /** The unit of a number that has none. */
  assume: z.string().max(24).nullish(),
})

const ReadingSchema = z.object({ value: z.number(), unit: z.string(), plausible: z.boolean() })

export const QuantityResponse = ReadingSchema.extend({
  ambiguous: z.boolean(),
  readings: z.array(ReadingSchema),
})

export const quantityComputation = computation({
  name: 'quantity',
  summary: 'A number as a person types it, with its unit; we say if it can be read in two ways.',
  request: QuantityRequest,
  response: QuantityResponse,
  example: { text: '1 yd 9 in', kind: 'length', locale: 'en-US' },
  run: ({ text, assume, ...as }) => {
    if (assume && !isUnitOf(assume, as.kind)) throw new NoSense(['assume'], `${assume} is no unit of a ${as.kind}`)
    const outcome = readQuantity(text, { ...as, ...(assume && { assume }) })
    if (!outcome.ok) throw new NoSense(['text'], outcome.message)
    return outcome.read
  },
})

function isLocale(tag: string): boolean {
  try {
    return Intl.getCanonicalLocales(tag).length === 1
  } catch {
    return false
  }
}
