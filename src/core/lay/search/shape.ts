import { inflated, simplified } from '../clip'
import {
  areaOf,
  boxOf,
  girthOf,
  mirrored,
  tidied,
  turned,
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
}

/** More corners than this are thinned before the search. */
const MANY_CORNERS = 16
/** How far off the thinned line may lie; the outline is made wider by as much, so that it lies inside. mm */
const THINNED = 0.3

/** @param gapMm that is kept between two pieces; each keeps half of it */
export function shapeOf(
  outline: Outline,
  how: { degrees: number; isMirrored: boolean; gapMm: number },
  index: number,
): Shape {
  const laid = turned(how.isMirrored ? mirrored(outline) : outline, how.degrees)
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
  }
}

function takenBy(outline: Outline, gapMm: number): Point[] {
  const clean = tidied(outline)
  const thinned = clean.length > MANY_CORNERS ? simplified(clean, THINNED) : clean
  const isThinned = thinned.length >= 3 && thinned.length < clean.length * 0.8
  const by = gapMm / 2 + (isThinned ? THINNED : 0)
  if (by === 0) return clean
  const wider = inflated([isThinned ? thinned : clean], by, gapMm === 0)
  const [largest] = wider.sort((a, b) => areaOf(b) - areaOf(a))
  return largest ? tidied(largest) : clean
}

/** Whether two shapes cover the same, so that one of them need not be tried. */
export function isSameShape(one: Shape, other: Shape): boolean {
  const near = (a: number, b: number) => Math.abs(a - b) < 0.01
  const [a, b] = [fromCorner(one), fromCorner(other)]
  return (
    a.length === b.length &&
    near(girthOf(a), girthOf(b)) &&
    a.every(([x, y]) => b.some(([otherX, otherY]) => near(x, otherX) && near(y, otherY)))
  )
}

function fromCorner({ outline, box }: Shape): Point[] {
  return outline.map(([x, y]): Point => [x - box.minX, y - box.minY])
}
