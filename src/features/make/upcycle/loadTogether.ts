import { mixTable } from '@/core/upcycle/mix/mix'
import { MIX_PURPOSES, type MixPurpose } from '@/core/upcycle/mix/types'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { drawnAs } from '@/ui/cloth/drawnAs'

/** More cloths than this are no table that anybody reads. */
const MOST = 8
const OFFERED = 8

/** The pieces of an address, as far as they are there. */
export function gistsOf(shelf: Shelf, of: string, most: number): PieceSummary[] {
  const ids = [...new Set(of.split(',').filter(Boolean))].slice(0, most)
  return ids.flatMap((id) => shelf.find(id) ?? [])
}

/** Those touched last, to begin with. */
export function recentPieces(shelf: Shelf, isIt: (gist: PieceSummary) => boolean = () => true) {
  return shelf
    .inOrder('touched')
    .map(({ gist }) => gist)
    .filter(isIt)
    .slice(0, OFFERED)
    .map(({ id, name, weave, look }) => ({ id, name, tile: drawnAs(weave, look) }))
}

export interface MixChoice {
  of: string
  seamCm: number
  washes: number
  purpose: string
}

/** Several cloths in one thing: every pair of them, and which goes together worst. */
export async function loadMix({ of, seamCm, washes, purpose }: MixChoice, words: Vocabulary) {
  const shelf = await shelfOf(await notebook(), words)
  const gists = gistsOf(shelf, of, MOST)
  const made = MIX_PURPOSES.find((one): one is MixPurpose => one === purpose) ?? 'garment'
  const how = { seamMm: seamCm * 10, washes, purpose: made }
  const { pairs, worst } = mixTable(
    gists.map(({ offer }) => offer),
    how,
  )
  return {
    cloths: gists.map(({ id, name, weave, look }) => ({ id, name, tile: drawnAs(weave, look) })),
    pairs,
    worst,
    how: { seamCm, washes, purpose: made },
    offered: recentPieces(shelf),
    most: MOST,
  }
}

export type MixData = Awaited<ReturnType<typeof loadMix>>
