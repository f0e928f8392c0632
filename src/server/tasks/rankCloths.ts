import { bestOfColumns } from '../../core/choose/columns/bestOfColumns'
import { offerColumnsOf, type StashColumns } from '../../core/choose/columns/stashColumns'
import { type RankedOffer } from '../../core/choose/rank'
import { type Offer } from '../../core/fabric/types'
import { type Need } from '../../core/notebook/schemas/need'
import { workerNotebook } from '../jobs/workerNotebook'

export interface RankCloths {
  /** Names these very cloths: a worker keeps the columns of the last ones. */
  key: string
  /** The cloths, or where they are remembered: all that were made in that version and are not in the hand. */
  cloths: readonly Cloth[] | { file: string; version: string; inHand: readonly string[] }
  needs: readonly Need[]
  /** So many of the best are answered for each need. */
  most: number
}

type Cloth = { id: string; offer: Offer }

let kept: { key: string; columns: StashColumns } | undefined

/** Cloths held against needs in a worker thread, the best first for each. */
export async function rankCloths({ key, cloths, needs, most }: RankCloths): Promise<RankedOffer[][]> {
  if (kept?.key !== key) {
    // What was laid out before is let go first: there is room for one.
    kept = undefined
    kept = { key, columns: offerColumnsOf('file' in cloths ? await remembered(cloths) : cloths) }
  }
  const { columns } = kept
  return needs.map((need) => bestOfColumns(need, columns, most))
}

async function remembered({ file, version, inHand }: { file: string; version: string; inHand: readonly string[] }) {
  const db = await workerNotebook(file)
  const rows = await db
    .selectFrom('remembered')
    .select(['piece_id', 'offer'])
    .where('tables', '=', version)
    .where('piece_id', 'not in', [...inHand, ''])
    .orderBy('piece_id')
    .execute()
  return rows.map(({ piece_id: id, offer }): Cloth => ({ id, offer: JSON.parse(offer) as Offer }))
}
