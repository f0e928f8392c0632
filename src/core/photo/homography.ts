import { type Outline, type Point } from '../shapes/polygon'

/** A map from one plane to another that keeps straight lines straight: nine numbers, row after row, the last 1. */
export type Homography = readonly number[]

const UNKNOWNS = 8

/**
 * The map that takes four points to four others, by the direct linear transform (Hartley & Zisserman, Multiple
 * View Geometry, from memory): two equations a point, eight unknowns.
 * @throws RangeError where three of the points lie on a line
 */
export function homography(from: Outline, to: Outline): Homography {
  const rows = from.slice(0, 4).flatMap(([x, y], i) => {
    const [u, v] = to[i]!
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ]
  })
  return [...solved(rows), 1]
}

/** Gauss–Jordan elimination with the largest pivot first. @param rows each with its right side last */
function solved(rows: number[][]): number[] {
  for (let at = 0; at < UNKNOWNS; at++) {
    let best = at
    for (let row = at; row < UNKNOWNS; row++) if (Math.abs(rows[row]![at]!) > Math.abs(rows[best]![at]!)) best = row
    const pivot = rows[best]!
    ;[rows[at], rows[best]] = [pivot, rows[at]!]
    if (Math.abs(pivot[at]!) < 1e-9) throw new RangeError('Three of the corners lie on one line.')
    for (let row = 0; row < UNKNOWNS; row++) {
      if (row === at) continue
      const factor = rows[row]![at]! / pivot[at]!
      rows[row] = rows[row]!.map((value, i) => value - factor * pivot[i]!)
    }
  }
  return rows.map((row, i) => row[UNKNOWNS]! / row[i]!)
}

/** Where a point goes. */
export function mapped(h: Homography, [x, y]: Point): Point {
  const w = h[6]! * x + h[7]! * y + h[8]!
  return [(h[0]! * x + h[1]! * y + h[2]!) / w, (h[3]! * x + h[4]! * y + h[5]!) / w]
}
