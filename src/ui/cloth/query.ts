import { z } from 'zod'
import { COLOURINGS, INTERLACINGS } from '@/core/vocabulary/cloth'
import { type TileSpec } from './tileUrl'

const hex = z
  .string()
  .regex(/^[0-9a-f]{6}$/i)
  .transform((digits) => `#${digits}`)

/** A tile as it comes back from the query of its address. */
export const TileSchema: z.ZodType<TileSpec> = z.object({
  weave: z.enum(INTERLACINGS),
  warp: hex,
  weft: hex,
  accent: hex.optional(),
  colouring: z.enum(COLOURINGS),
  sheen: z.coerce.number().min(0).max(1).default(0.3),
  side: z.enum(['face', 'back', 'light']).default('face'),
  open: z.coerce.number().min(0).max(1).optional(),
})
