import { facets } from '@/core/stashSearch/facets'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { type ShelfQuery } from '@/core/stashSearch/query'
import { readQuery } from '@/core/stashSearch/readQuery'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { askShelf } from '@/server/cache/askShelf'
import { allRecords, findRecord } from '@/server/store/repository'
import { isKnown } from '../shared/stash/describe'
import { stashRow, type StashRow } from './rows'
import { mustHave } from '@/core/lists/items'

interface Preferences {
  units: UnitSystem
  words: Vocabulary
}

/** Pieces that come with the page; more are sent as one scrolls to them. */
export const FIRST_ROWS = 48
/** More are not sent at once. */
export const MOST_ROWS = 200
/** Values of a facet that are offered; the rest is found by words. */
const MOST_VALUES = 30

/** One way of sorting, with what may be chosen in it. */
export interface OfferedFacet {
  id: string
  title: string
  values: { value: string; words: string; count: number; isChosen: boolean }[]
}

export interface LoadedStash {
  query: ShelfQuery
  rows: StashRow[]
  found: number
  all: number
  /** Of what was found, those that nobody knows what they are made of. */
  mysteries: number
  left: number
  /** Where they lie, in order, and how many at each place; empty where they are in another order. */
  places: { place: string; count: number }[]
  facets: OfferedFacet[]
  views: { id: string; name: string; query: string }[]
  /** What it is kept to, where that is a lot or a heap. */
  keptTo: string | null
}

/** What of the stash answers to an address. */
export async function loadStash(params: URLSearchParams, { units, words }: Preferences): Promise<LoadedStash> {
  const query = readQuery(params)
  const db = await notebook()
  const [{ found, counts, all, left }, views, lot, heap] = await Promise.all([
    askShelf(db, query, words),
    allRecords(db, 'view'),
    query.lot ? findRecord(db, 'lot', query.lot) : undefined,
    query.heap ? findRecord(db, 'heap', query.heap) : undefined,
  ])
  return {
    query,
    rows: found.slice(0, FIRST_ROWS).map((gist) => stashRow(gist, units, words)),
    found: found.length,
    all,
    mysteries: found.filter((one) => !isKnown(one)).length,
    left,
    places: query.sort === 'place' ? placesOf(found) : [],
    facets: facets.map((facet) => ({
      id: facet.id,
      title: facet.title,
      values: offered(facet.values, mustHave(counts[facet.id]), query.chosen[facet.id] ?? []).map((value) => ({
        value,
        words: facet.words(value, words),
        count: mustHave(counts[facet.id])[value] ?? 0,
        isChosen: query.chosen[facet.id]?.includes(value) ?? false,
      })),
    })),
    views: views.kept.map(({ id, data }) => ({ id, ...data })),
    keptTo: lot?.data.name ?? heap?.data.name ?? null,
  }
}

/** Some of what answers to an address, from the place where one has scrolled to. */
export async function loadRows(
  params: URLSearchParams,
  { units, words }: Preferences,
  from: number,
): Promise<StashRow[]> {
  const { found } = await askShelf(await notebook(), readQuery(params), words)
  return found.slice(from, from + MOST_ROWS).map((gist) => stashRow(gist, units, words))
}

/** Values that something answers to, or that are chosen: in their own order, else the commonest first. */
function offered(
  values: readonly string[] | undefined,
  counts: Readonly<Record<string, number>>,
  chosen: readonly string[],
): string[] {
  if (values) return values.filter((value) => (counts[value] ?? 0) > 0 || chosen.includes(value))
  const common = Object.keys(counts).sort((a, b) => mustHave(counts[b]) - mustHave(counts[a]) || a.localeCompare(b))
  return [...new Set([...chosen, ...common])].slice(0, MOST_VALUES)
}

function placesOf(found: readonly PieceSummary[]): { place: string; count: number }[] {
  const places: { place: string; count: number }[] = []
  for (const { place } of found) {
    const last = places.at(-1)
    if (last?.place === place) last.count += 1
    else places.push({ place, count: 1 })
  }
  return places
}
