import { type Stroke } from './types'

// Two layers over one another, seen from the edge; the seam is at the right.
export const top: Stroke = ['cloth', [8, 26], [82, 26]]
export const under: Stroke = ['other', [8, 32], [82, 32]]
/** Stitches across both. */
export const seamAt = (x: number, from = 20, to = 38): Stroke => ['stitch', [x, from], [x, to]]
