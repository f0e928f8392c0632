import { type Outline, type Point } from '../shapes/polygon'
import { itemAt } from '../lists/items'

/** From a point to a stretch, mm. */
function distance([x, y]: Point, a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
  const along = dx === 0 && dy === 0 ? 0 : ((x - a[0]) * dx + (y - a[1]) * dy) / (dx * dx + dy * dy)
  const t = Math.min(1, Math.max(0, along))
  return Math.hypot(x - a[0] - t * dx, y - a[1] - t * dy)
}

/** From a point to the nearest place of an outline, mm. */
export function toEdge(at: Point, outline: Outline): number {
  return Math.min(...outline.map((a, i) => distance(at, a, itemAt(outline, (i + 1) % outline.length))))
}
