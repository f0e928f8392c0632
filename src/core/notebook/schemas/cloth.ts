import { z } from 'zod'
import { BODIES, COLOURINGS, OPACITIES } from '../../vocabulary/cloth'

export const BodySchema = z.enum(BODIES)

export const OpacitySchema = z.enum(OPACITIES)

/** A colour of the screen. */
export const ColourSchema = z
  .string()
  .regex(/^#[0-9a-f]{6}$/i, 'Please enter a colour as # and six hexadecimal digits.')

/** How the cloth is drawn: its yarns' colours, and the pattern that they make. */
export const LookSchema = z.strictObject({
  warp: ColourSchema,
  weft: ColourSchema,
  accent: ColourSchema.nullable(),
  colouring: z.enum(COLOURINGS),
})

export type ClothLook = z.infer<typeof LookSchema>
