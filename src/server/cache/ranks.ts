import { wouldDo } from '../../core/choose/fit/steps'
import { type MatchVerdict } from '../../core/choose/fit/types'
import { matchScore } from '../../core/choose/match'
import { byRank, rankOffers, type RankedOffer } from '../../core/choose/rank'
import { type Need } from '../../core/notebook/schemas/need'
import { runJob } from '../jobs/pool'
import { type Shelf } from './shelf'
import { type PieceSummary } from '../../core/stashSearch/pieceSummary'
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

/** By each fabric as it is, its verdicts by pattern. */
const verdicts = new WeakMap<PieceSummary, Map<string, MatchVerdict>>()

/** What a fabric is worth for a pattern; worked out for what is shown, and then known until one of them changes. */
export function verdictFor(shelf: Shelf, { id, revision, need }: Asking, pieceId: string): MatchVerdict {
  const piece = mustHave(shelf.find(pieceId))
  const own = verdicts.get(piece) ?? new Map<string, MatchVerdict>()
  verdicts.set(piece, own)
  const key = `${id} ${revision}`
  const verdict = own.get(key) ?? matchScore(need, piece.offer).verdict
  own.set(key, verdict)
  return verdict
}

const idsOfBest = new WeakMap<readonly RankedOffer[], ReadonlySet<string>>()

/** Whether a fabric would do for any of those patterns whose best are known. */
export async function suitedBy(shelf: Shelf, askings: readonly Asking[]): Promise<(id: string) => boolean> {
  const known: [asking: Asking, ids: ReadonlySet<string>][] = []
  for (const asking of askings) if (isReady(shelf, asking)) known.push([asking, idsOf(await bestFor(shelf, asking))])
  return (id) => known.some(([asking, ids]) => ids.has(id) && wouldDo(verdictFor(shelf, asking, id)))
}

function idsOf(best: readonly RankedOffer[]): ReadonlySet<string> {
  const known = idsOfBest.get(best) ?? new Set(best.map(({ id }) => id))
  idsOfBest.set(best, known)
  return known
}
