import { z } from 'zod'
import { clothCalled } from '@/core/cloths/catalogue'
import { drafts } from '@/core/weave/drafts'
import { type Interlacing, COLOURINGS } from '@/core/vocabulary/cloth'
import { type Look } from '@/core/notebook/schemas/cloth'
import { type Piece } from '@/core/notebook/kinds/piece'
import { type TileSpec } from './tileUrl'

const INTERLACINGS = [...Object.keys(drafts), 'jersey', 'rib-knit', 'felt', 'mesh'] as unknown as [
  Interlacing,
  ...Interlacing[],
]
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
})

const BY_CONSTRUCTION = { woven: 'plain', knit: 'jersey', felted: 'felt', net: 'mesh' } as const

/** Interlacings whose long floats catch the light. */
const BRIGHT = new Set<Interlacing>(['satin', 'sateen'])

/** How a piece is drawn: its weave from what it is called, else from how it is made, else plain. */
export function tileOf({ called, construction, look }: Pick<Piece, 'called' | 'construction' | 'look'>): TileSpec {
  const weave = clothCalled(called)?.interlacing ?? BY_CONSTRUCTION[construction ?? 'woven']
  return { weave, ...lookParts(look), sheen: BRIGHT.has(weave) ? 0.75 : 0.3 }
}

function lookParts({ warp, weft, accent, colouring }: Look) {
  return { warp, weft, accent: accent ?? undefined, colouring }
}
