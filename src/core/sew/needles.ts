import { type Construction } from '../vocabulary/cloth'

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
  ] as const
).map(([nm, us]) => ({ nm, us, bladeMm: nm / 100 }))

/** By weight of cloth: the size to begin with. Common practice; up to g/m². */
const BY_WEIGHT: readonly { upToGsm: number; nm: [low: number, high: number] }[] = [
  { upToGsm: 80, nm: [60, 70] },
  { upToGsm: 130, nm: [70, 75] },
  { upToGsm: 190, nm: [75, 80] },
  { upToGsm: 280, nm: [80, 90] },
  { upToGsm: 400, nm: [90, 100] },
  { upToGsm: Infinity, nm: [100, 110] },
]

/** By how it is made. Common practice. */
const POINTS: Record<Construction, string> = {
  woven: 'universal, or sharp-point for fine and close cloth',
  knit: 'ball-point, or stretch where it springs back',
  felted: 'universal',
  net: 'ball-point, fine',
}

/** The needle to begin with. @throws RangeError where the weight is not positive */
export function needleFor(
  gsm: number,
  construction: Construction,
): { nm: readonly [number, number]; us: readonly [number, number]; point: string } {
  if (!(gsm > 0)) throw new RangeError('needleFor: needs a weight of more than zero')
  const { nm } = BY_WEIGHT.find(({ upToGsm }) => gsm <= upToGsm)!
  const us = (size: number) => needleSizes.find((one) => one.nm === size)!.us
  return { nm, us: [us(nm[0]), us(nm[1])], point: POINTS[construction] }
}
