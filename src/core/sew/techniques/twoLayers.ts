import { type DrawingStroke } from './types'

// Two layers over one another, seen from the edge; the seam is at the right.
export const topLayer: DrawingStroke = ['cloth', [8, 26], [82, 26]]
export const underLayer: DrawingStroke = ['other', [8, 32], [82, 32]]
/** Stitches across both. */
export const seamAt = (x: number, from = 20, to = 38): DrawingStroke => ['stitch', [x, from], [x, to]]
