import { notebook } from '@/server/database'
import { looseBurnTests } from '@/server/records/burnTests'
import { controlsBox } from '@/server/records/controls'
import { dueCount } from '@/server/records/practice'
import { now } from '../shared/now'
import { allRecords, countRecords } from '@/server/store/repository'
import { type Kept } from '@/server/store/kept'
import { MAKING_STEPS, STEP_WORDS } from '@/core/vocabulary/making'
import { shelfOf } from '@/server/cache/shelf'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { foldOf, isKnown } from '../shared/stash/describe'
import { type Fold } from '../shared/stash/Shelf'
import { nextThings, type NextThing } from './nextThings'
import { itemAt } from '@/core/lists/items'

/** One board of a desk. */
const FOLDS = 7

/** What the table shows: a few things to do, and the few pieces that were touched last. */
export async function loadTable({
  units,
  words,
}: {
  units: UnitSystem
  words: Vocabulary
}): Promise<{ things: NextThing[]; folds: Fold[]; pieces: number; left: number }> {
  const db = await notebook()
  const [shelf, loose, box, patterns, projects, due] = await Promise.all([
    shelfOf(db, words),
    looseBurnTests(db),
    controlsBox(db),
    countRecords(db, 'pattern'),
    allRecords(db, 'project'),
    dueCount(db, now()),
  ])
  const touched = shelf.inOrder('touched').map(({ gist }) => gist)
  const mysteries = touched.filter((gist) => !isKnown(gist)).toSorted((a, b) => (a.id < b.id ? -1 : 1))
  return {
    things: nextThings({
      inHand: shelf.inHand(),
      looseTests: loose.map(({ id, answers }) => ({ id, answers: answers.length })),
      mysteries: { first: mysteries[0], count: mysteries.length },
      underWay: underWay(projects.kept),
      due,
      pieces: shelf.count,
      patterns,
      controls: { count: box.length, burnt: box.filter(({ tests }) => tests.length > 0).length },
    }),
    folds: touched.slice(0, FOLDS).map((gist) => foldOf(gist, units, words)),
    pieces: shelf.count,
    left: shelf.left,
  }
}

/** Projects that are not done, the last touched first, each with the step after the furthest that is behind it. */
function underWay(projects: readonly Kept<'project'>[]) {
  return projects
    .filter(({ data }) => data.finished === null)
    .toSorted((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1))
    .map(({ id, data }) => {
      const furthest = Math.max(-1, ...data.behind.map((step) => MAKING_STEPS.indexOf(step)))
      const next = itemAt(MAKING_STEPS, Math.min(furthest + 1, MAKING_STEPS.length - 1))
      return { id, name: data.name, next: STEP_WORDS[next].asks }
    })
}
