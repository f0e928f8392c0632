import { oklabDistance, oklabOf, NEAR_COLOUR } from '../colour/oklab'
import { scaleQuantity } from '../units/quantity'
import { type PieceSummary } from './pieceSummary'
import { type ShelfQuery } from './query'

/** How much of a piece nobody has reserved yet, mm; null where its length is not known. */
export type LeftMm = (gist: Pick<PieceSummary, 'id' | 'lengthMm' | 'sorting'>) => number | null

/** A piece without what is promised of it. */
function remaining(
  gist: PieceSummary,
  leftMm: number | null,
): Pick<PieceSummary, 'widthMm' | 'lengthMm' | 'usableM2'> {
  const { widthMm, lengthMm, usableM2 } = gist
  if (leftMm === null || lengthMm === null || leftMm >= lengthMm) return { widthMm, lengthMm: leftMm, usableM2 }
  const share = lengthMm > 0 ? leftMm / lengthMm : 0
  return { widthMm, lengthMm: leftMm, usableM2: usableM2 && scaleQuantity(usableM2, share) }
}

type PieceTest = (piece: PieceSummary) => boolean

/** Everything that is asked beside words and facets, as tests that a piece has to pass; none where nothing is. */
export function plainTests(
  { gsm: [low, high], enough, colour, mostPerM2, lot, heap }: ShelfQuery,
  leftMm: LeftMm,
): PieceTest[] {
  const tests: PieceTest[] = []
  if (low !== null) tests.push(({ gsmAbout }) => gsmAbout !== null && gsmAbout >= low)
  if (high !== null) tests.push(({ gsmAbout }) => gsmAbout !== null && gsmAbout <= high)
  if (enough) tests.push((piece) => isEnough(remaining(piece, leftMm(piece)), enough) !== 'no')
  if (colour !== null) {
    const lab = oklabOf(colour)
    tests.push(({ labs }) => labs.some((own) => oklabDistance(own, lab) < NEAR_COLOUR))
  }
  if (mostPerM2 !== null) tests.push(({ perM2 }) => perM2 !== null && perM2 <= mostPerM2)
  if (lot !== null) tests.push(({ lotId }) => lotId === lot)
  if (heap !== null) tests.push(({ heapId }) => heapId === heap)
  return tests
}

/** Cloth that is narrower takes more length, and a little more than in proportion; common practice. */
const NARROWER_WASTES = 1.1
/** Narrower than this share of the width that is asked for, large pieces do not fit side by side at all. */
const TOO_NARROW = 0.6

/**
 * Whether a piece is enough for a length at a width: surely where it is as long and as wide; perhaps where it is
 * narrower and longer, or where only its area is known.
 */
export function isEnough(
  { widthMm, lengthMm, usableM2 }: Pick<PieceSummary, 'widthMm' | 'lengthMm' | 'usableM2'>,
  need: { lengthMm: number; widthMm: number },
): 'yes' | 'perhaps' | 'no' {
  if (widthMm !== null && lengthMm !== null) {
    if (widthMm >= need.widthMm && lengthMm >= need.lengthMm) return 'yes'
    if (widthMm < need.widthMm * TOO_NARROW) return 'no'
    const wanted = need.lengthMm * Math.max(1, (need.widthMm / widthMm) * NARROWER_WASTES)
    return lengthMm >= wanted ? 'perhaps' : 'no'
  }
  const wantedM2 = (need.lengthMm * need.widthMm * NARROWER_WASTES) / 1e6
  return usableM2 !== null && usableM2.value >= wantedM2 ? 'perhaps' : 'no'
}
