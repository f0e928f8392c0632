import { byRank, ranked, type Ranked } from '../../core/choose/rank'
import { type Need } from '../../core/notebook/schemas/need'
import { type Gist } from '../../core/shelf/gist'
import { runHeavy } from '../heavy/pool'
import { type Shelf } from './shelf'

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
  best: Ranked[]
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
export async function bestFor(shelf: Shelf, asking: Asking): Promise<readonly Ranked[]> {
  const standings = standingsOf(shelf)
  const before = standings.get(asking.id)
  const { latest } = shelf
  const isOf = before?.revision === asking.revision
  if (isOf && before.latest === latest && before.best.every(({ id }) => shelf.find(id))) return before.best
  const since = isOf ? shelf.changedSince(before.latest) : undefined
  const stays = isOf ? before.best.filter(({ id }) => shelf.find(id) && !since!.some((gist) => gist.id === id)) : []
  const isEnough = isOf && (stays.length >= Math.min(FEWEST_KEPT, shelf.size) || before.best.length === before.of)
  const fresh = await heldAgainst(asking.need, isEnough ? since! : shelf.gists())
  const best = [...(isEnough ? stays : []), ...fresh].sort(byRank).slice(0, KEPT)
  standings.set(asking.id, { revision: asking.revision, latest, best, of: shelf.size })
  return best
}

/** Whether the best for a pattern would be told without holding the whole stash against it. */
export function isReady(shelf: Shelf, { id, revision }: Asking): boolean {
  return shelf.size <= PAIRS_AT_ONCE || standingsOf(shelf).get(id)?.revision === revision
}

async function heldAgainst(need: Need, gists: readonly Gist[]): Promise<Ranked[]> {
  const cloths = gists.map(({ id, offer }) => ({ id, offer }))
  return cloths.length <= PAIRS_AT_ONCE ? ranked(need, cloths) : runHeavy('rankCloths', { need, cloths, most: KEPT })
}
