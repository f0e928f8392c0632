import { z } from 'zod'
import { showInput } from './words'
import { TILTS } from '../../identify/history/told'
import { yearsCrossed } from '../../identify/history/years'

const year = z.number().int().min(1700, 'Please enter 1700 or later.').max(2100, 'Please enter 2100 or earlier.')

/** Between which years a thing was made; either end may be unknown. */
export const MadeSchema = z
  .strictObject({ after: year.optional(), before: year.optional() })
  .superRefine((made, context) => {
    if (yearsCrossed(made)) {
      context.addIssue({
        code: 'custom',
        path: ['after'],
        message: '“Made before” must be later than “made after”.',
      })
    }
  })

const tilt = (question: keyof typeof TILTS) =>
  z
    .enum(
      TILTS[question].map(({ id }) => id),
      { error: (issue) => `${showInput(issue.input)} is no ${question} that is known` },
    )
    .optional()

/** What is known of where a cloth comes from. */
export const HistorySchema = z.strictObject({
  made: MadeSchema.optional(),
  kind: tilt('kind'),
  price: tilt('price'),
  country: tilt('country'),
})
