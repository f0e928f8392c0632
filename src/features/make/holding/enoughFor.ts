import { enough, type Enough } from '@/core/choose/enough/enough'
import { lengthsFor } from '@/core/choose/envelope/lengths'
import { type LengthAsked } from '@/core/notebook/schemas/making'
import { type Left } from '@/core/making/reserved'
import { type Gist } from '@/core/shelf/gist'

/** Which of a pattern is made, and how often. */
export interface Making {
  size: string
  view: string
  copies: number
  pieces: number | null
}

/** Added for crooked ends and mistakes, mm. */
export const MARGIN_MM = 50

/** Whether there is enough, and who has reserved something of the piece. */
export interface EnoughLeft extends Enough {
  taken: Left['taken']
}

/**
 * Whether a piece is enough for what is made; null where the envelope gives no length.
 * @param left what others have left of it; all of it where it is not said
 */
export function enoughFor(
  gist: Pick<Gist, 'widthMm' | 'lengthMm' | 'offer'>,
  lengths: readonly LengthAsked[],
  { size, view, copies, pieces }: Making,
  left: Left = { mm: gist.lengthMm, taken: [] },
): EnoughLeft | null {
  const own = lengthsFor(lengths, { size, view })
  if (own.length === 0) return null
  const answer = enough({
    lengths: own,
    copies,
    marginMm: MARGIN_MM,
    pieces: pieces ?? undefined,
    fabric: { widthMm: gist.widthMm ?? undefined, lengthMm: left.mm ?? undefined, offer: gist.offer },
  })
  return { ...answer, taken: left.taken }
}

/** What would have to be bought of a cloth that is not there yet, at each width that the envelope lists. */
export function toBuy(lengths: readonly LengthAsked[], making: Making): { widthMm: number; says: Enough['buy'] }[] {
  const own = lengthsFor(lengths, making)
  const widths = [...new Set(own.map(({ widthMm }) => widthMm))].sort((a, b) => a - b)
  return widths.map((widthMm) => ({
    widthMm,
    says: enoughFor({ widthMm, lengthMm: null, offer: { washed: false } }, own, making)!.buy,
  }))
}

/** Whether a piece is known not to be enough. */
export const isShort = (answer: Enough | null) => answer?.verdict === 'short'
