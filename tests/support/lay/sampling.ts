import { type Outline, type Point } from '@/core/shapes/polygon'

/** A point inside an outline, and how far from its sides. mm */
export interface Sample {
  at: Point
  depth: number
}

/** How far inside the sides samples are taken, mm, and how many across the box about an outline. */
const INSIDE = 0.35
const ACROSS = 12
/** Between two samples along a side, mm. */
const ALONG = 12

// Nothing of the program is used here: points are tried, one after the other.

/** Points inside an outline: a grid of them, and a row along each side just inside it. */
export function samplesOf(outline: Outline): Sample[] {
  const xs = outline.map(([x]) => x)
  const ys = outline.map(([, y]) => y)
  const [minX, maxX, minY, maxY] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const grid = Array.from({ length: ACROSS ** 2 }, (_, i): Point => [
    minX + (((i % ACROSS) + 0.5) / ACROSS) * (maxX - minX),
    minY + ((Math.floor(i / ACROSS) + 0.5) / ACROSS) * (maxY - minY),
  ])
  const beside = outline.flatMap((from, i) => {
    const to = outline[(i + 1) % outline.length]!
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    const steps = Math.max(1, Math.round(length / ALONG))
    return Array.from({ length: steps }, (_, k) => (k + 0.5) / steps).flatMap((share): Point[] => {
      const [x, y] = [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])]
      const [nx, ny] = [((from[1] - to[1]) / length) * INSIDE, ((to[0] - from[0]) / length) * INSIDE]
      return [
        [x + nx, y + ny],
        [x - nx, y - ny],
      ]
    })
  })
  return [...grid, ...beside].flatMap((at) => (isInside(at, outline) ? [{ at, depth: depthIn(at, outline) }] : []))
}

/** How deep two outlines lie in one another at least, mm: a circle as deep lies in both. */
export function sharedDepth(samples: readonly Sample[], other: Outline, by: Point = [0, 0]): number {
  let deepest = 0
  for (const { at, depth } of samples) {
    if (depth <= deepest) continue
    const local: Point = [at[0] - by[0], at[1] - by[1]]
    if (isInside(local, other)) deepest = Math.max(deepest, Math.min(depth, depthIn(local, other)))
  }
  return deepest
}

export function isInside([x, y]: Point, outline: Outline): boolean {
  let winding = 0
  outline.forEach(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!
    if (ay > y !== by > y && x < ax + ((y - ay) * (bx - ax)) / (by - ay)) winding += by > ay ? 1 : -1
  })
  return winding !== 0
}

/** Distance to the nearest side, mm. */
export function depthIn([x, y]: Point, outline: Outline): number {
  return outline.reduce((least, [ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!
    const [dx, dy] = [bx - ax, by - ay]
    const along = Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)))
    return Math.min(least, Math.hypot(x - ax - along * dx, y - ay - along * dy))
  }, Infinity)
}

/** Whether any two sides cross: with none, and neither inside the other, two outlines share nothing. */
export function doSidesCross(one: Outline, other: Outline, by: Point = [0, 0]): boolean {
  const turn = (a: Point, b: Point, c: Point) => (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])
  const moved = other.map(([x, y]): Point => [x + by[0], y + by[1]])
  return one.some((a, i) => {
    const b = one[(i + 1) % one.length]!
    return moved.some((c, j) => {
      const d = moved[(j + 1) % moved.length]!
      return turn(a, b, c) * turn(a, b, d) <= 0 && turn(c, d, a) * turn(c, d, b) <= 0
    })
  })
}
