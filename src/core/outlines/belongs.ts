import { areaOf, boxOf, isWithin, type Box, type Outline, type Point } from '../shapes/polygon'
import { type Drawn } from './settleOutlines'
import { toEdge } from './distance'
import { itemAt, lastOf, mustHave } from '../lists/items'

/** A line of a drawing that is no piece by itself, and what it or its layer is called. */
export interface Loose {
  label: string
  points: Outline
}

/** A closed line smaller than this is a hole to be marked through, mm². */
export const HOLE = 400
/** So short a stroke that begins on the cut line is a notch, mm. */
const NOTCH = 20
/** More lines than these are a drawing, no pattern: the rest is not looked at. */
const MOST_LINES = 2000
/** An end so near to the cut line lies on it, mm. */
const ON = 1
/** Lines whose names say what they are, in the words of those who draw patterns. */
const GRAIN = /grain|warp|lengthwise/i
const FOLD = /\bfold\b/i

/**
 * Pieces with all that is drawn on them: an open line belongs to the smallest piece that it lies on. What is called a
 * grain line or a fold is one; a short stroke from the cut line is a notch; a small closed line is a drill hole; any
 * other is a mark.
 */
export function withMarks(pieces: readonly Drawn[], loose: readonly Loose[]): Drawn[] {
  const bySize = [...pieces]
    .sort((a, b) => areaOf(a.outline) - areaOf(b.outline))
    .map((piece) => ({ piece, box: boxOf(piece.outline) }))
  const owned = new Map(pieces.map((piece): [Drawn, Loose[]] => [piece, []]))
  for (const line of loose.slice(0, MOST_LINES)) {
    const box = boxOf(line.points)
    const owner = bySize.find((one) => isIn(box, one.box) && liesOn(line.points, one.piece.outline))
    if (owner) mustHave(owned.get(owner.piece)).push(line)
  }
  return pieces.map((piece) => withOwn(piece, mustHave(owned.get(piece))))
}

function withOwn(piece: Drawn, own: readonly Loose[]): Drawn {
  const grain = own.find(({ label, points }) => GRAIN.test(label) && points.length >= 2)
  const fold = own.find(({ label, points }) => FOLD.test(label) && points.length >= 2)
  const rest = own.filter((line) => line !== grain && line !== fold)
  const notches: Point[] = []
  const drilled: Point[] = []
  const lines: Outline[] = []
  for (const { points } of rest) {
    const notch = notchOf(points, piece.outline)
    if (notch) notches.push(notch)
    else if (isHole(points)) drilled.push(middleOf(points))
    else if (points.length >= 2) lines.push(points)
  }
  return {
    ...piece,
    notches: [...piece.notches, ...notches],
    lines,
    drilled,
    ...(grain && { grain: endsOf(grain.points) }),
    ...(fold && { fold: endsOf(fold.points) }),
  }
}

const endsOf = (points: Outline): [Point, Point] => [itemAt(points, 0), lastOf(points)]
const isClosed = (points: Outline) => points.length > 3 && lengthOf([itemAt(points, 0), lastOf(points)]) < 1e-9
const isHole = (points: Outline) => isClosed(points) && areaOf(points) < HOLE

function middleOf(points: Outline): Point {
  const { minX, maxX, minY, maxY } = boxOf(points)
  return [(minX + maxX) / 2, (minY + maxY) / 2]
}

const isIn = (inner: Box, outer: Box) =>
  inner.minX >= outer.minX - ON &&
  inner.maxX <= outer.maxX + ON &&
  inner.minY >= outer.minY - ON &&
  inner.maxY <= outer.maxY + ON

function liesOn(points: Outline, outline: Outline): boolean {
  return points.every((at) => isWithin(at, outline) || toEdge(at, outline) <= ON)
}

/** Where a short stroke leaves the cut line; undefined where it does not, or runs along it. */
function notchOf(points: Outline, outline: Outline): Point | undefined {
  if (isClosed(points) || points.length < 2 || lengthOf(points) > NOTCH) return undefined
  const on = endsOf(points).filter((end) => toEdge(end, outline) <= ON)
  return on.length === 1 ? on[0] : undefined
}

function lengthOf(points: Outline): number {
  return points
    .slice(1)
    .reduce((sum, [x, y], i) => sum + Math.hypot(x - itemAt(points, i)[0], y - itemAt(points, i)[1]), 0)
}
