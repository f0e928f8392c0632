import { type SeamMake } from '../vocabulary/upcycling'
import { type DrawingStroke } from './techniques'

/** How each make of seam looks from its edge, the inside of the garment up: for a person to find theirs among. */
export const SEAM_DRAWINGS: Readonly<Record<Exclude<SeamMake, 'unknown'>, readonly DrawingStroke[]>> = {
  plain: [
    ['cloth', [6, 46], [48, 46], [48, 18], [26, 14]],
    ['other', [94, 46], [52, 46], [52, 18], [74, 14]],
    ['stitch', [44, 42], [56, 42]],
  ],
  overlocked: [
    ['cloth', [6, 46], [48, 46], [48, 14]],
    ['other', [94, 46], [52, 46], [52, 14]],
    ['stitch', [44, 42], [56, 42]],
    ['stitch', [44, 12], [56, 16], [44, 20], [56, 24], [44, 28], [56, 32]],
  ],
  'flat-felled': [
    ['cloth', [6, 46], [72, 46], [72, 38], [30, 38]],
    ['other', [94, 30], [28, 30], [28, 42], [68, 42]],
    ['stitch', [36, 26], [36, 50]],
    ['stitch', [64, 26], [64, 50]],
  ],
  linked: [
    ['cloth', [6, 46], [46, 46], [48, 34]],
    ['other', [94, 46], [54, 46], [52, 34]],
    ['stitch', [46, 36], [50, 30], [54, 36], [50, 42], [46, 36]],
  ],
  coverstitched: [
    ['cloth', [6, 46], [94, 46], [94, 34], [30, 34]],
    ['stitch', [40, 30], [40, 50]],
    ['stitch', [52, 30], [52, 50]],
    ['stitch', [40, 30], [46, 26], [52, 30]],
  ],
}
