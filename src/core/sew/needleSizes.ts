/**
 * One size of machine needle. NM is a hundred times the blade's diameter in mm; the pairs of NM and US numbers are
 * the usual ones, from memory.
 */
export interface NeedleSize {
  nm: number
  us: number
  bladeMm: number
}

export const needleSizes: readonly NeedleSize[] = (
  [
    [60, 8],
    [65, 9],
    [70, 10],
    [75, 11],
    [80, 12],
    [90, 14],
    [100, 16],
    [110, 18],
    [120, 19],
  ] as const
).map(([nm, us]) => ({ nm, us, bladeMm: nm / 100 }))
