import { z } from 'zod'
import { FibreIdSchema, MOST_OBSERVATIONS, ObservationSchema } from './observation'
import { listOf } from './text'

/** A known piece, burnt and answered. */
export const ControlBurnSchema = z.strictObject({
  fibre: FibreIdSchema,
  observations: listOf(ObservationSchema, MOST_OBSERVATIONS),
})
