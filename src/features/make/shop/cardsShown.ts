/** So many cards of projects are shown at first, and come at a time. */
export const CARDS_SHOWN = 8
/** The same of patterns that are not on the list. */
export const OTHERS_SHOWN = 12
