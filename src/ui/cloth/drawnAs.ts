import { type ClothLook } from '@/core/notebook/schemas/cloth'
import { type Interlacing } from '@/core/vocabulary/cloth'
import { type TileSpec } from './tileUrl'

/** Interlacings whose long floats catch the light. */
const BRIGHT = new Set<Interlacing>(['satin', 'sateen'])

/** How cloth of that weave is drawn in those colours. */
export function drawnAs(weave: Interlacing, { warp, weft, accent, colouring }: ClothLook): TileSpec {
  return { weave, warp, weft, accent: accent ?? undefined, colouring, sheen: BRIGHT.has(weave) ? 0.75 : 0.3 }
}
