import { bestOfColumns } from '../../core/choose/columns/bestOfColumns'
import { offerColumnsOf, type StashColumns } from '../../core/choose/columns/stashColumns'
import { type RankedOffer } from '../../core/choose/rank'
import { type Offer } from '../../core/fabric/types'
import { type Need } from '../../core/notebook/schemas/need'
import { mustHave } from '@/core/lists/items'

export interface RankCloths {
  /** Names these very cloths: a worker keeps the columns of the last ones. */
  key: string
  /** Left out where the worker may have them already. */
  cloths: readonly { id: string; offer: Offer }[] | null
  needs: readonly Need[]
  /** So many of the best are answered for each need. */
  most: number
}

let kept: { key: string; columns: StashColumns } | undefined

/**
 * Cloths held against needs in a worker thread, the best first for each.
 * @returns null where the cloths have to be sent along
 */
export function rankCloths({ key, cloths, needs, most }: RankCloths): Promise<RankedOffer[][] | null> {
  if (kept?.key !== key) {
    if (cloths === null) return Promise.resolve(null)
    kept = { key, columns: offerColumnsOf(cloths) }
  }
  const { columns } = mustHave(kept)
  return Promise.resolve(needs.map((need) => bestOfColumns(need, columns, most)))
}
