import { notebook } from '@/server/database'
import { looseBurnTests } from '@/server/burnTests'
import { controlsBox } from '@/server/controls'
import { piecesInHand } from '@/server/pieces'
import { countRecords } from '@/server/store/repository'
import { readStash } from '@/server/stash'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { foldOf, isKnown } from '../shared/stash/describe'
import { type Fold } from '../shared/stash/Shelf'
import { nextThings, type NextThing } from './nextThings'

/** One board of a desk. */
const FOLDS = 7

/** What the table shows: a few things to do, and the few pieces that were touched last. */
export async function loadTable({
  units,
  words,
}: {
  units: UnitSystem
  words: Vocabulary
}): Promise<{ things: NextThing[]; folds: Fold[]; pieces: number }> {
  const db = await notebook()
  const [stash, inHand, loose, box, patterns] = await Promise.all([
    readStash(db, words),
    piecesInHand(db),
    looseBurnTests(db),
    controlsBox(db),
    countRecords(db, 'pattern'),
  ])
  const touched = stash.toSorted((a, b) => b.piece.updatedAt.localeCompare(a.piece.updatedAt)).slice(0, FOLDS)
  return {
    things: nextThings({
      inHand,
      looseTests: loose.map(({ id, answers }) => ({ id, answers: answers.length })),
      mysteries: stash.filter((entry) => !isKnown(entry)).map(({ piece: { id, name } }) => ({ id, name })),
      pieces: stash.length,
      patterns,
      controls: { count: box.length, burnt: box.filter(({ tests }) => tests.length > 0).length },
    }),
    folds: touched.map((entry) => foldOf(entry, units, words)),
    pieces: stash.length,
  }
}
