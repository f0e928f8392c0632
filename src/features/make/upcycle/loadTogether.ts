import { mixTable } from '@/core/upcycle/mix/mix'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type AddressState } from '../../shared/address/address'
import { MOST_MIXED, type mixAddress } from './mixAddress'

const OFFERED = 8

/** The pieces of an address, as far as they are there. */
export function gistsOf(shelf: Shelf, ids: readonly string[]): PieceSummary[] {
  return [...new Set(ids)].flatMap((id) => shelf.find(id) ?? [])
}

/** Those touched last, to begin with. */
export function recentPieces(shelf: Shelf, isIt: (gist: PieceSummary) => boolean = () => true) {
  return shelf
    .inOrder('touched')
    .filter(isIt)
    .slice(0, OFFERED)
    .map(({ id, name, weave, look }) => ({ id, name, tile: drawnAs(weave, look) }))
}

/** Several cloths in one thing: every pair of them, and which goes together worst. */
export async function loadMix({ of, ...how }: AddressState<typeof mixAddress>, words: Vocabulary) {
  const shelf = await shelfOf(await notebook(), words)
  const gists = gistsOf(shelf, of)
  const { pairs, worst } = mixTable(
    gists.map(({ offer }) => offer),
    { seamMm: how.seam * 10, washes: how.washes, purpose: how.for },
  )
  return {
    cloths: gists.map(({ id, name, weave, look }) => ({ id, name, tile: drawnAs(weave, look) })),
    pairs,
    worst,
    how,
    offered: recentPieces(shelf),
    most: MOST_MIXED,
  }
}

export type MixData = Awaited<ReturnType<typeof loadMix>>
