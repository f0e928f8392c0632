import { CERTAINTY } from '../fit/weights'

/** What has been put together so far: the product, and what certainty is the mean of. */
export interface Sums {
  score: Float64Array
  importance: Float64Array
  certain: Float64Array
}

/** Certainty by how a number is known, in the order of `NumberColumn.how`. */
export const CERTAINTY_BY_HOW = [CERTAINTY.measured, CERTAINTY.said, CERTAINTY.estimated, 0] as const
