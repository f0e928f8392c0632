import {
  areaOf,
  boxOf,
  isSimple,
  mirrorPolygon,
  movePolygon,
  turnPolygon,
  withoutRepeats,
  type Outline,
  type Point,
} from '../shapes/polygon'
import { toEdge } from './distance'
import { MOST_CORNERS, type FoundPiece, type PieceMark } from './types'
import { itemAt } from '../lists/items'

/** Corners that lie no nearer to one another than this are two, mm. */
const SAME = 0.05
/** Smaller than this is a mark, no piece, mm². */
const MARK = 400

/** What was drawn of a piece, as it was found. */
export interface Drawn {
  name: string
  outline: Outline
  notches: readonly Point[]
  /** Lines inside it, and holes to be marked through. */
  lines?: readonly Outline[]
  drilled?: readonly Point[]
  grain?: readonly [Point, Point]
  fold?: readonly [Point, Point]
  count: number
  pair: boolean
  size: string
}

/**
 * A piece as it is kept: its fold upright on x = 0 and the piece to its right, or its lower left corner at the origin;
 * few enough corners. In words where it cannot be cut out.
 */
export function settleOutlines(drawn: Drawn): FoundPiece | string {
  const outline = withFewCorners(withoutRepeats(drawn.outline, SAME))
  if (outline.length < 3 || areaOf(outline) < MARK) return `${drawn.name}: too small to be a piece`
  if (!isSimple(outline)) return `${drawn.name}: its outline crosses itself`
  const grainDeg = drawn.grain ? directionOf(drawn.grain) : 90
  const place = drawn.fold ? onFold(drawn.fold, outline) : toCorner(outline)
  const laid = place.of(outline)
  const isOnFold = drawn.fold !== undefined && laid.filter(([x]) => Math.abs(x) < SAME * 2).length >= 2
  return {
    name: drawn.name,
    outline: laid.map(([x, y]) => [isOnFold && Math.abs(x) < SAME * 2 ? 0 : rounded(x), rounded(y)]),
    notches: place.of(drawn.notches).map(([x, y], i) => ({ id: String(i + 1), at: [rounded(x), rounded(y)] })),
    marks: marksOf(drawn, place).slice(0, MOST_MARKS),
    warpDeg: rounded(upwards(place.turn(grainDeg))),
    onFold: isOnFold,
    count: isOnFold ? Math.max(1, drawn.count) : drawn.count,
    pair: !isOnFold && drawn.pair && drawn.count % 2 === 0,
    size: drawn.size,
  }
}

/** More marks, and more corners of one, say nothing to a pair of shears. */
const [MOST_MARKS, MOST_OF_ONE] = [60, 60]
/** A dart’s feet stand on the cut line or on the seam inside it, mm. */
const FOOT = 25

/** A V with both feet near the edge is a dart; other lines stay lines. */
function marksOf({ outline, lines = [], drilled = [] }: Drawn, place: Move): PieceMark[] {
  const near = (at: Point) => toEdge(at, outline) <= FOOT
  const marks = lines.map((line): PieceMark => {
    const isDart = line.length === 3 && near(itemAt(line, 0)) && near(itemAt(line, 2)) && !near(itemAt(line, 1))
    return { is: isDart ? 'dart' : 'line', points: line.slice(0, MOST_OF_ONE) }
  })
  const holes = drilled.map((at): PieceMark => ({ is: 'drill', points: [at] }))
  return [...marks, ...holes].map(({ is, points }) => ({
    is,
    points: place.of(points).map(([x, y]): Point => [rounded(x), rounded(y)]),
  }))
}

const rounded = (value: number) => Math.round(value * 1000) / 1000

/** A grain line runs both ways: the one that points up. */
function upwards(degrees: number): number {
  const whole = ((degrees % 180) + 180) % 180
  return whole === 0 ? 0 : whole
}

function directionOf([from, to]: readonly [Point, Point]): number {
  return (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI
}

interface Move {
  of: (points: Outline) => Point[]
  turn: (degrees: number) => number
}

function toCorner(outline: Outline): Move {
  const { minX, minY } = boxOf(outline)
  return { of: (points) => movePolygon(points, -minX, -minY), turn: (degrees) => degrees }
}

function onFold(fold: readonly [Point, Point], outline: Outline): Move {
  const by = 90 - directionOf(fold)
  const spun = turnPolygon(outline, by)
  const [[foldX]] = turnPolygon([fold[0]], by) as [Point]
  const { minX, minY, maxX } = boxOf(spun)
  const isLeft = maxX - foldX < foldX - minX
  const lay = (points: Outline) => movePolygon(turnPolygon(points, by), -foldX, -minY)
  return {
    of: (points) => (isLeft ? mirrorPolygon(lay(points)).reverse() : lay(points)),
    turn: (degrees) => (isLeft ? 180 - (degrees + by) : degrees + by),
  }
}

/** Corners that turn least are left out, until there are few enough. */
function withFewCorners(outline: Outline): Point[] {
  let kept = [...outline]
  while (kept.length > MOST_CORNERS) {
    const every = Math.ceil(kept.length / (kept.length - MOST_CORNERS))
    const bends = kept.map((at, i) =>
      bend(itemAt(kept, (i + kept.length - 1) % kept.length), at, itemAt(kept, (i + 1) % kept.length)),
    )
    const limit = itemAt(
      [...bends].sort((a, b) => a - b),
      Math.floor(kept.length / every),
    )
    const before = kept.length
    // No two beside one another go in one round: what is between them would be lost.
    kept = kept.filter((_, i) => i % 2 === 0 || itemAt(bends, i) > limit)
    if (kept.length === before) kept = kept.filter((_, i) => i % 2 === 0)
  }
  return kept
}

/** mm by which a corner lies beside the line between its neighbours */
function bend(before: Point, at: Point, after: Point): number {
  const length = Math.hypot(after[0] - before[0], after[1] - before[1])
  const cross = (at[0] - before[0]) * (after[1] - before[1]) - (at[1] - before[1]) * (after[0] - before[0])
  return length === 0 ? Infinity : Math.abs(cross) / length
}
