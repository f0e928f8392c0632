import { type Outline, type Point } from '../../shapes/polygon'
import { flatArc, flatQuadratic } from '../flatten'
import { plainFound, type FoundPiece } from '../types'

/** A curve that is drawn from measures only is no truer than this, mm. */
const ABOUT_MM = 1

export { rectangle } from '../../shapes/polygon'

/** Standing on its longer side, the other in the middle above it. */
export function trapezium(bottom: number, top: number, length: number): Point[] {
  const widest = Math.max(bottom, top)
  const [low, high] = [(widest - bottom) / 2, (widest - top) / 2]
  return [
    [low, 0],
    [low + bottom, 0],
    [high + top, length],
    [high, length],
  ]
}

/** Part of a ring about the origin, from one angle to another. radii mm, degrees */
export function ring(inner: number, outer: number, from: number, to: number): Point[] {
  const [start, turn] = [(from * Math.PI) / 180, ((to - from) * Math.PI) / 180]
  const at = (radius: number, angle: number): Point => [radius * Math.cos(angle), radius * Math.sin(angle)]
  const outside = [at(outer, start), ...flatArc([0, 0], outer, start, turn, ABOUT_MM)]
  const inside =
    inner > 0
      ? [at(inner, start + turn), ...flatArc([0, 0], inner, start + turn, -turn, ABOUT_MM)]
      : [[0, 0] as const]
  return [...outside, ...inside]
}

export function disc(radius: number): Point[] {
  return flatArc([radius, radius], radius, 0, 2 * Math.PI, ABOUT_MM)
}

/** A curve between two corners, pulled towards a third. */
export function curve(from: Point, by: Point, to: Point): Point[] {
  return flatQuadratic(from, by, to, ABOUT_MM)
}

export function piece(name: string, outline: Outline, rest: Partial<FoundPiece> = {}): FoundPiece {
  const snapped = outline.map(([x, y]): Point => [Math.round(x * 100) / 100, Math.round(y * 100) / 100])
  return { ...plainFound(name, snapped), ...rest }
}
