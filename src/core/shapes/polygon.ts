/** A place on the cloth or in a drawing, mm: [across, along]. */
export type Point = readonly [number, number]
/** A closed line of at least three corners; the last is joined to the first. */
export type Outline = readonly Point[]

/** The smallest upright rectangle about an outline, mm. */
export interface Box {
  minX: number
  minY: number
  maxX: number
  maxY: number
}

/** mm², positive where the outline runs anticlockwise (the surveyor’s formula). */
export function signedArea(outline: Outline): number {
  let twice = 0
  for (let i = 0; i < outline.length; i++) {
    const [ax, ay] = outline[i]!
    const [bx, by] = outline[(i + 1) % outline.length]!
    twice += ax * by - bx * ay
  }
  return twice / 2
}

/** mm² */
export function areaOf(outline: Outline): number {
  return Math.abs(signedArea(outline))
}

export function boxOf(outline: Outline): Box {
  const box = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity }
  for (const [x, y] of outline) {
    box.minX = Math.min(box.minX, x)
    box.minY = Math.min(box.minY, y)
    box.maxX = Math.max(box.maxX, x)
    box.maxY = Math.max(box.maxY, y)
  }
  return box
}

/** mm round the outline */
export function girthOf(outline: Outline): number {
  return outline.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = outline[(i + 1) % outline.length]!
    return sum + Math.hypot(nextX - x, nextY - y)
  }, 0)
}

/** Turned anticlockwise about the origin. @param degrees right angles are turned exactly */
export function turnPolygon(outline: Outline, degrees: number): Point[] {
  const [sin, cos] = sinCos(degrees)
  return outline.map(([x, y]) => [x * cos - y * sin, x * sin + y * cos])
}

/** [sine, cosine] of none, one, two, three right angles. */
const RIGHT_ANGLES: readonly (readonly [number, number])[] = [
  [0, 1],
  [1, 0],
  [0, -1],
  [-1, 0],
]

/** [sine, cosine] of an angle in degrees, exact at right angles. */
function sinCos(degrees: number): readonly [number, number] {
  const whole = ((degrees % 360) + 360) % 360
  if (whole % 90 === 0) return RIGHT_ANGLES[whole / 90]!
  const angle = (whole * Math.PI) / 180
  return [Math.sin(angle), Math.cos(angle)]
}

export function movePolygon(outline: Outline, dx: number, dy: number): Point[] {
  return outline.map(([x, y]) => [x + dx, y + dy])
}

/** Turned over left to right: its other face up. Keeps running the same way round. */
export function mirrorPolygon(outline: Outline): Point[] {
  return outline.map(([x, y]): Point => [-x, y]).reverse()
}

/** An upright rectangle with a corner at the origin. mm across by along */
export function rectangle(width: number, length: number): Point[] {
  return boxOutline({ minX: 0, minY: 0, maxX: width, maxY: length })
}

/** A box as an outline. */
export function boxOutline({ minX, minY, maxX, maxY }: Box): Point[] {
  return [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ]
}

/** The outline running anticlockwise. */
export function anticlockwise(outline: Outline): Point[] {
  return signedArea(outline) < 0 ? [...outline].reverse() : [...outline]
}

/** The outline without corners that lie no further than so from the one before. @param within mm */
export function withoutRepeats(outline: Outline, within = 0): Point[] {
  if (outline.length === 1) return [...outline]
  return outline.filter(([x, y], i) => {
    const [lastX, lastY] = outline[(i + outline.length - 1) % outline.length]!
    return Math.hypot(x - lastX, y - lastY) > within
  })
}

/** Where a line across outlines meets their sides, unsorted: along x at this y, or along y at this x. mm */
export function crossingsAt(outlines: readonly Outline[], along: 'x' | 'y', at: number): number[] {
  const [own, other] = along === 'x' ? [0, 1] : [1, 0]
  return outlines.flatMap((outline) =>
    outline.flatMap((from, i) => {
      const to = outline[(i + 1) % outline.length]!
      const [a, b] = [from[other]!, to[other]!]
      return a > at === b > at ? [] : [from[own]! + ((at - a) * (to[own]! - from[own]!)) / (b - a)]
    }),
  )
}

