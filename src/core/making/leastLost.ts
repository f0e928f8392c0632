import { type TextWithId } from '../text/text'
/** How a pattern comes out of them. */
export interface UsedUp {
  id: string
  name: string
  fits: boolean
  /** Share of the cloth at hand that goes into it, 0 … 1: the more, the less is lost. */
  used: number
  /** Copies that find no place. */
  left: number
  /** What made it fit, in the order in which it was tried; nothing where it fits as it is. */
  by: readonly TextWithId[]
  /** Which pieces come out of which thing, by their names; a piece that comes out of two stands in both. */
  from: readonly { thing: string; pieces: readonly string[] }[]
  /** Pieces that lie along a hem which may stay as theirs. */
  hems: readonly string[]
  /** Cloth that it takes, mm². */
  needsMm2: number
}

/** What fits first, and of that what loses least; of the rest, what is nearest to fitting. */
export function byLeastLost(all: readonly UsedUp[]): UsedUp[] {
  return all.toSorted(
    (a, b) => Number(b.fits) - Number(a.fits) || (a.fits ? b.used - a.used : a.left - b.left) || b.used - a.used,
  )
}
