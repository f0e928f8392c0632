import { howMuchIsNeeded, type Enough } from '../choose/enough/enough'
import { lengthsFor } from '../choose/envelope/lengths'
import { type Offer } from '../fabric/types'
import { type LengthAsked } from '../notebook/schemas/making'
import { type Left } from './reserved'
import { mustHave } from '../lists/items'

/** Which of a pattern is made, and how often. */
export interface MakingAsked {
  size: string
  view: string
  copies: number
  pieces: number | null
}

/** Added for crooked ends and mistakes, mm. */
export const MARGIN_MM = 50

/** A piece of which there may be enough, mm; null where nobody measured it. */
export interface HadPiece {
  widthMm: number | null
  lengthMm: number | null
  offer: Offer
}

/** Whether there is enough, and who has reserved something of the piece. */
export interface EnoughLeft extends Enough {
  taken: Left['taken']
}

/**
 * Whether a piece is enough for what is made; null where the envelope gives no length.
 * @param left what others have left of it; all of it where it is not said
 */
export function enoughFor(
  gist: HadPiece,
  lengths: readonly LengthAsked[],
  { size, view, copies, pieces }: MakingAsked,
  left: Left = { mm: gist.lengthMm, taken: [], unmet: [] },
): EnoughLeft | null {
  const own = lengthsFor(lengths, { size, view })
  if (own.length === 0) return null
  const answer = howMuchIsNeeded({
    lengths: own,
    copies,
    marginMm: MARGIN_MM,
    pieces: pieces ?? undefined,
    fabric: { widthMm: gist.widthMm ?? undefined, lengthMm: left.mm ?? undefined, offer: gist.offer },
  })
  return { ...answer, taken: left.taken }
}

/** What would have to be bought of a cloth that is not there yet, at each width that the envelope lists. */
export function toBuy(
  lengths: readonly LengthAsked[],
  making: MakingAsked,
): { widthMm: number; says: Enough['buy'] }[] {
  const own = lengthsFor(lengths, making)
  const widths = [...new Set(own.map(({ widthMm }) => widthMm))].sort((a, b) => a - b)
  return widths.map((widthMm) => ({
    widthMm,
    says: mustHave(enoughFor({ widthMm, lengthMm: null, offer: { washed: false } }, own, making)).buy,
  }))
}

/** Whether a piece is known not to be enough. */
const isShort = (answer: Enough | null) => answer?.verdict === 'short'

/** So many of the best are asked whether they are enough: what is short makes room for what is not. */
const AMONG = 120

/**
 * The best of a stash for something, each with whether it is enough: what is known to be short comes after all the
 * others, each in its own order.
 * @param best the better first
 */
export function enoughFirst<T>(
  best: readonly T[],
  enoughOf: (one: T) => EnoughLeft | null,
): { one: T; enough: EnoughLeft | null }[] {
  return best
    .slice(0, AMONG)
    .map((one) => ({ one, enough: enoughOf(one) }))
    .toSorted((a, b) => Number(isShort(a.enough)) - Number(isShort(b.enough)))
}
