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
    [120, 19],
  ] as const
).map(([nm, us]) => ({ nm, us, bladeMm: nm / 100 }))

/** By weight of cloth: the size to begin with. Common practice; up to g/m². */
const BY_WEIGHT: readonly { upToGsm: number; nm: [low: number, high: number] }[] = [
  { upToGsm: 80, nm: [60, 70] },
  { upToGsm: 130, nm: [70, 75] },
  { upToGsm: 190, nm: [75, 80] },
  { upToGsm: 280, nm: [80, 90] },
  { upToGsm: 400, nm: [90, 100] },
  { upToGsm: Infinity, nm: [100, 120] },
]

/** By how it is made. Common practice; what is heavy and close, or of leather and its like, has a point of its own. */
const POINTS: Record<Construction, string> = {
  woven: 'universal, or sharp-point for fine and close cloth',
  knit: 'ball-point, or stretch where it springs back',
  felted: 'universal',
  net: 'ball-point, fine',
}

/** g/m² from which a close woven cloth wants the point made for jeans; common practice. */
const JEANS_FROM_GSM = 280
/** Names of cloths that a round point only tears or that need a cutting one. */
const JEANS = /^(denim|duck|canvas|waxed-cotton|drill|ticking)/
const LEATHER = /leather|vinyl|suede/

function pointFor(gsm: number, construction: Construction, called: string): string {
  if (LEATHER.test(called)) return 'leather for real leather; a sharp point or jeans for what only looks like it'
  if (construction === 'woven' && (JEANS.test(called) || gsm >= JEANS_FROM_GSM)) return 'jeans'
  return POINTS[construction]
}

/**
 * The needle to begin with.
 * @param called id of the cloth, where it has a name
 * @throws RangeError where the weight is not positive
 */
export function needleFor(
  gsm: number,
  construction: Construction,
  called = '',
): { nm: readonly [number, number]; us: readonly [number, number]; point: string } {
  if (!(gsm > 0)) throw new RangeError('needleFor: needs a weight of more than zero')
  const { nm } = BY_WEIGHT.find(({ upToGsm }) => gsm <= upToGsm)!
  const us = (size: number) => needleSizes.find((one) => one.nm === size)!.us
  return { nm, us: [us(nm[0]), us(nm[1])], point: pointFor(gsm, construction, called) }
}
