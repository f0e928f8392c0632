import { facets } from './facets'
import { SHELF_SORTS, type ShelfQuery } from './query'

const MOST_VALUES = 40
const MOST_TEXT = 200
const ID = /^[0-9a-f-]{36}$/

/** What an address asks of the stash; whatever makes no sense there asks nothing. */
export function readQuery(params: URLSearchParams): ShelfQuery {
  const chosen: Record<string, string[]> = {}
  for (const { id, values } of facets) {
    const said = params.getAll(id).filter((value) => value.length <= 80 && (!values || values.includes(value)))
    if (said.length > 0) chosen[id] = [...new Set(said)].slice(0, MOST_VALUES)
  }
  const [, low, high] = /^(\d{0,5})-(\d{0,5})$/.exec(params.get('gsm') ?? '') ?? []
  const [, length, width] = /^(\d{1,6})x(\d{1,5})$/.exec(params.get('enough') ?? '') ?? []
  const colour = (params.get('colour') ?? '').toLowerCase()
  const price = Number(params.get('price') || Number.NaN)
  const idOf = (name: string) => (ID.test(params.get(name) ?? '') ? params.get(name) : null)
  return {
    text: (params.get('q') ?? '').trim().slice(0, MOST_TEXT),
    chosen,
    gsm: [low ? Number(low) : null, high ? Number(high) : null],
    enough: length && width && Number(width) > 0 ? { lengthMm: Number(length), widthMm: Number(width) } : null,
    colour: /^[0-9a-f]{6}$/.test(colour) ? `#${colour}` : null,
    mostPerM2: Number.isFinite(price) && price >= 0 ? price : null,
    lot: idOf('lot'),
    heap: idOf('heap'),
    sort: SHELF_SORTS.find((sort) => sort === params.get('sort')) ?? 'place',
  }
}
