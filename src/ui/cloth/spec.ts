import { weaveOf } from '@/core/cloths/weaveOf'
import { type Piece } from '@/core/notebook/kinds/piece'
import { drawnAs } from './drawnAs'
import { type TileSpec } from './tileUrl'

/** How a piece is drawn. */
export function tileOf(piece: Pick<Piece, 'called' | 'construction' | 'look'>): TileSpec {
  return drawnAs(weaveOf(piece), piece.look)
}
