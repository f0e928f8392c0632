/** So many of each kind of notion stand beside the others. */
export const FEW_OF_A_KIND = 4
/** So many of one kind are shown at first, and come at a time. */
export const NOTIONS_SHOWN = 60
