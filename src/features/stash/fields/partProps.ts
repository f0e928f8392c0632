import { type Piece } from '@/core/notebook/kinds/piece'

/** What every part of the form of a piece is given. */
export interface PartProps {
  piece: Piece
  /** What is wrong with a field. */
  error: (key: string) => string | undefined
  set: (change: Partial<Piece>) => void
  /** Whether its part of the form is folded at first. */
  isFolded?: boolean
}
