import { ramerDouglasPeuckerD } from 'clipper2-ts'
import { type Outline, type Point } from '../shapes/polygon'
import { itemAt } from '../lists/items'

/** How much further it may leave the edge at each attempt. */
const FURTHER = 1.25
/** Most points that a kept outline has; the edge is simplified further until it has no more. */
const MOST_POINTS = 120

/**
 * An edge with only the points that its shape needs (Douglas & Peucker, 1973): two ends far apart stay, and of each
 * half between them what leaves the straight line by too much.
 * @param within how far the outline may leave the edge, in the edge's own unit; further where it has too many points
 */
export function simplifyOutline(edge: Outline, within: number, mostPoints = MOST_POINTS): Point[] {
  const start = farthest(edge, itemAt(edge, 0))
  const ring = [...edge.slice(start), ...edge.slice(0, start), itemAt(edge, start)]
  const middle = farthest(ring, itemAt(ring, 0))
  let reach = within
  for (;;) {
    const kept = [ring.slice(0, middle + 1), ring.slice(middle)].flatMap((half) => thinned(half, reach).slice(0, -1))
    if (kept.length <= mostPoints) return kept
    reach *= FURTHER
  }
}

function farthest(points: Outline, [x, y]: Point): number {
  const offs = points.map(([px, py]) => Math.hypot(px - x, py - y))
  return offs.reduce((best, off, i) => (off > itemAt(offs, best) ? i : best), 0)
}

function thinned(path: Outline, reach: number): Point[] {
  return ramerDouglasPeuckerD(
    path.map(([x, y]) => ({ x, y })),
    reach,
  ).map(({ x, y }) => [x, y])
}
