import { filterShelf, type FacetCounts } from '../../core/shelf/filter'
import { type Gist } from '../../core/shelf/gist'
import { type ShelfQuery } from '../../core/shelf/query'
import { type Vocabulary } from '../../core/vocabulary/words'
import { type Notebook } from '../database'
import { soughtPieces } from '../sought'
import { shelfOf } from './shelf'

export interface AskedShelf {
  /** What answers, in the order that was asked for. */
  found: readonly Gist[]
  counts: FacetCounts
  /** Pieces on all shelves. */
  all: number
  /** Pieces that are still being looked over: what is shown of them may be of before. */
  left: number
}

/** What of the stash answers to a query. */
export async function askShelf(db: Notebook, query: ShelfQuery, words: Vocabulary): Promise<AskedShelf> {
  const [shelf, worded] = await Promise.all([shelfOf(db, words), soughtPieces(db, query.text)])
  const { found, counts } = filterShelf(shelf.inOrder(query.sort), query, worded)
  return { found, counts, all: shelf.size, left: shelf.left }
}
