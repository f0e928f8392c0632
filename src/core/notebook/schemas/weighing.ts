import { z } from 'zod'

/** A weight, g/m²: from less than the finest net to more than any carpet. */
export const GsmSchema = z
  .number()
  .gt(0, { error: 'Please enter a weight above zero.', abort: true })
  .min(0.1, 'That is lighter than any fabric.')
  .lte(5000, 'That is heavier than any fabric.')

export const ReadingSchema = z
  .strictObject({
    grams: z
      .number()
      .gt(0, { error: 'Please enter a weight above zero.', abort: true })
      .min(1e-4, 'No scale shows so little.')
      .lt(100_000, 'That is heavier than any fabric.'),
    resolutionGrams: z
      .number()
      .gt(0, { error: 'Please enter a step above zero.', abort: true })
      .min(1e-6, 'No scale is so fine.')
      .lte(1000)
      .default(1),
    lengthMm: z
      .number()
      .gt(0, { error: 'Please enter a length above zero.', abort: true })
      .min(0.1, 'That is shorter than any sample.')
      .lte(200_000, 'That is longer than any fabric.'),
    widthMm: z
      .number()
      .gt(0, { error: 'Please enter a width above zero.', abort: true })
      .min(0.1, 'That is narrower than any sample.')
      .lte(10_000, 'That is wider than any fabric.'),
    cutErrorMm: z.number().min(0, 'Please enter an error of zero or more.').lte(200).default(1),
    /** Layers within that length and width; one where left out. */
    layers: z.number().int().min(1, 'Please enter at least one layer.').max(200).optional(),
    /** What is not cloth, g. */
    notionsGrams: z.number().min(0, 'Please enter zero or more.').lt(100_000).optional(),
    notionsErrorGrams: z.number().min(0, 'Please enter an error of zero or more.').lt(100_000).optional(),
    /** Relative humidity of the air, per cent. */
    humidityPercent: z.number().min(0).max(100, 'Please enter 100 % at most.').optional(),
  })
  .superRefine(({ grams, notionsGrams = 0 }, context) => {
    if (notionsGrams > 0 && notionsGrams >= grams)
      context.addIssue({ code: 'custom', path: ['notionsGrams'], message: 'The notions weigh as much as the whole.' })
  })

export type Reading = z.infer<typeof ReadingSchema>
