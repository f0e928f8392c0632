import { type GroupResults, type GroupSet } from './groupSet'

// Apart from what reads them: a page that writes a file does not load what judges it.

/** A set as it is written. */
export const newSet = (rest: Omit<GroupSet, 'format' | 'version'>): GroupSet => ({
  format: 'rough-swatch practice set',
  version: 1,
  ...rest,
})

/** Results as they are written. */
export const newResults = (rest: Omit<GroupResults, 'format' | 'version'>): GroupResults => ({
  format: 'rough-swatch practice results',
  version: 1,
  ...rest,
})
