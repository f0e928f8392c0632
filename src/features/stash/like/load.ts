import { findSimilarPieces } from '@/core/stashSearch/similarPieces'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { foldOf } from '../../shared/stash/describe'
import { mustHave } from '@/core/lists/items'

const MOST = 12

/** What of the stash is like a piece, and why. @returns undefined where there is no such piece on a shelf */
export async function loadAlike(id: string, { units, words }: { units: UnitSystem; words: Vocabulary }) {
  const shelf = await shelfOf(await notebook(), words)
  const gist = shelf.find(id)
  if (!gist) return undefined
  const found = findSimilarPieces(gist, shelf.all(), words, MOST)
  return {
    id,
    name: gist.name,
    found: found.map(({ id: other, reasons }) => ({
      fold: foldOf(mustHave(shelf.find(other)), units, words),
      reasons,
    })),
  }
}
