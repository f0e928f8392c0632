import { countParam } from './address'

/** More lines than this no page shows, however often it is asked. */
const MOST_SHOWN = 2000

/** How many lines of a long list a page shows: the first few, and more by its address. */
export const shownParam = (first: number) => countParam([first, MOST_SHOWN], first)
