import { z } from 'zod'

/** A weight, g/m²: from less than the finest net to more than any carpet. */
export const GsmSchema = z
  .number()
  .gt(0, { error: 'a weight is more than zero', abort: true })
  .min(0.1, 'that is lighter than any cloth')
  .lte(5000, 'that is heavier than any cloth')

export const ReadingSchema = z
  .strictObject({
    grams: z
      .number()
      .gt(0, { error: 'a weight is more than zero', abort: true })
      .min(1e-4, 'no scale weighs so little')
      .lt(100_000, 'that is heavier than any piece of cloth'),
    resolutionGrams: z
      .number()
      .gt(0, { error: 'a scale has a step of more than zero', abort: true })
      .min(1e-6, 'no scale reads so fine')
      .lte(1000)
      .default(1),
    lengthMm: z
      .number()
      .gt(0, { error: 'a length is more than zero', abort: true })
      .min(0.1, 'that is shorter than any specimen')
      .lte(200_000, 'that is longer than any piece of cloth'),
    widthMm: z
      .number()
      .gt(0, { error: 'a width is more than zero', abort: true })
      .min(0.1, 'that is narrower than any specimen')
      .lte(10_000, 'that is wider than any cloth'),
    cutErrorMm: z.number().min(0, 'an error is not negative').lte(200).default(1),
    /** Layers within that length and width; one where left out. */
    layers: z.number().int().min(1, 'there is at least one layer').max(200).optional(),
    /** What is not cloth, g. */
    notionsGrams: z.number().min(0, 'notions weigh nothing or more').lt(100_000).optional(),
    notionsErrorGrams: z.number().min(0, 'an error is not negative').lt(100_000).optional(),
    /** Relative humidity of the air, per cent. */
    humidityPercent: z.number().min(0).max(100, 'air holds at most 100 %').optional(),
  })
  .superRefine(({ grams, notionsGrams = 0 }, context) => {
    if (notionsGrams > 0 && notionsGrams >= grams)
      context.addIssue({ code: 'custom', path: ['notionsGrams'], message: 'the notions weigh as much as the whole' })
  })

export type Reading = z.infer<typeof ReadingSchema>
