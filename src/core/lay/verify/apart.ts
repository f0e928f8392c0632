import { boxOf, type Outline, type Point } from '../../shapes/polygon'
import { itemAt } from '../../lists/items'

/** Least distance between the sides of two outlines, mm; 0 where any of them meet. */
export function distanceBetween(one: Outline, other: Outline): number {
  let least = Infinity
  for (let i = 0; i < one.length; i++) {
    const [a, b] = [itemAt(one, i), itemAt(one, (i + 1) % one.length)]
    for (let j = 0; j < other.length; j++) {
      const [c, d] = [itemAt(other, j), itemAt(other, (j + 1) % other.length)]
      if (boxDistance(a, b, c, d) >= least) continue
      least = Math.min(least, sideDistance(a, b, c, d))
      if (least === 0) return 0
    }
  }
  return least
}

/** Whether the boxes about two outlines come nearer than so. @param within mm; below 0: overlap by more than that */
export function areBoxesNear(one: Outline, other: Outline, within: number): boolean {
  const [a, b] = [boxOf(one), boxOf(other)]
  return a.minX < b.maxX + within && b.minX < a.maxX + within && a.minY < b.maxY + within && b.minY < a.maxY + within
}

function boxDistance(a: Point, b: Point, c: Point, d: Point): number {
  const gap = (axis: 0 | 1) =>
    Math.max(
      Math.min(a[axis], b[axis]) - Math.max(c[axis], d[axis]),
      Math.min(c[axis], d[axis]) - Math.max(a[axis], b[axis]),
      0,
    )
  return Math.hypot(gap(0), gap(1))
}

function sideDistance(a: Point, b: Point, c: Point, d: Point): number {
  if (crosses(a, b, c, d)) return 0
  return Math.min(toSide(a, c, d), toSide(b, c, d), toSide(c, a, b), toSide(d, a, b))
}

function crosses(a: Point, b: Point, c: Point, d: Point): boolean {
  const turn = (p: Point, q: Point, r: Point) => (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0])
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0
}

function toSide([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay]
  const squared = dx * dx + dy * dy
  const along = squared > 0 ? Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / squared)) : 0
  return Math.hypot(x - ax - along * dx, y - ay - along * dy)
}
