/** So many stand on a board at first, and come at a time. */
export const ON_BOARD = 10
/** So many patterns are listed at first, and come at a time. */
export const PATTERNS_LISTED = 24
