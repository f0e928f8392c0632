import { type Point } from '../shapes/polygon'

/** How far a straight stretch may lie from the curve that it stands for, mm. */
export const FLAT_MM = 0.2
/** Halvings after which a curve is straight enough, whatever it does. */
const DEEPEST = 12
/** No curve is drawn finer than this share of its own size: a circle as large as the sea has no more corners. */
const FINEST = 1e-5

/** How far stretches may lie from a curve of that size: as asked, and no finer than makes sense. */
export const boundedTolerance = (tolerance: number, size: number) => Math.max(tolerance, size * FINEST)

/**
 * A cubic curve (Bézier) as straight stretches, halved until its handles lie within the tolerance of the chord.
 * @returns its points without the first
 */
export function flatCubic(from: Point, one: Point, two: Point, to: Point, tolerance = FLAT_MM): Point[] {
  const size = Math.max(...[one, two, to].map(([x, y]) => Math.hypot(x - from[0], y - from[1])))
  return Number.isFinite(size) ? halved([from, one, two, to], boundedTolerance(tolerance, size), 0) : [to]
}

function halved(
  [from, one, two, to]: readonly [Point, Point, Point, Point],
  tolerance: number,
  depth: number,
): Point[] {
  if (depth >= DEEPEST || (offChord(one, from, to) + offChord(two, from, to)) * 0.75 <= tolerance) return [to]
  const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
  const [a, b, c] = [middle(from, one), middle(one, two), middle(two, to)]
  const [d, e] = [middle(a, b), middle(b, c)]
  const half = middle(d, e)
  return [...halved([from, a, d, half], tolerance, depth + 1), ...halved([half, e, c, to], tolerance, depth + 1)]
}

/** A curve of the second degree, as the cubic that it is. */
export function flatQuadratic(from: Point, by: Point, to: Point, tolerance = FLAT_MM): Point[] {
  const towards = (end: Point): Point => [end[0] + ((by[0] - end[0]) * 2) / 3, end[1] + ((by[1] - end[1]) * 2) / 3]
  return flatCubic(from, towards(from), towards(to), to, tolerance)
}

/**
 * Part of a circle as straight stretches.
 * @param from, turn radians, anticlockwise where the turn is positive; @returns its points without the first
 */
export function flatArc(middle: Point, radius: number, from: number, turn: number, tolerance = FLAT_MM): Point[] {
  if (!Number.isFinite(radius + turn)) return []
  const near = boundedTolerance(tolerance, radius)
  const most = 2 * Math.acos(Math.max(0.5, 1 - near / Math.max(radius, near)))
  const steps = Math.max(1, Math.ceil(Math.abs(turn) / most))
  return Array.from({ length: steps }, (_, i) => {
    const angle = from + (turn * (i + 1)) / steps
    return [middle[0] + radius * Math.cos(angle), middle[1] + radius * Math.sin(angle)]
  })
}

/** The stretch from one point to another that bulges: the tangent of a quarter of its arc, as DXF has it. */
export function flatBulge(from: Point, to: Point, bulge: number, tolerance = FLAT_MM): Point[] {
  if (Math.abs(bulge) < 1e-9) return [to]
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const chord = Math.hypot(dx, dy)
  if (chord === 0) return [to]
  const turn = 4 * Math.atan(bulge)
  const radius = chord / (2 * Math.sin(Math.abs(turn) / 2))
  const rise = (chord / 2) * ((1 - bulge * bulge) / (2 * bulge))
  const middle: Point = [(from[0] + to[0]) / 2 - (dy / chord) * rise, (from[1] + to[1]) / 2 + (dx / chord) * rise]
  const points = flatArc(middle, radius, Math.atan2(from[1] - middle[1], from[0] - middle[0]), turn, tolerance)
  return [...points.slice(0, -1), to]
}

/** How far a point lies from a chord; from its ends where it lies beyond them. */
function offChord(at: Point, from: Point, to: Point): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const squared = dx * dx + dy * dy
  const along = squared === 0 ? 0 : ((at[0] - from[0]) * dx + (at[1] - from[1]) * dy) / squared
  const on = Math.min(1, Math.max(0, along))
  return Math.hypot(at[0] - from[0] - on * dx, at[1] - from[1] - on * dy)
}
