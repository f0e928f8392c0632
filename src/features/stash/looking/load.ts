import { byMonth, stashFigures, waitingLongest } from '@/core/stashSearch/looking'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { wentSince } from '@/server/records/movements'
import { listPatterns } from '@/server/records/patterns'
import { suitedBy } from '@/server/cache/ranks'
import { shelfOf } from '@/server/cache/shelf'

const MONTHS = 12
const MS_A_YEAR = 366 * 24 * 60 * 60 * 1000
const MOST_WAITING = 8

/** The stash as a whole, in figures that each answer a question. */
export async function loadLooking(words: Vocabulary) {
  const db = await notebook()
  const [shelf, patterns] = await Promise.all([shelfOf(db, words), listPatterns(db)])
  const today = new Date().toISOString()
  const { came, ...figures } = shelf.follow('figures', stashFigures)
  const isSuited = await suitedBy(shelf, patterns)
  const since = new Date(Date.parse(today) - MS_A_YEAR).toISOString()
  const went = await wentSince(db, since, (id) => shelf.find(id)?.gsm?.value)
  return {
    ...figures,
    months: byMonth(came, went, today, MONTHS),
    waiting: waitingLongest(shelf.inOrder('oldest'), today, MOST_WAITING, (id) => !isSuited(id)).map(
      ({ gist: { id, name }, days }) => ({ id, name, days }),
    ),
  }
}
