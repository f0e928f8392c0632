import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { runningPart } from '@/core/stashSearch/stashIndex/running'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { foldOf } from '../../shared/stash/describe'
import { type Fold } from '../../shared/stash/Shelf'

/** So many are shown; the stash shows them all. */
const SHOWN = 7

/** What of something lies in the stash. */
export interface InStash {
  count: number
  folds: Fold[]
}

/**
 * Those pieces of the stash of which something is true; the latest first.
 * @param what it is of them, a name for each
 */
export async function inStash(
  what: string,
  isIt: (gist: PieceSummary) => boolean,
  { units, words }: { units: UnitSystem; words: Vocabulary },
): Promise<InStash> {
  const shelf = await shelfOf(await notebook(), words)
  const found = shelf.follow(`in stash: ${what}`, () => runningPart(isIt))
  return {
    count: found.length,
    folds: found
      .slice(-SHOWN)
      .reverse()
      .map((gist) => foldOf(gist, units, words)),
  }
}
