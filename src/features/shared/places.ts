/** The five places of the program, in the order of the job. */
export const PLACES = ['home', 'identify', 'stash', 'make', 'learn'] as const
export type PlaceId = (typeof PLACES)[number]

export const PLACE_WORDS: Readonly<Record<PlaceId, { title: string; asks: string }>> = {
  home: { title: 'Home', asks: 'What should I do now?' },
  identify: { title: 'Identify', asks: 'What is this fabric?' },
  stash: { title: 'Stash', asks: 'What do I have, and where?' },
  make: { title: 'Make', asks: 'What can I make, and how?' },
  learn: { title: 'Learn', asks: 'How do I get better?' },
}

/** A page of the program. */
export interface PageInfo {
  /** Its address; `[id]` stands for a record. */
  path: string
  /** The place it belongs to; null for what is always in reach. */
  place: PlaceId | null
  title: string
  /** What one comes for, in a line. */
  about: string
  /** Other words that it is sought by: the trade's, UK and US. */
  also: readonly string[]
  /** Whether it stands in its place's own row: one of the five that are needed most. */
  inRow?: boolean
  /** The page of the row that it is a part of, where its own address does not lie under that one. */
  within?: string
  /** Which record its `[id]` is of. */
  of?:
    | 'piece'
    | 'pattern'
    | 'project'
    | 'burn-test'
    | 'heap'
    | 'fibre'
    | 'cloth'
    | 'unit'
    | 'test'
    | 'technique'
    | 'care'
}

/** What the frame shows of a page: every page loads it, so there is no more of it. */
export type ShownPage = Pick<PageInfo, 'path' | 'place' | 'title' | 'inRow' | 'within'>

/** The page that an address shows: its own, or the nearest that it lies below. */
export function pageAt<P extends Pick<PageInfo, 'path'>>(pages: readonly P[], address: string): P | undefined {
  const shown = pages.find(({ path }) => path === address)
  const ofOne = pages.find(({ path }) => new RegExp(`^${path.replaceAll('[id]', '[^/]+')}$`).test(address))
  return shown ?? ofOne ?? pages.filter(({ path }) => path !== '/' && address.startsWith(`${path}/`)).at(-1)
}

/** The pages of a place's own row. */
export function rowOf<P extends ShownPage>(pages: readonly P[], place: PlaceId): readonly P[] {
  return pages.filter((page) => page.place === place && page.inRow)
}

/** The pages of a place that can be gone to without choosing a record first; of no place, what is always in reach. */
export function listedOf<P extends ShownPage>(pages: readonly P[], place: PlaceId | null): readonly P[] {
  return pages.filter((page) => page.place === place && !page.path.includes('['))
}

/** The page of a row that an address lies under, or is; undefined where it lies under none. */
export function underOf<P extends Pick<PageInfo, 'path'>>(row: readonly P[], address: string): P | undefined {
  return row
    .filter(({ path }) => address === path || address.startsWith(`${path}/`))
    .toSorted((a, b) => b.path.length - a.path.length)[0]
}
