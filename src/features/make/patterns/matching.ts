import { match } from '@/core/choose/match'
import { pieceOffer } from '@/core/choose/pieceOffer'
import { type Match } from '@/core/choose/types'
import { type Body } from '@/core/vocabulary/cloth'
import { type UnitSystem } from '@/core/units/format'
import { type Need } from '@/core/notebook/schemas/need'
import { type StashEntry } from '@/server/stash'

/** One cloth against one pattern's need. */
export function matchOf(need: Need, entry: StashEntry, units: UnitSystem): Match {
  return match(need, pieceOffer(entry, entry.sheet), units)
}

/** The best first; of two alike, the one that more is known of. */
export function byMatch(a: { match: Match }, b: { match: Match }): number {
  return b.match.score - a.match.score || b.match.certainty - a.match.certainty
}

/** How a piece falls, as said or as its name suggests. */
export function bodyOf({ piece, sheet }: Pick<StashEntry, 'piece' | 'sheet'>): Body {
  return piece.body ?? sheet.named?.body ?? 'moderate'
}
