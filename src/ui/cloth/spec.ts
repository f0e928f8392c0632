import { clothCalled } from '@/core/cloths/catalogue'
import { type Piece } from '@/core/notebook/kinds/piece'
import { type Interlacing } from '@/core/vocabulary/cloth'
import { drawnAs } from './drawnAs'
import { type TileSpec } from './tileUrl'

const BY_CONSTRUCTION = { woven: 'plain', knit: 'jersey', felted: 'felt', net: 'mesh' } as const

/** The weave of a piece: from what it is called, else from how it is made, else plain. */
export function weaveOf({ called, construction }: Pick<Piece, 'called' | 'construction'>): Interlacing {
  return clothCalled(called)?.interlacing ?? BY_CONSTRUCTION[construction ?? 'woven']
}

/** How a piece is drawn. */
export function tileOf(piece: Pick<Piece, 'called' | 'construction' | 'look'>): TileSpec {
  return drawnAs(weaveOf(piece), piece.look)
}
