import { difference, intersection, type Geom } from 'polyclip-ts'
import polylabel from 'polylabel'
import { type Outline } from '../../shapes/polygon'
import { itemAt } from '../../lists/items'

// The search works with another clipping, so that one mistake cannot be made twice. This one computes exactly.

/** Corners are rounded to so much, mm: exact sums of few digits are fast. */
const ROUNDED = 0.02
/** How finely a width is found, mm. */
const PRECISION = 0.05

/**
 * How wide two outlines lie on one another.
 * @returns the diameter of the largest circle in what they share, mm; 0 where they share nothing
 */
export function sharedWidth(one: Outline, other: Outline): number {
  return widthOf(intersection(polygonOf(one), polygonOf(other)))
}

/** How wide the outline lies beside a region: the diameter of the largest circle in what is left of it, mm. */
export function widthBeside(outline: Outline, region: Outline): number {
  return widthOf(difference(polygonOf(outline), polygonOf(region)))
}

function polygonOf(outline: Outline): Geom {
  const ring = outline.map(([x, y]): [number, number] => [rounded(x), rounded(y)])
  return [[...ring, itemAt(ring, 0)]]
}

const rounded = (value: number) => Math.round(value / ROUNDED) * ROUNDED

function widthOf(parts: ReturnType<typeof intersection>): number {
  return Math.max(0, ...parts.map((part) => 2 * polylabel(part, PRECISION).distance))
}
