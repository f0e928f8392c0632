import { type ClothLook } from '@/core/notebook/schemas/cloth'
import { type Interlacing } from '@/core/vocabulary/cloth'

/** Everything that a drawn tile of cloth depends on; travels as the query of its address. Colours are `#rrggbb`. */
export interface TileSpec {
  weave: Interlacing
  warp: string
  weft: string
  accent?: string
  colouring: ClothLook['colouring']
  /** How much the yarn shines, 0 to 1. */
  sheen: number
  /** What of it is seen; its face where nothing is said. */
  side?: ClothSide
  /** How much light comes between its yarns, 0 to 1; for the light side. */
  open?: number
}

export type ClothSide = 'face' | 'back' | 'light'

// Only types are imported here: a page that shows cloth loads no schema and no catalogue for it.

/** The address of a tile's picture. */
export function tileUrl({ weave, warp, weft, accent, colouring, sheen, side = 'face', open }: TileSpec): string {
  const query = new URLSearchParams({
    weave,
    warp: warp.slice(1),
    weft: weft.slice(1),
    colouring,
    sheen: String(sheen),
  })
  if (side !== 'face') query.set('side', side)
  if (side === 'light' && open !== undefined) query.set('open', String(open))
  if (accent) query.set('accent', accent.slice(1))
  return `/cloth.svg?${query.toString()}`
}
