import { boxOf, type Box, type Outline, type Point } from '../../shapes/polygon'
import { type Condition } from '../../vocabulary/upcycling'

/** A round place on a panel of a garment. */
export interface Place {
  /** The panel, by its id. */
  panel: string
  is: Condition
  /** Where its middle is, as shares of the panel’s width and height: 0, 0 is the lower left. */
  x: number
  y: number
  acrossMm: number
  /** On every copy of the panel, or on one alone. */
  onEach: boolean
}

/** A round place is drawn with so many corners: its area is 0.6 % short. */
const CORNERS = 32

/** A place as an outline on its panel, mm. @param box of the whole panel */
export function outlineOf({ x, y, acrossMm }: Place, { minX, maxX, minY, maxY }: Box): Point[] {
  const [middleX, middleY] = [minX + x * (maxX - minX), minY + y * (maxY - minY)]
  return Array.from({ length: CORNERS }, (_, i): Point => {
    const turn = (2 * Math.PI * i) / CORNERS
    return [middleX + (acrossMm / 2) * Math.cos(turn), middleY + (acrossMm / 2) * Math.sin(turn)]
  })
}

/** What is cut out of a panel, and what stays though it is of another colour. */
export function conditionOf(panel: Outline, places: readonly Place[]): { bad: Point[][]; faded: Point[][] } {
  const box = boxOf(panel)
  const of = (isFaded: boolean) =>
    places.filter(({ is }) => (is === 'faded') === isFaded).map((place) => outlineOf(place, box))
  return { bad: of(false), faded: of(true) }
}

/**
 * Copies of a panel, by what is on them: one that is marked differs from the others.
 * @returns the places of each, and how many there are of it
 */
export function copiesOf(
  count: number,
  places: readonly Place[],
): { count: number; places: Place[]; isMarked: boolean }[] {
  const each = places.filter(({ onEach }) => onEach)
  if (count === 1 || each.length === places.length) return [{ count, places: [...places], isMarked: false }]
  return [
    { count: count - 1, places: each, isMarked: false },
    { count: 1, places: [...places], isMarked: true },
  ]
}
