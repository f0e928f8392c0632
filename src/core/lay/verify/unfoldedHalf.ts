import { ON_FOLD } from '../../shapes/fold'
import { type Outline, type Point } from '../../shapes/polygon'

/** The corners of a piece that is drawn to its fold on x = 0, and of its mirror image; in no order. */
export function unfoldedHalf(half: Outline): Point[] {
  return half.flatMap(([x, y]): Point[] =>
    Math.abs(x) <= ON_FOLD
      ? [[0, y]]
      : [
          [x, y],
          [-x, y],
        ],
  )
}
