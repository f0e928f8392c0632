import { byRank, ranked, type Ranked } from '../../core/choose/rank'
import { type Offer } from '../../core/fabric/types'
import { type Need } from '../../core/notebook/schemas/need'

export interface RankCloths {
  need: Need
  cloths: readonly { id: string; offer: Offer }[]
  /** So many of the best are answered. */
  most: number
}

/** Cloths held against a need in a worker thread, the best first. */
export function rankCloths({ need, cloths, most }: RankCloths): Promise<Ranked[]> {
  return Promise.resolve(ranked(need, cloths).sort(byRank).slice(0, most))
}