/** Whether a point lies inside an outline: a line from it to one side meets an odd number of sides. */
export function isWithin([x, y]: Point, outline: Outline): boolean {
  return crossingsAt([outline], 'x', y).filter((at) => x < at).length % 2 === 1
}

/** The outline running anticlockwise, without corners that repeat the one before or lie on a straight line. */
export function tidyOutline(outline: Outline, tolerance = 1e-6): Point[] {
  const apart = withoutRepeats(anticlockwise(outline), tolerance)
  return apart.filter((at, i) => {
    const before = apart[(i + apart.length - 1) % apart.length]!
    const after = apart[(i + 1) % apart.length]!
    const cross = (at[0] - before[0]) * (after[1] - at[1]) - (at[1] - before[1]) * (after[0] - at[0])
    const length = Math.hypot(after[0] - before[0], after[1] - before[1])
    return Math.abs(cross) > tolerance * Math.max(length, 1)
  })
}

/** The band that would be stretched about points (their convex hull, by Andrew’s monotone chain), anticlockwise. */
export function hullOf(points: Outline): Point[] {
  const sorted = [...points].sort(([ax, ay], [bx, by]) => ax - bx || ay - by)
  const chain = (list: Outline) => {
    const kept: Point[] = []
    for (const at of list) {
      while (kept.length > 1 && turnAt(kept.at(-2)!, kept.at(-1)!, at) <= 0) kept.pop()
      kept.push(at)
    }
    return kept.slice(0, -1)
  }
  return [...chain(sorted), ...chain([...sorted].reverse())]
}

function turnAt(a: Point, b: Point, c: Point): number {
  return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])
}

/** Whether no side of the outline crosses or touches another but at the corner that they share. */
export function isSimple(outline: Outline): boolean {
  const n = outline.length
  for (let i = 0; i < n; i++) {
    const [a, b] = [outline[i]!, outline[(i + 1) % n]!]
    for (let j = i + 1; j < n; j++) {
      const [c, d] = [outline[j]!, outline[(j + 1) % n]!]
      const isNext = j === i + 1 || (i === 0 && j === n - 1)
      if (isNext ? foldsBack(a, b, c, d) : meets(a, b, c, d)) return false
    }
  }
  return true
}

/** Whether two sides that share a corner lie over one another. */
function foldsBack(a: Point, b: Point, c: Point, d: Point): boolean {
  const [corner, one, other] = same(b, c) ? [b, a, d] : [a, b, c]
  const [px, py] = [one[0] - corner[0], one[1] - corner[1]]
  const [qx, qy] = [other[0] - corner[0], other[1] - corner[1]]
  return px * qy - py * qx === 0 && px * qx + py * qy > 0
}

const same = (a: Point, b: Point) => a[0] === b[0] && a[1] === b[1]

/** Whether two stretches have a point in common. */
function meets(a: Point, b: Point, c: Point, d: Point): boolean {
  const [one, two] = [side(a, b, c), side(a, b, d)]
  const [three, four] = [side(c, d, a), side(c, d, b)]
  if (one * two < 0 && three * four < 0) return true
  return (
    (one === 0 && within(a, b, c)) ||
    (two === 0 && within(a, b, d)) ||
    (three === 0 && within(c, d, a)) ||
    (four === 0 && within(c, d, b))
  )
}

function side(a: Point, b: Point, p: Point): number {
  return Math.sign((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]))
}

function within(a: Point, b: Point, p: Point): boolean {
  return (
    Math.min(a[0], b[0]) <= p[0] &&
    p[0] <= Math.max(a[0], b[0]) &&
    Math.min(a[1], b[1]) <= p[1] &&
    p[1] <= Math.max(a[1], b[1])
  )
}
