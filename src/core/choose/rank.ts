import { type Need } from '../notebook/schemas/need'
import { scoreAlone } from './match'
import { type Offer } from '../fabric/types'

/** How one cloth stands in the order of all that were held against a need. */
export interface RankedOffer {
  id: string
  score: number
  certainty: number
}

/** The better first; of two alike, the one that more is known of, then the older. */
export function byRank(a: RankedOffer, b: RankedOffer): number {
  return b.score - a.score || b.certainty - a.certainty || (a.id < b.id ? -1 : 1)
}

/** Cloths held against a need, in no order; what is shown of them is judged afterwards. */
export function rankOffers(need: Need, cloths: readonly { id: string; offer: Offer }[]): RankedOffer[] {
  return cloths.map(({ id, offer }) => ({ id, ...scoreAlone(need, offer) }))
}
