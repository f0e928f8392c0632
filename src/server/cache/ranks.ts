import { byRank, rankOffers, type RankedOffer } from '../../core/choose/rank'
import { type Need } from '../../core/notebook/schemas/need'
import { runJob } from '../jobs/pool'
import { type Shelf } from './shelf'
import { itemAt, mustHave } from '@/core/lists/items'

/** A pattern that cloth is held against. */
export interface Asking {
  id: string
  revision: number
  need: Need
}

/** So many of the best are kept for each pattern: more than any page shows. */
const KEPT = 400
/** Up to so many pairs are held against one another while a page waits; more than that, in a worker thread. */
const PAIRS_AT_ONCE = 1500
/** Where fewer of the best than these are left after changes, all of it is done again. */
const FEWEST_KEPT = 200

interface Standing {
  revision: number
  /** Up to which making of gists it is true. */
  latest: number
  best: RankedOffer[]
  /** Cloths that were held against it. */
  of: number
}

// A development server reloads modules; what is in memory stays.
const kept = globalThis as { roughSwatchRanks?: WeakMap<Shelf, Map<string, Standing>> }

function standingsOf(shelf: Shelf): Map<string, Standing> {
  kept.roughSwatchRanks ??= new WeakMap()
  const known = kept.roughSwatchRanks.get(shelf) ?? new Map<string, Standing>()
  kept.roughSwatchRanks.set(shelf, known)
  return known
}

/**
 * The best of the shelves for a pattern, the best first. What changed since the last time is held against it again,
 * and nothing else.
 */
export async function bestFor(shelf: Shelf, asking: Asking): Promise<readonly RankedOffer[]> {
  const standings = standingsOf(shelf)
  const before = standings.get(asking.id)
  const { latest } = shelf
  const isOf = before?.revision === asking.revision
  if (isOf && before.latest === latest && before.best.every(({ id }) => shelf.find(id))) return before.best
  const since = isOf ? shelf.changedSince(before.latest) : undefined
  const stays = isOf
    ? before.best.filter(({ id }) => shelf.find(id) && !mustHave(since).some((gist) => gist.id === id))
    : []
  const isEnough = isOf && (stays.length >= Math.min(FEWEST_KEPT, shelf.size) || before.best.length === before.of)
  const best =
    isEnough && mustHave(since).length <= PAIRS_AT_ONCE
      ? [...stays, ...rankOffers(asking.need, mustHave(since))].sort(byRank).slice(0, KEPT)
      : await bestOfAll(shelf, asking.need)
  standings.set(asking.id, { revision: asking.revision, latest, best, of: shelf.size })
  return best
}

/** Whether the best for a pattern would be told without holding the whole stash against it. */
export function isReady(shelf: Shelf, { id, revision }: Asking): boolean {
  return shelf.size <= PAIRS_AT_ONCE || standingsOf(shelf).get(id)?.revision === revision
}

async function bestOfAll(shelf: Shelf, need: Need): Promise<RankedOffer[]> {
  if (shelf.size <= PAIRS_AT_ONCE) return rankOffers(need, shelf.gists()).sort(byRank).slice(0, KEPT)
  return itemAt(await inWorker(shelf, [need]), 0)
}

/** The whole of the shelves against needs, in a worker thread that keeps them as columns. */
async function inWorker(shelf: Shelf, needs: readonly Need[]): Promise<RankedOffer[][]> {
  const task = { key: `${shelf.name} ${shelf.latest} ${shelf.size}`, needs, most: KEPT }
  const cloths = () => shelf.gists().map(({ id, offer }) => ({ id, offer }))
  return (
    (await runJob('rankCloths', { ...task, cloths: null })) ??
    mustHave(await runJob('rankCloths', { ...task, cloths: cloths() }))
  )
}

const ahead = new WeakSet<Shelf>()

/** Works out the best for patterns that are not known yet, in the background; once at a time for a shelf. */
export function workOutAhead(shelf: Shelf, askings: readonly Asking[]): void {
  const missing = askings.filter((asking) => !isReady(shelf, asking))
  if (missing.length === 0 || ahead.has(shelf)) return
  ahead.add(shelf)
  const { latest, size } = shelf
  void inWorker(
    shelf,
    missing.map(({ need }) => need),
  )
    .then((all) => {
      const standings = standingsOf(shelf)
      missing.forEach(({ id, revision }, index) => {
        standings.set(id, { revision, latest, best: itemAt(all, index), of: size })
      })
    })
    // Too much waiting: the page that needs it works it out itself.
    .catch(() => undefined)
    .finally(() => ahead.delete(shelf))
}
