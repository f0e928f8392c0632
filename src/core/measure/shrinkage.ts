import { type Quantity } from '../units/quantity'
import { itemAt, lastOf } from '../lists/items'

/** One marked square, lengthwise or across: its marks before any wash, then after each, mm. */
export interface MarkedLine {
  beforeMm: number
  /** After one wash, two, …; at least one. */
  afterMm: readonly number[]
  /** Standard deviation of reading between two marks, mm. */
  errorMm: number
}

/** Dimensional change, per cent: 100 × (after − before) / before; shrinkage negative (ISO 5077, AATCC 135). */
export function dimensionalChange(beforeMm: number, afterMm: number, errorMm = 0): Quantity {
  if (!(beforeMm > 0 && afterMm > 0 && errorMm >= 0))
    throw new RangeError('dimensionalChange: needs lengths of more than zero')
  return {
    value: (100 * (afterMm - beforeMm)) / beforeMm,
    sd: (100 * errorMm * Math.hypot(1, afterMm / beforeMm)) / beforeMm,
  }
}

export interface ShrinkageCurve {
  /** Change after each wash, per cent. */
  each: Quantity[]
  /** Where it will end, per cent. */
  limit: Quantity
  /** Share of what is still to come that each wash leaves over, 0 … 1. */
  left: number
  /** Whether another wash would still change it by more than can be read. */
  goesOn: boolean
}

/**
 * What one wash usually leaves of what is to come, and how much that differs between cloths; common practice: most of
 * it goes in the first.
 */
const USUAL_LEFT = 0.3
const LEFT_DOUBT = 0.18
const STEPS = 60

/**
 * Shrinkage towards its limit: after n washes L · (1 − qⁿ). The share q is weighed over a grid with the usual one as
 * prior and the readings as evidence; for each q the limit follows by least squares. Model ours.
 * @throws RangeError where there is no wash
 */
export function shrinkageCurve({ beforeMm, afterMm, errorMm }: MarkedLine): ShrinkageCurve {
  if (afterMm.length === 0) throw new RangeError('shrinkageCurve: needs at least one wash')
  const each = afterMm.map((after) => dimensionalChange(beforeMm, after, errorMm))
  const sd = Math.max(...each.map((one) => one.sd), 0.05)
  const candidates = Array.from({ length: STEPS }, (_, index) => {
    const left = ((index + 0.5) / STEPS) * 0.95
    const shape = each.map((_, wash) => 1 - left ** (wash + 1))
    const square = shape.reduce((sum, s) => sum + s * s, 0)
    const limit = shape.reduce((sum, s, wash) => sum + s * itemAt(each, wash).value, 0) / square
    const misfit =
      shape.reduce((sum, s, wash) => sum + (itemAt(each, wash).value - limit * s) ** 2, 0) / (2 * sd * sd)
    return {
      left,
      limit,
      own: sd / Math.sqrt(square),
      log: -misfit - (left - USUAL_LEFT) ** 2 / (2 * LEFT_DOUBT ** 2),
    }
  })
  const best = Math.max(...candidates.map(({ log }) => log))
  const weights = candidates.map(({ log }) => Math.exp(log - best))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const mean = (of: (candidate: (typeof candidates)[number]) => number) =>
    candidates.reduce((sum, candidate, index) => sum + itemAt(weights, index) * of(candidate), 0) / total
  const value = mean(({ limit }) => limit)
  const variance = mean(({ limit, own }) => (limit - value) ** 2 + own * own)
  const left = mean((candidate) => candidate.left)
  const last = lastOf(each)
  return {
    each,
    limit: { value, sd: Math.sqrt(variance) },
    left,
    goesOn: Math.abs(value - last.value) * (1 - left) > 2 * sd,
  }
}

/**
 * How much more to buy for a length that is to be left after washing: needed / (1 + change) − needed, the change at
 * its far end of 95 %.
 * @param neededMm mm
 * @param change per cent, shrinkage negative
 */
export function extraToBuy(neededMm: number, change: Quantity): number {
  if (!(neededMm > 0)) throw new RangeError('extraToBuy: needs a length of more than zero')
  const worst = Math.min(0, Math.max(-60, change.value - 1.96 * change.sd))
  return neededMm / (1 + worst / 100) - neededMm
}

/** What each wash is called. */
export function washWords(count: number): string {
  return ['unwashed', 'washed once', 'washed twice'][count] ?? `washed ${count} times`
}
