import { SORTINGS, type Sorting } from '../vocabulary/stash'

/** What of a piece counts in a tally. */
export interface Tallied {
  sorting: Sorting | null
  m2: { value: number } | null
  kg: number | null
}

/** One line of a tally: of how many pieces something is known, and what it comes to. */
export interface TallyLine {
  pieces: number
  m2: number
  /** Pieces whose area is not known. */
  withoutM2: number
  kg: number
  withoutKg: number
}

export interface Tally extends TallyLine {
  bySorting: Readonly<Record<Sorting, TallyLine>>
}

/** Pieces, cloth and mass, all together and by how they were sorted; what is not known is counted, never guessed. */
export function tallyOf(pieces: readonly Tallied[]): Tally {
  const of = (some: readonly Tallied[]): TallyLine => ({
    pieces: some.length,
    m2: some.reduce((sum, { m2 }) => sum + (m2?.value ?? 0), 0),
    withoutM2: some.filter(({ m2 }) => m2 === null).length,
    kg: some.reduce((sum, { kg }) => sum + (kg ?? 0), 0),
    withoutKg: some.filter(({ kg }) => kg === null).length,
  })
  const lines = SORTINGS.map((sorting) => [sorting, of(pieces.filter((one) => one.sorting === sorting))] as const)
  return { ...of(pieces), bySorting: Object.fromEntries(lines) as Record<Sorting, TallyLine> }
}
