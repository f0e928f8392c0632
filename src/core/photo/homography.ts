import { type Outline, type Point } from '../shapes/polygon'
import { solveLinear } from '../numbers/solveLinear'
import { itemAt } from '../lists/items'

/** A map from one plane to another that keeps straight lines straight: nine numbers, row after row, the last 1. */
export type Homography = readonly number[]

/**
 * The map that takes four points to four others, by the direct linear transform (Hartley & Zisserman, Multiple
 * View Geometry, from memory): two equations a point, eight unknowns.
 * @throws RangeError where three of the points lie on a line
 */
export function homography(from: Outline, to: Outline): Homography {
  const rows = from.slice(0, 4).flatMap(([x, y], i) => {
    const [u, v] = itemAt(to, i)
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ]
  })
  return [...solveLinear(rows, 'Three of the corners are on one line.'), 1]
}

/** Where a point goes. */
export function mapThroughHomography(h: Homography, [x, y]: Point): Point {
  const w = itemAt(h, 6) * x + itemAt(h, 7) * y + itemAt(h, 8)
  return [
    (itemAt(h, 0) * x + itemAt(h, 1) * y + itemAt(h, 2)) / w,
    (itemAt(h, 3) * x + itemAt(h, 4) * y + itemAt(h, 5)) / w,
  ]
}
