import { z } from 'zod'
import { INSPECTION_IDS, type InspectionId } from '../../vocabulary/inspection'
import { inspectionById } from '../../cloths/inspection'
import { FibreIdSchema } from './observation'
import { GsmSchema } from './weighing'
import { idText, listOf } from './text'

/**
 * One answer, or a list of answers, to a feature of the inspection; more than one only where the feature takes
 * several.
 */
function answerSchema(id: InspectionId) {
  const { states, multi } = inspectionById(id)
  const known = states.map((state) => state.id)
  return z
    .union([idText, listOf(idText, states.length).min(1, 'Please name at least one, or leave it out.')])
    .transform((value) => (typeof value === 'string' ? [value] : value))
    .superRefine((value, context) => {
      value.forEach((state, index) => {
        const path = value.length > 1 ? [index] : []
        if (!known.includes(state))
          context.addIssue({
            code: 'custom',
            path,
            message: `"${state}" is no state of "${id}"; its states are ${known.join(', ')}`,
          })
        if (value.indexOf(state) < index)
          context.addIssue({ code: 'custom', path, message: `"${state}" is named twice` })
      })
      if (!multi && value.length > 1)
        context.addIssue({ code: 'custom', path: [1], message: `"${id}" takes one state only` })
    })
}

/** What was seen of how a cloth is made. */
export const InspectionSchema = z.strictObject(
  Object.fromEntries(INSPECTION_IDS.map((id) => [id, answerSchema(id).optional()])) as Record<
    InspectionId,
    z.ZodOptional<ReturnType<typeof answerSchema>>
  >,
)

const percent = z
  .number()
  .min(-20, 'Fabric does not shrink so far when you stretch it.')
  .max(400, 'That is more than any fabric stretches.')

/** A cloth that wants a name; every part may be missing. */
export const DescriptionSchema = z.strictObject({
  inspection: InspectionSchema.optional(),
  gsm: GsmSchema.optional(),
  stretchPercent: z.strictObject({ length: percent.optional(), width: percent.optional() }).optional(),
  fibres: listOf(FibreIdSchema, 5, 'Please name five fibres at most.').optional(),
})
