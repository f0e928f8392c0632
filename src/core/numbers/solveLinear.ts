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
    for (let row = at; row < unknowns; row++) if (Math.abs(rows[row]![at]!) > Math.abs(rows[best]![at]!)) best = row
    const pivot = rows[best]!
    ;[rows[at], rows[best]] = [pivot, rows[at]!]
    if (Math.abs(pivot[at]!) < NONE) throw new RangeError(unsolvable)
    for (let row = 0; row < unknowns; row++) {
      if (row === at) continue
      const factor = rows[row]![at]! / pivot[at]!
      rows[row] = rows[row]!.map((value, i) => value - factor * pivot[i]!)
    }
  }
  return rows.map((row, i) => row[unknowns]! / row[i]!)
}
