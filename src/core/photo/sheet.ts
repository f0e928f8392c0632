import { PAPERS, type PaperId } from '../vocabulary/paper'
import { areaOf, signedArea, type Outline, type Point } from '../shapes/polygon'
import { simplifyOutline } from './simplifyOutline'
import { itemAt, mustHave } from '../lists/items'

/** Of a side's length, what is left out at each corner when a line is laid through it. */
const CORNER = 0.08
/** A ring is four-sided when its own area and that of its four sides agree so well. */
const AGREE = 0.03

/**
 * The four corners of a ring that has four straight sides, each where two lines through the sides' points meet.
 * @returns clockwise as seen in the picture, from the one nearest to its top left; undefined where it has other sides
 */
export function fourCorners(ring: Outline): Point[] | undefined {
  const rough = simplifyOutline(ring, 2, 4)
  if (rough.length !== 4 || Math.abs(areaOf(rough) / areaOf(ring) - 1) > AGREE) return undefined
  const lines = rough.map((from, i) => lineThrough(ring, from, itemAt(rough, (i + 1) % 4)))
  if (lines.some((line) => line === undefined)) return undefined
  const corners = lines.map((line, i) => meeting(mustHave(lines[(i + 3) % 4]), mustHave(line)))
  if (Math.abs(areaOf(corners) / areaOf(ring) - 1) > AGREE) return undefined
  return inOrder(corners)
}

interface Line {
  at: Point
  along: Point
}

/** The line with the least squared distance from the ring's points along one side, outliers left out once. */
function lineThrough(ring: Outline, from: Point, to: Point): Line | undefined {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const length = Math.hypot(dx, dy)
  const near = ring.filter(([x, y]) => {
    const along = ((x - from[0]) * dx + (y - from[1]) * dy) / (length * length)
    const off = Math.abs((x - from[0]) * dy - (y - from[1]) * dx) / length
    return along > CORNER && along < 1 - CORNER && off < Math.max(3, length * 0.03)
  })
  if (near.length < 8) return undefined
  const first = through(near)
  const offs = near.map((point) => distance(first, point))
  const usual = itemAt(
    [...offs].sort((a, b) => a - b),
    offs.length >> 1,
  )
  return through(near.filter((_, i) => itemAt(offs, i) <= 3 * usual + 0.05))
}

function through(points: Outline): Line {
  const at: Point = [0, 1].map((c) => points.reduce((sum, p) => sum + itemAt(p, c), 0) / points.length) as [
    number,
    number,
  ]
  let [xx, xy, yy] = [0, 0, 0]
  for (const [x, y] of points) {
    xx += (x - at[0]) ** 2
    xy += (x - at[0]) * (y - at[1])
    yy += (y - at[1]) ** 2
  }
  const angle = Math.atan2(2 * xy, xx - yy) / 2
  return { at, along: [Math.cos(angle), Math.sin(angle)] }
}

const distance = ({ at, along }: Line, [x, y]: Point) => Math.abs((x - at[0]) * along[1] - (y - at[1]) * along[0])

function meeting(a: Line, b: Line): Point {
  const cross = a.along[0] * b.along[1] - a.along[1] * b.along[0]
  const t = ((b.at[0] - a.at[0]) * b.along[1] - (b.at[1] - a.at[1]) * b.along[0]) / cross
  return [a.at[0] + t * a.along[0], a.at[1] + t * a.along[1]]
}

function inOrder(corners: readonly Point[]): Point[] {
  // In a picture y runs downwards: an area that counts positive runs clockwise to the eye.
  const clockwise = signedArea(corners) > 0 ? [...corners] : [...corners].reverse()
  const first = clockwise.reduce(
    (best, [x, y], i) => (x + y < itemAt(clockwise, best)[0] + itemAt(clockwise, best)[1] ? i : best),
    0,
  )
  return [...clockwise.slice(first), ...clockwise.slice(0, first)]
}

/** The first side of four with the one across from it, and the other two. */
export function pairsOfSides(corners: Outline): [one: number, other: number] {
  const [a, b, c, d] = corners.map(([x, y], i) => {
    const next = itemAt(corners, (i + 1) % 4)
    return Math.hypot(next[0] - x, next[1] - y)
  }) as [number, number, number, number]
  return [a + c, b + d]
}

/**
 * Where the four corners lie on the ground, mm, its long side along y and y upwards, in the order that they were given.
 * @param corners clockwise in the picture
 */
export function sheetOnGround(kind: PaperId, corners: Outline): Point[] {
  const { width: short, height: long } = PAPERS[kind]
  const [one, other] = pairsOfSides(corners)
  const isUpright = one < other
  return isUpright
    ? [
        [0, long],
        [short, long],
        [short, 0],
        [0, 0],
      ]
    : [
        [0, 0],
        [0, long],
        [short, long],
        [short, 0],
      ]
}
