import { type Outline, type Point } from '../shapes/polygon'
import { type MarkKind } from '../vocabulary/laying'

/** What is marked on a piece beside its notches. mm */
export interface PieceMark {
  is: MarkKind
  points: Point[]
}

/** A piece of a pattern as a file or a set of measures has it. mm, y along the grain where it is known. */
export interface FoundPiece {
  name: string
  /** Seam allowances included. */
  outline: Point[]
  notches: { id: string; at: Point }[]
  /** What is marked on it beside the notches. */
  marks: PieceMark[]
  /** Direction of the grain line, degrees anticlockwise from x. */
  warpDeg: number
  /** Its edge on x = 0 lies on a fold. */
  onFold: boolean
  count: number
  pair: boolean
  size: string
}

/** What was found in a file, and in words what was not understood. */
export interface FoundOutlines {
  pieces: FoundPiece[]
  notRead: string[]
}

/** The file is none of its kind, or holds nothing that could be cut. */
export class NoOutlines extends Error {}

/** More pieces than this are not read from one file, and more corners not kept of one. */
export const MOST_FOUND = 200
export const MOST_CORNERS = 400

export function plainFound(name: string, outline: Outline): FoundPiece {
  return {
    name,
    outline: [...outline],
    notches: [],
    marks: [],
    warpDeg: 90,
    onFold: false,
    count: 1,
    pair: false,
    size: '',
  }
}
