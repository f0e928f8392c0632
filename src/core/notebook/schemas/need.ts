import { z } from 'zod'
import { BODIES, OPACITIES } from '../../vocabulary/cloth'
import { DETAILS, GARMENTS, ROLES, SEASONS } from '../../vocabulary/choosing'
import { BodySchema, OpacitySchema } from './cloth'
import { listOf } from './text'

const span = (what: string, most: number) =>
  z
    .tuple([z.number().min(0).max(most), z.number().min(0).max(most)])
    .refine(([low, high]) => low <= high, `the ${what} must run from the lower to the higher`)

/**
 * What a pattern asks of its cloth. Whatever is left out follows from the garment and its details. Weights in g/m²,
 * stretch in per cent.
 */
export const NeedSchema = z.strictObject({
  garment: z.enum(GARMENTS).optional(),
  role: z.enum(ROLES).optional(),
  details: listOf(z.enum(DETAILS), DETAILS.length).optional(),
  season: z.enum(SEASONS).optional(),
  gsm: span('weights', 5000).optional(),
  structure: z.enum(['woven', 'knit', 'either']).optional(),
  stretchPercent: z
    .strictObject({ length: span('stretches', 400).optional(), width: span('stretches', 400).optional() })
    .optional(),
  body: listOf(BodySchema, BODIES.length).min(1, 'say at least one, or leave it out').optional(),
  opacity: listOf(OpacitySchema, OPACITIES.length).min(1, 'say at least one, or leave it out').optional(),
})

export type Need = z.infer<typeof NeedSchema>
