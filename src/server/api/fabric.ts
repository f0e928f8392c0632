import { z } from 'zod'
import { BodySchema, OpacitySchema } from '../../core/notebook/schemas/cloth'
import { FibreIdSchema } from '../../core/notebook/schemas/observation'
import { listOf, optionalText } from '../../core/notebook/schemas/text'
import { GsmSchema } from '../../core/notebook/schemas/weighing'
import { COLOURED_HOWS, CONSTRUCTIONS, HANDLINGS } from '../../core/vocabulary/cloth'
import { FIBRE_IDS } from '../../core/vocabulary/fibres'
import { SHARES } from '../../core/vocabulary/shares'

const stretch = z.number().min(0).max(300)
/** Cloth grows a little in the wash, too. */
const shrink = z.number().min(-20).max(60)

/** Edge to edge, mm: from a ribbon to a wide backing cloth. */
export const WidthSchema = z.number().min(5).max(10_000)
/** mm: up to a whole bolt. */
export const FabricLengthSchema = z.number().min(0).max(1_000_000)
export const ShrinkSchema = z.strictObject({ length: shrink.optional(), width: shrink.optional() })

/** A colour of a screen. */
export const HexSchema = z.string().regex(/^#[0-9a-f]{6}$/i, 'a colour is # and six figures, like #a03c28')

/** A fibre by its id, or with its share. */
export const SharedFibreSchema = z.union([
  FibreIdSchema,
  z.strictObject({ fibre: FibreIdSchema, share: z.enum(SHARES) }),
])

/** A cloth as somebody describes it; the same shape wherever one is asked for. */
export const FabricSchema = z.strictObject({
  called: optionalText(200).optional(),
  gsm: GsmSchema.optional(),
  fibres: listOf(SharedFibreSchema, FIBRE_IDS.length).optional(),
  construction: z.enum(CONSTRUCTIONS).optional(),
  stretchPercent: z.strictObject({ length: stretch.optional(), width: stretch.optional() }).optional(),
  body: BodySchema.optional(),
  opacity: OpacitySchema.optional(),
  washed: z.boolean().optional(),
  widthMm: WidthSchema.optional(),
  lengthMm: FabricLengthSchema.optional(),
  shrinkPercent: ShrinkSchema.optional(),
  nap: z.boolean().optional(),
  recoveryPercent: z.number().min(0).max(100).optional(),
  coloured: z.enum(COLOURED_HOWS).optional(),
  repeatMm: z.number().min(0).max(3000).optional(),
  handling: listOf(z.enum(HANDLINGS), HANDLINGS.length).optional(),
  colour: HexSchema.optional(),
})
