import { byMoves } from '../lay/search/budget'
import { laidOut } from '../lay/lay'
import { type LayCloth, type LayPiece } from '../lay/types'
import { buy, type Buy } from '../units/buy'

/** Widths that shops have cloth in, mm: common practice. */
export const SHOP_WIDTHS_MM = [900, 1120, 1370, 1500] as const

/** What one width takes. */
export interface WidthAsked {
  widthMm: number
  /** Null where the widest piece does not go on it. */
  takes: { lengthMm: number; buy: Buy } | null
}

/** Moves of a piece for each width: an answer near enough to buy by. */
const MOVES = 1200

/**
 * What each width of a shop takes, each laid for real.
 * @returns yields the widths one by one, so that they can be shown as they come
 */
export function* byWidth(
  pieces: readonly LayPiece[],
  cloth: LayCloth,
  widths: readonly number[] = SHOP_WIDTHS_MM,
): Generator<WidthAsked> {
  for (const widthMm of widths) {
    const task = { cloth: { ...cloth, widthMm, lengthMm: undefined }, pieces, match: [], gapMm: 0, seed: 1 }
    const { unplaced, usedLengthMm } = laidOut(task, byMoves(MOVES))
    yield { widthMm, takes: unplaced.length > 0 ? null : { lengthMm: usedLengthMm, buy: buy(usedLengthMm) } }
  }
}
