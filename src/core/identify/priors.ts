/** How a pair's prior is divided where either may be the main fibre: first main, even, second main. */
export const SHARE_SPLIT = { firstMain: 0.42, even: 0.23, secondMain: 0.35 } as const

/** Share of the main fibre in a mixture where nothing else is known. */
export const MAIN_WEIGHT = 0.7

/** Prior probability that warp, weft and pile are all of the same stuff; from memory. */
export const SAME_THROUGHOUT = 0.85
