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
  unit: UnitRead
}

/** mm in a unit of a drawing. */
export const UNIT_MM = {
  mm: 1,
  cm: 10,
  dm: 100,
  m: 1000,
  in: 25.4,
  ft: 304.8,
  yd: 914.4,
  pt: 25.4 / 72,
  px: 25.4 / 96,
}
export type UnitId = keyof typeof UNIT_MM

/** Units that a person can say a file is drawn in. */
export const ASKED_UNITS = ['mm', 'cm', 'in', 'pt'] as const satisfies readonly UnitId[]

/** The unit that a file was read in, and who said so. */
export interface UnitRead {
  is: UnitId
  by: 'header' | 'words' | 'asked' | 'assumed' | 'square'
}

/** The file is none of its kind, or holds nothing that could be cut. */
export class NoOutlines extends Error {
  constructor(
    message: string,
    /** What the person is asked for. */
    readonly asks?: 'unit',
  ) {
    super(message)
  }
}

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

/** Points of one line, and of a whole drawing: more is no pattern, but a picture or a mistake. */
export const MOST_POINTS_OF_ONE = 60_000
export const MOST_POINTS = 400_000

/** @throws NoOutlines where a drawing has more points than are read */
export function boundPoints(ofOne: number, ofAll: number): void {
  if (ofOne > MOST_POINTS_OF_ONE || ofAll > MOST_POINTS)
    throw new NoOutlines(
      'This drawing has too many points for a pattern. Save only the pieces, or simplify its lines.',
    )
}
