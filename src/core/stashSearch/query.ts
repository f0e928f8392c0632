import { FACET_IDS } from '../vocabulary/stash'

// No tables here: the page of the stash loads it.

export const SORT_WORDS = {
  place: 'location',
  touched: 'recently changed',
  name: 'name',
  weight: 'weight, lightest first',
  most: 'largest first',
  price: 'price per square metre',
  oldest: 'oldest first',
} as const
export type ShelfSort = keyof typeof SORT_WORDS
export const SHELF_SORTS = Object.keys(SORT_WORDS) as ShelfSort[]

/** What is asked of the stash. */
export interface ShelfQuery {
  /** Words that it is found by; empty asks nothing. */
  text: string
  /** Chosen values by facet; a facet that is not there asks nothing. */
  chosen: Readonly<Record<string, readonly string[]>>
  /** Weight between, g/m²; null leaves that end open. */
  gsm: readonly [number | null, number | null]
  /** Enough for so much cloth, mm. */
  enough: { lengthMm: number; widthMm: number } | null
  /** Near to that colour, `#rrggbb`. */
  colour: string | null
  /** At most so much for a square metre, in whatever currency. */
  mostPerM2: number | null
  lot: string | null
  heap: string | null
  sort: ShelfSort
}

export const ASKS_NOTHING: ShelfQuery = {
  text: '',
  chosen: {},
  gsm: [null, null],
  enough: null,
  colour: null,
  mostPerM2: null,
  lot: null,
  heap: null,
  sort: 'place',
}

/** What is asked as an address. */
export function writeQuery(query: ShelfQuery): URLSearchParams {
  const params = new URLSearchParams()
  if (query.text) params.set('q', query.text)
  for (const id of FACET_IDS) for (const value of query.chosen[id] ?? []) params.append(id, value)
  if (query.gsm[0] !== null || query.gsm[1] !== null) params.set('gsm', query.gsm.map((end) => end ?? '').join('-'))
  if (query.enough) params.set('enough', `${query.enough.lengthMm}x${query.enough.widthMm}`)
  if (query.colour) params.set('colour', query.colour.slice(1))
  if (query.mostPerM2 !== null) params.set('price', String(query.mostPerM2))
  if (query.lot) params.set('lot', query.lot)
  if (query.heap) params.set('heap', query.heap)
  if (query.sort !== 'place') params.set('sort', query.sort)
  return params
}

/** Whether anything is asked but an order. */
export function asksSomething(query: ShelfQuery): boolean {
  return writeQuery({ ...query, sort: 'place' }).size > 0
}
