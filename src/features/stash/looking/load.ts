import { wouldDo } from '@/core/choose/fit/steps'
import { byFamily, byKnowing, byMoney, byMonth, byWeight, waitingLongest } from '@/core/stashSearch/looking'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { cameOf, wentSince } from '@/server/records/movements'
import { listPatterns } from '@/server/records/patterns'
import { bestFor, isReady } from '@/server/cache/ranks'
import { shelfOf } from '@/server/cache/shelf'

const MONTHS = 12
const MS_A_YEAR = 366 * 24 * 60 * 60 * 1000
const MOST_WAITING = 8

/** The stash as a whole, in figures that each answer a question. */
export async function loadLooking(words: Vocabulary) {
  const db = await notebook()
  const [shelf, patterns] = await Promise.all([shelfOf(db, words), listPatterns(db)])
  const today = new Date().toISOString()
  const figures = shelf.once('looking', (gists) => ({
    pieces: gists.length,
    families: byFamily(gists),
    weights: byWeight(gists),
    knowing: byKnowing(gists),
    money: byMoney(gists),
  }))
  const oldest = shelf.once('oldest first', (gists) => waitingLongest(gists, today))
  const suits = new Set<string>()
  for (const pattern of patterns.filter((one) => isReady(shelf, one)))
    for (const { id, verdict } of await bestFor(shelf, pattern)) if (wouldDo(verdict)) suits.add(id)
  const since = new Date(Date.parse(today) - MS_A_YEAR).toISOString()
  const went = await wentSince(db, since, (id) => shelf.find(id)?.gsm?.value)
  return {
    ...figures,
    months: byMonth(shelf.once('came', cameOf), went, today, MONTHS),
    waiting: oldest
      .filter(({ gist }) => !suits.has(gist.id))
      .slice(0, MOST_WAITING)
      .map(({ gist: { id, name }, days }) => ({ id, name, days })),
  }
}
