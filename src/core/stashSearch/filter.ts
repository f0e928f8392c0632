import { oklabDistance, oklabOf, NEAR_COLOUR, type Lab } from '../colour/oklab'
import { facets, gsmToSortBy } from './facets'
import { scaleQuantity } from '../units/quantity'
import { type PieceSummary } from './pieceSummary'
import { type ShelfQuery, type ShelfSort } from './query'
import { itemAt } from '../lists/items'

/** A gist with what is reckoned of it once, so that a pass over a large stash reckons nothing. */
export interface ShelfRow {
  gist: PieceSummary
  /** Its values by facet, in the order of the facets. */
  values: readonly (readonly string[])[]
  labs: readonly Lab[]
  gsm: number | null
}

/** @param today for its age, ISO 8601 */
export function stashRowOf(gist: PieceSummary, today: string): ShelfRow {
  return {
    gist,
    values: facets.map((facet) => facet.of(gist, today)),
    labs: gist.colours.map(oklabOf),
    gsm: gsmToSortBy(gist),
  }
}

/** How many pieces each value of each facet would leave, everything else being asked as it is. */
export type FacetCounts = Readonly<Record<string, Readonly<Record<string, number>>>>

export interface ShelfAnswer {
  /** What answers to all that is asked, in the order that is asked for. */
  found: PieceSummary[]
  counts: FacetCounts
}

/**
 * What of a stash answers to a query, in one pass: a piece that fails one facet alone still counts in it.
 * @param rows in the order in which they are to be answered
 * @param worded ids of the pieces that have the words; null where no words are asked
 * @param leftMm how much of a piece is not promised; all of it where that is not asked
 */
export function filterShelf(
  rows: readonly ShelfRow[],
  query: ShelfQuery,
  worded: ReadonlySet<string> | null,
  leftMm: LeftMm = ({ lengthMm }) => lengthMm,
): ShelfAnswer {
  const found: PieceSummary[] = []
  const counts: Record<string, number>[] = facets.map(() => ({}))
  const wanted = facets.map(({ id }) => {
    const chosen = query.chosen[id]
    return chosen ? new Set(chosen) : null
  })
  const passes = plainTest(query, leftMm)
  for (const row of rows) {
    if (worded && !worded.has(row.gist.id)) continue
    if (!passes(row)) continue
    // The one facet that it fails; −1 for none, −2 for more than one.
    let failed = -1
    for (let i = 0; i < wanted.length && failed !== -2; i++) {
      const set = wanted[i]
      if (set && !itemAt(row.values, i).some((value) => set.has(value))) failed = failed === -1 ? i : -2
    }
    if (failed === -2) continue
    if (failed === -1) found.push(row.gist)
    for (let i = 0; i < wanted.length; i++) {
      if (failed !== -1 && failed !== i) continue
      for (const value of itemAt(row.values, i)) itemAt(counts, i)[value] = (itemAt(counts, i)[value] ?? 0) + 1
    }
  }
  return { found, counts: Object.fromEntries(facets.map(({ id }, i) => [id, itemAt(counts, i)])) }
}

/** How much of a piece nobody has reserved yet, mm; null where its length is not known. */
export type LeftMm = (gist: Pick<PieceSummary, 'id' | 'lengthMm' | 'sorting'>) => number | null

/** A piece without what is promised of it. */
function remaining(
  gist: PieceSummary,
  leftMm: number | null,
): Pick<PieceSummary, 'widthMm' | 'lengthMm' | 'usableM2'> {
  const { widthMm, lengthMm, usableM2 } = gist
  if (leftMm === null || lengthMm === null || leftMm >= lengthMm) return { widthMm, lengthMm: leftMm, usableM2 }
  const share = lengthMm > 0 ? leftMm / lengthMm : 0
  return { widthMm, lengthMm: leftMm, usableM2: usableM2 && scaleQuantity(usableM2, share) }
}

/** Everything that is asked beside the facets. */
function plainTest(
  { gsm: [low, high], enough, colour, mostPerM2, lot, heap }: ShelfQuery,
  leftMm: LeftMm,
): (row: ShelfRow) => boolean {
  const lab = colour === null ? null : oklabOf(colour)
  return ({ gist, labs, gsm }) =>
    (low === null || (gsm !== null && gsm >= low)) &&
    (high === null || (gsm !== null && gsm <= high)) &&
    (enough === null || isEnough(remaining(gist, leftMm(gist)), enough) !== 'no') &&
    (lab === null || labs.some((own) => oklabDistance(own, lab) < NEAR_COLOUR)) &&
    (mostPerM2 === null || (gist.perM2 !== null && gist.perM2 <= mostPerM2)) &&
    (lot === null || gist.lotId === lot) &&
    (heap === null || gist.heapId === heap)
}

/** Cloth that is narrower takes more length, and a little more than in proportion; common practice. */
const NARROWER_WASTES = 1.1
/** Narrower than this share of the width that is asked for, large pieces do not fit side by side at all. */
const TOO_NARROW = 0.6

/**
 * Whether a piece is enough for a length at a width: surely where it is as long and as wide; perhaps where it is
 * narrower and longer, or where only its area is known.
 */
export function isEnough(
  { widthMm, lengthMm, usableM2 }: Pick<PieceSummary, 'widthMm' | 'lengthMm' | 'usableM2'>,
  need: { lengthMm: number; widthMm: number },
): 'yes' | 'perhaps' | 'no' {
  if (widthMm !== null && lengthMm !== null) {
    if (widthMm >= need.widthMm && lengthMm >= need.lengthMm) return 'yes'
    if (widthMm < need.widthMm * TOO_NARROW) return 'no'
    const wanted = need.lengthMm * Math.max(1, (need.widthMm / widthMm) * NARROWER_WASTES)
    return lengthMm >= wanted ? 'perhaps' : 'no'
  }
  const wantedM2 = (need.lengthMm * need.widthMm * NARROWER_WASTES) / 1e6
  return usableM2 !== null && usableM2.value >= wantedM2 ? 'perhaps' : 'no'
}

const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
/** What is not known comes last. */
const low = (value: number | null) => value ?? Number.POSITIVE_INFINITY
const high = (value: number | null | undefined) => -(value ?? Number.NEGATIVE_INFINITY)

const ORDERS: Readonly<Record<ShelfSort, (a: ShelfRow, b: ShelfRow) => number>> = {
  // What lies nowhere in particular comes last; places that differ in case alone are two.
  place: ({ gist: a }, { gist: b }) =>
    Number(a.place === '') - Number(b.place === '') ||
    collator.compare(a.place, b.place) ||
    Number(a.place > b.place) - Number(a.place < b.place),
  touched: ({ gist: a }, { gist: b }) => Number(a.touchedAt < b.touchedAt) - Number(a.touchedAt > b.touchedAt),
  name: (a, b) => collator.compare(a.gist.name, b.gist.name),
  weight: (a, b) => low(a.gsm) - low(b.gsm) || 0,
  most: (a, b) => high(a.gist.usableM2?.value) - high(b.gist.usableM2?.value) || 0,
  price: (a, b) => low(a.gist.perM2) - low(b.gist.perM2) || 0,
  oldest: (a, b) => collator.compare(a.gist.got ?? a.gist.createdAt, b.gist.got ?? b.gist.createdAt),
}

/** The rows in an order; those alike in it by the instant in which they were kept. */
export function inOrder(rows: readonly ShelfRow[], sort: ShelfSort): ShelfRow[] {
  return rows.toSorted((a, b) => ORDERS[sort](a, b) || (a.gist.id < b.gist.id ? -1 : 1))
}
