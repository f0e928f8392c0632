import { notebook } from '@/server/database'
import { runningPart } from '@/core/stashSearch/stashIndex/running'
import { looseBurnTests } from '@/server/records/burnTests'
import { controlsBox } from '@/server/records/controls'
import { dueCount } from '@/server/records/practice'
import { now } from '../shared/now'
import { countRecords } from '@/server/store/repository'
import { listProjects, type ProjectWhole } from '@/server/records/projects'
import { MAKING_STEPS, STEP_WORDS } from '@/core/vocabulary/making'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type TileSpec } from '@/ui/cloth/tileUrl'
import { burnsToContinue, type BurnToContinue } from '../shared/burn/loadUnfinished'
import { unfinishedBurn } from '../shared/burn/session'
import { foldOf, isKnown } from '../shared/stash/describe'
import { type Fold } from '../shared/stash/Shelf'
import { nextThings, type NextThing } from './nextThings'
import { itemAt } from '@/core/lists/items'

/** More of one sort is found in its own place. */
const FEW_IN_PROGRESS = 2

/** What was begun and waits to be continued. */
export interface InProgress {
  burns: readonly BurnToContinue[]
  /** Each with the name of its next step, and the main fabric where one is chosen. */
  projects: readonly { id: string; name: string; next: string; fabric: { name: string; tile: TileSpec } | null }[]
}

/** One board of a desk. */
const FOLDS = 7

/** What the table shows: a few things to do, and the few pieces that were touched last. */
export async function loadTable({
  units,
  words,
}: {
  units: UnitSystem
  words: Vocabulary
}): Promise<{ inProgress: InProgress; things: NextThing[]; folds: Fold[]; pieces: number; left: number }> {
  const db = await notebook()
  const [shelf, burns, loose, box, patterns, projects, due] = await Promise.all([
    shelfOf(db, words),
    burnsToContinue(db),
    looseBurnTests(db),
    controlsBox(db),
    countRecords(db, 'pattern'),
    listProjects(db),
    dueCount(db, now()),
  ])
  const touched = shelf.inOrder('touched')
  const mysteries = shelf.follow('mysteries', () => runningPart((gist) => !isKnown(gist)))
  return {
    inProgress: {
      burns: burns.slice(0, FEW_IN_PROGRESS),
      projects: underWay(projects, shelf).slice(0, FEW_IN_PROGRESS),
    },
    things: nextThings({
      inHand: shelf.inHand(),
      looseTests: loose.filter((test) => !unfinishedBurn(test)).map(({ id }) => ({ id })),
      mysteries: { first: mysteries[0], count: mysteries.length },
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
function underWay(projects: readonly ProjectWhole[], shelf: Shelf): InProgress['projects'] {
  return projects
    .filter(({ project }) => project.data.finished === null)
    .toSorted((a, b) => (a.project.updatedAt < b.project.updatedAt ? 1 : -1))
    .map(({ project: { id, data }, cloths }) => {
      const furthest = Math.max(-1, ...data.behind.map((step) => MAKING_STEPS.indexOf(step)))
      const next = itemAt(MAKING_STEPS, Math.min(furthest + 1, MAKING_STEPS.length - 1))
      const pieceId = cloths.find(({ data: { role } }) => role === 'main')?.data.pieceId
      const main = pieceId ? shelf.find(pieceId) : undefined
      return {
        id,
        name: data.name,
        next: STEP_WORDS[next].title,
        fabric: main ? { name: main.name, tile: drawnAs(main.weave, main.look) } : null,
      }
    })
}
