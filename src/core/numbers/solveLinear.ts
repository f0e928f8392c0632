import { itemAt } from '../lists/items'

/** A pivot smaller than this is none. */
const NONE = 1e-9

/**
 * Solves linear equations by Gauss–Jordan elimination, the largest pivot first.
 * @param equations as many as there are unknowns, each with its right side last; changed on the way
 * @param unsolvable what is said where they have no one solution
 * @throws RangeError where they have none
 */
export function solveLinear(equations: number[][], unsolvable = 'The equations have no one solution.'): number[] {
  const rows = equations
  const unknowns = rows.length
  for (let at = 0; at < unknowns; at++) {
    let best = at
    for (let row = at; row < unknowns; row++)
      if (Math.abs(itemAt(itemAt(rows, row), at)) > Math.abs(itemAt(itemAt(rows, best), at))) best = row
    const pivot = itemAt(rows, best)
    ;[rows[at], rows[best]] = [pivot, itemAt(rows, at)]
    if (Math.abs(itemAt(pivot, at)) < NONE) throw new RangeError(unsolvable)
    for (let row = 0; row < unknowns; row++) {
      if (row === at) continue
      const factor = itemAt(itemAt(rows, row), at) / itemAt(pivot, at)
      rows[row] = itemAt(rows, row).map((value, i) => value - factor * itemAt(pivot, i))
    }
  }
  return rows.map((row, i) => itemAt(row, unknowns) / itemAt(row, i))
}
