import { type Piece } from '@/core/notebook/kinds/piece'

/** A piece as it is sent: tags that were only begun are left out. */
export function cleanPiece(piece: Piece): Piece {
  return { ...piece, tags: [...new Set(piece.tags.map((tag) => tag.trim()).filter(Boolean))] }
}
