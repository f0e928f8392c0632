import { wouldDo } from '../../core/choose/fit/steps'
import { byRank, rankOffers, type RankedOffer } from '../../core/choose/rank'
import { type Need } from '../../core/notebook/schemas/need'
import { runJob } from '../jobs/pool'
import { type Shelf } from './shelf'
import { itemAt } from '@/core/lists/items'

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
  /** Up to which making of summaries it is true, and which removal. */
  latest: number
  removed: number
  best: readonly RankedOffer[]
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
  const { latest, removed, size } = shelf
  if (before?.revision === asking.revision && before.latest === latest && before.removed === removed)
    return before.best
  const best =
    (before?.revision === asking.revision && followed(shelf, asking, before)) || (await bestOfAll(shelf, asking.need))
  standings.set(asking.id, { revision: asking.revision, latest, removed, best, of: size })
  return best
}

/** The best as it was, with what changed since in its new place; undefined where too much did. */
function followed(
  shelf: Shelf,
  { need }: Asking,
  { latest, best, of }: Standing,
): readonly RankedOffer[] | undefined {
  const since = shelf.changedSince(latest)
  if (since.length > PAIRS_AT_ONCE) return undefined
  const changed = new Set(since.map(({ id }) => id))
  const stays = best.filter(({ id }) => !changed.has(id) && shelf.find(id))
  const isEnough = stays.length >= Math.min(FEWEST_KEPT, shelf.size) || best.length === of
  if (!isEnough) return undefined
  for (const one of rankOffers(need, since)) {
    const at = stays.findIndex((other) => byRank(one, other) < 0)
    // Behind the last of those that were kept may stand others that were not.
    if (at !== -1) stays.splice(at, 0, one)
    else if (best.length === of) stays.push(one)
  }
  return stays.slice(0, KEPT)
}

/** Whether the best for a pattern would be told without holding the whole stash against it. */
export function isReady(shelf: Shelf, { id, revision }: Asking): boolean {
  return shelf.size <= PAIRS_AT_ONCE || standingsOf(shelf).get(id)?.revision === revision
}

async function bestOfAll(shelf: Shelf, need: Need): Promise<RankedOffer[]> {
  if (shelf.size <= PAIRS_AT_ONCE) return rankOffers(need, shelf.all()).sort(byRank).slice(0, KEPT)
  return itemAt(await inWorker(shelf, [need]), 0)
}

/** The whole of the shelves against needs, in a worker thread that keeps them as columns. */
async function inWorker(shelf: Shelf, needs: readonly Need[]): Promise<RankedOffer[][]> {
  const { file, version, latest, size } = shelf
  const key = `${file} ${version} ${latest} ${size}`
  if (file !== undefined)
    return runJob('rankCloths', {
      key,
      cloths: { file, version, inHand: shelf.inHand().map(({ id }) => id) },
      needs,
      most: KEPT,
    })
  const cloths = shelf.all().map(({ id, offer }) => ({ id, offer }))
  return runJob('rankCloths', { key, cloths, needs, most: KEPT })
}

const ahead = new WeakSet<Shelf>()

/** Works out the best for patterns that are not known yet, in the background; once at a time for a shelf. */
export function workOutAhead(shelf: Shelf, askings: readonly Asking[]): void {
  const missing = askings.filter((asking) => !isReady(shelf, asking))
  if (missing.length === 0 || ahead.has(shelf)) return
  ahead.add(shelf)
  const { latest, removed, size } = shelf
  void inWorker(
    shelf,
    missing.map(({ need }) => need),
  )
    .then((all) => {
      const standings = standingsOf(shelf)
      missing.forEach(({ id, revision }, index) => {
        standings.set(id, { revision, latest, removed, best: itemAt(all, index), of: size })
      })
    })
    // Too much waiting: the page that needs it works it out itself.
    .catch(() => undefined)
    .finally(() => ahead.delete(shelf))
}

const suiting = new WeakMap<readonly RankedOffer[], ReadonlySet<string>>()

/** Whether a fabric would do for any of those patterns whose best are known. */
export async function suitedBy(shelf: Shelf, askings: readonly Asking[]): Promise<(id: string) => boolean> {
  const sets: ReadonlySet<string>[] = []
  for (const asking of askings) if (isReady(shelf, asking)) sets.push(wouldDoAmong(await bestFor(shelf, asking)))
  return (id) => sets.some((suited) => suited.has(id))
}

function wouldDoAmong(best: readonly RankedOffer[]): ReadonlySet<string> {
  const known = suiting.get(best)
  if (known) return known
  const ids = new Set(best.filter(({ verdict }) => wouldDo(verdict)).map(({ id }) => id))
  suiting.set(best, ids)
  return ids
}
