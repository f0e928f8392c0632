import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { runningGroupsBy } from '@/core/stashSearch/stashIndex/running'
import { tallyOf, type Tally } from '@/core/pieces/tally'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { allRecords, findRecord } from '@/server/store/repository'
import { foldOf } from '../../shared/stash/describe'
import { type Fold } from '../../shared/stash/Shelf'
import { worthTesting } from './worthTesting'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

export interface HeapData {
  id: string
  name: string
  place: string
  done: boolean
  tally: Tally
  /** Sorted last first. */
  folds: (Fold & { sorting: PieceSummary['sorting']; worth: string | null })[]
}

/** Heaps, those still to be sorted first, each with its tally. */
export async function loadHeaps({ words }: Preferences) {
  const db = await notebook()
  const [{ kept }, shelf] = await Promise.all([allRecords(db, 'heap'), shelfOf(db, words)])
  const byHeap = heapsOf(shelf)
  return kept
    .map(({ id, data }) => ({
      id,
      name: data.name,
      done: data.done,
      tally: tallyOf(byHeap.of(id)),
    }))
    .sort((a, b) => Number(a.done) - Number(b.done) || (a.id < b.id ? 1 : -1))
}

/** @returns undefined where there is no such heap */
export async function loadHeap(id: string, { units, words }: Preferences): Promise<HeapData | undefined> {
  const db = await notebook()
  const heap = await findRecord(db, 'heap', id)
  if (!heap) return undefined
  const gists = heapsOf(await shelfOf(db, words)).of(id)
  const latest = gists.toReversed()
  return {
    id,
    ...heap.data,
    tally: tallyOf(gists),
    folds: latest.map((gist) => ({
      ...foldOf(gist, units, words),
      sorting: gist.sorting,
      worth: worthTesting(gist),
    })),
  }
}

/** What lies on the shelves by the heap that it was sorted from. */
const heapsOf = (shelf: Shelf) => shelf.follow('by heap', () => runningGroupsBy('heapId'))
