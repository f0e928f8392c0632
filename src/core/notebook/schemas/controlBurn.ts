import { z } from 'zod'
import { FibreIdSchema, ObservationSchema } from './observation'

/** A known piece, burnt and answered. */
export const ControlBurnSchema = z.strictObject({
  fibre: FibreIdSchema,
  observations: z.array(ObservationSchema).max(400),
})
