/** A point on the cloth, mm: x across it, y along the warp. */
export type Point = readonly [x: number, y: number]

/** An outline with holes in it, mm. Neither says its first point again at the end. */
export interface Outline {
  points: readonly Point[]
  holes: readonly (readonly Point[])[]
}

/** Area of a polygon, mm² (the surveyor's formula); 0 where it has fewer than three points. */
export function areaOfPolygon(points: readonly Point[]): number {
  let twice = 0
  points.forEach(([x, y], index) => {
    const [nextX, nextY] = points[(index + 1) % points.length]!
    twice += x * nextY - nextX * y
  })
  return Math.abs(twice) / 2
}

/** Area of an outline less its holes, mm². */
export function areaOfOutline({ points, holes }: Outline): number {
  return holes.reduce((area, hole) => area - areaOfPolygon(hole), areaOfPolygon(points))
}

/** The upright rectangle about an outline, mm. */
export function boundsOf({ points }: Pick<Outline, 'points'>): { widthMm: number; lengthMm: number } {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  return { widthMm: Math.max(...xs) - Math.min(...xs), lengthMm: Math.max(...ys) - Math.min(...ys) }
}

/** Whether two sides of a polygon cross; sides that share a corner may touch there. */
export function crossesItself(points: readonly Point[]): boolean {
  const sides = points.map((point, index) => [point, points[(index + 1) % points.length]!] as const)
  return sides.some(([a, b], i) =>
    sides.some(([c, d], j) => {
      const areNeighbours = Math.abs(i - j) <= 1 || Math.abs(i - j) === sides.length - 1
      return j > i && !areNeighbours && cross(a, b, c, d)
    }),
  )
}

function cross(a: Point, b: Point, c: Point, d: Point): boolean {
  const [ofC, ofD] = [sideOf(a, b, c), sideOf(a, b, d)]
  const [ofA, ofB] = [sideOf(c, d, a), sideOf(c, d, b)]
  return ofC * ofD < 0 && ofA * ofB < 0
}

/** Positive to the left of the line from a to b, negative to its right. */
function sideOf([ax, ay]: Point, [bx, by]: Point, [x, y]: Point): number {
  return (bx - ax) * (y - ay) - (by - ay) * (x - ax)
}
