import { type PieceSummary } from './pieceSummary'
import { type ShelfSort } from './query'

/** The plain order of two texts; one comparison where they are equal or the first comes first. */
const byText = (a: string, b: string) => (a === b ? 0 : a < b ? -1 : 1)

const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
/** What is not known comes last. */
const low = (value: number | null) => value ?? Number.POSITIVE_INFINITY
const high = (value: number | null | undefined) => -(value ?? Number.NEGATIVE_INFINITY)

const ORDERS: Readonly<Record<ShelfSort, (a: PieceSummary, b: PieceSummary) => number>> = {
  // What lies nowhere in particular comes last; places that differ in case alone are two.
  place: (a, b) =>
    a.place === b.place
      ? 0
      : Number(a.place === '') - Number(b.place === '') ||
        collator.compare(a.place, b.place) ||
        byText(a.place, b.place),
  touched: (a, b) => byText(b.touchedAt, a.touchedAt),
  name: (a, b) => collator.compare(a.name, b.name),
  weight: (a, b) => low(a.gsmAbout) - low(b.gsmAbout) || 0,
  most: (a, b) => high(a.usableM2?.value) - high(b.usableM2?.value) || 0,
  price: (a, b) => low(a.perM2) - low(b.perM2) || 0,
  oldest: (a, b) => byText(a.got ?? a.createdAt, b.got ?? b.createdAt),
}

/** Compares two pieces by an order; those alike in it by the instant in which they were kept. */
export function compareBy(sort: ShelfSort): (a: PieceSummary, b: PieceSummary) => number {
  const order = ORDERS[sort]
  return (a, b) => order(a, b) || byText(a.id, b.id)
}
