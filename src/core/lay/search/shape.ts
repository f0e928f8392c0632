import { type Edge } from '../border'
import { inflatePolygon, simplifyPolygon } from '../clip'
import {
  areaOf,
  boxOf,
  girthOf,
  hullOf,
  mirrorPolygon,
  tidyOutline,
  turnPolygon,
  type Box,
  type Outline,
  type Point,
} from '../../shapes/polygon'

/** A piece as it may lie: turned over or not, turned by an angle. The search works on it. */
export interface Shape {
  /** Its number among the shapes of one search. */
  index: number
  degrees: number
  isMirrored: boolean
  /** As it is cut, about the drawing's origin. mm */
  outline: readonly Point[]
  box: Box
  /** What it takes, half the gap all round included: simple, anticlockwise. */
  taken: Outline
  /** What it takes without the gap: the cloth’s edge and its flaws may be touched. */
  bare: Outline
  area: number
  /** The edge of the cloth at which its foot lies on a border; null of all other pieces. */
  foot: Edge | null
}

/** More corners than this are thinned before the search, and so many are aimed at. */
const MANY_CORNERS = 16
const FEW_CORNERS = 28
/** How far off the thinned line may lie; the outline is made wider by as much, so that it lies inside. mm */
const THINNED = [0.3, 0.6, 1.2, 2.5] as const
/** Bays narrower than twice this are filled where an outline has too many corners still, mm. */
const BAY = 20
/** An outline that has more corners even then is taken as the band that would be stretched about it. */
const TOO_MANY = 48

/** @param gapMm that is kept between two pieces; each keeps half of it */
export function shapeOf(
  outline: Outline,
  how: { degrees: number; isMirrored: boolean; gapMm: number; foot?: Edge },
  index: number,
): Shape {
  const laid = turnPolygon(how.isMirrored ? mirrorPolygon(outline) : outline, how.degrees)
  const { gapMm } = how
  const taken = takenBy(laid, gapMm)
  return {
    index,
    degrees: how.degrees,
    isMirrored: how.isMirrored,
    outline: laid,
    box: boxOf(laid),
    taken,
    bare: gapMm > 0 ? takenBy(laid, 0) : taken,
    area: areaOf(laid),
    foot: how.foot ?? null,
  }
}

function takenBy(outline: Outline, gapMm: number): Point[] {
  const clean = tidyOutline(outline)
  const { line, widerBy } = thinned(clean)
  const by = gapMm / 2 + widerBy
  if (by === 0) return line
  return largestOf(inflatePolygon([line], by, gapMm === 0)) ?? clean
}

/** An outline with few enough corners, and by how much it has to be made wider to have the whole piece in it. */
function thinned(clean: Point[]): { line: Point[]; widerBy: number } {
  if (clean.length <= MANY_CORNERS) return { line: clean, widerBy: 0 }
  for (const widerBy of THINNED) {
    const line = simplifyPolygon(clean, widerBy)
    if (line.length >= 3 && line.length <= FEW_CORNERS) return { line, widerBy }
  }
  const filled = largestOf(inflatePolygon(inflatePolygon([clean], BAY), -BAY)) ?? clean
  const widerBy = THINNED.at(-1)!
  const line = simplifyPolygon(filled, widerBy)
  return line.length > TOO_MANY || line.length < 3 ? { line: hullOf(clean), widerBy: 0 } : { line, widerBy }
}

function largestOf(region: readonly Outline[]): Point[] | undefined {
  const [largest] = [...region].sort((a, b) => areaOf(b) - areaOf(a))
  return largest && tidyOutline(largest)
}

/** Whether two shapes cover the same, so that one of them need not be tried. */
export function isSameShape(one: Shape, other: Shape): boolean {
  const near = (a: number, b: number) => Math.abs(a - b) < 0.01
  const [a, b] = [fromCorner(one), fromCorner(other)]
  return (
    one.foot === other.foot &&
    a.length === b.length &&
    near(girthOf(a), girthOf(b)) &&
    a.every(([x, y]) => b.some(([otherX, otherY]) => near(x, otherX) && near(y, otherY)))
  )
}

function fromCorner({ outline, box }: Shape): Point[] {
  return outline.map(([x, y]): Point => [x - box.minX, y - box.minY])
}
