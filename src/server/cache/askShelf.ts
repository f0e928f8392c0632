import { type LeftMm } from '../../core/stashSearch/filter'
import { type FacetCounts } from '../../core/stashSearch/stashIndex/stashIndex'
import { type PieceSummary } from '../../core/stashSearch/pieceSummary'
import { type ShelfQuery } from '../../core/stashSearch/query'
import { type Vocabulary } from '../../core/vocabulary/words'
import { type Notebook } from '../store/openNotebook'
import { fullTextSearch } from '../records/fullTextSearch'
import { loadReservations } from '../records/reservations'
import { shelfOf } from './shelf'

export interface AskedShelf {
  /** What answers, in the order that was asked for. */
  found: readonly PieceSummary[]
  counts: FacetCounts
  /** Pieces on all shelves. */
  all: number
  /** Pieces that are still being looked over: what is shown of them may be of before. */
  left: number
}

/** What of the stash answers to a query. */
export async function askShelf(db: Notebook, query: ShelfQuery, words: Vocabulary): Promise<AskedShelf> {
  const [shelf, worded] = await Promise.all([shelfOf(db, words), fullTextSearch(db, query.text)])
  // Only the question whether there is enough asks what is promised already.
  const reservations = query.enough && (await loadReservations(db, shelf))
  const leftMm = reservations ? (gist: Parameters<LeftMm>[0]) => reservations.left(gist).mm : undefined
  const { found, counts } = shelf.ask(query, worded, leftMm)
  return { found, counts, all: shelf.count, left: shelf.left }
}
