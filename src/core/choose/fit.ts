import { type Quantity } from '../units/quantity'

/**
 * Standard normal quantiles at the middles of nine equal slices of probability: a cloth's doubt, in nine equally
 * likely values.
 */
const SLICES = [-1.593, -0.967, -0.589, -0.282, 0, 0.282, 0.589, 0.967, 1.593]

/**
 * How well an uncertain quantity fits a span: the mean membership over its doubt, 0 to 1.
 * Membership is 1 within the span and falls in a straight line to 0 at `zeroBelow` and `zeroAbove`.
 */
export function fitOfSpan(
  quantity: Quantity,
  [low, high]: readonly [number, number],
  zeroBelow: number,
  zeroAbove: number,
): number {
  const membership = (value: number) => {
    if (value < low) return clamp01(low > zeroBelow ? (value - zeroBelow) / (low - zeroBelow) : 0)
    if (value > high) return clamp01(zeroAbove > high ? (zeroAbove - value) / (zeroAbove - high) : 0)
    return 1
  }
  return SLICES.reduce((sum, z) => sum + membership(quantity.value + z * quantity.sd), 0) / SLICES.length
}

/** How well a step on an ordered scale fits a set of wanted steps: by its distance from the nearest. */
export function fitOfStep<T>(
  scale: readonly T[],
  value: T,
  wanted: readonly T[],
  byDistance: readonly number[],
): { fit: number; miss: 'under' | 'over' | null } {
  const at = scale.indexOf(value)
  let nearest = Infinity
  let signed = 0
  for (const step of wanted) {
    const distance = scale.indexOf(step) - at
    if (Math.abs(distance) < nearest) {
      nearest = Math.abs(distance)
      signed = distance
    }
  }
  const fit = byDistance[Math.min(nearest, byDistance.length - 1)] ?? 0
  return { fit, miss: nearest === 0 ? null : signed > 0 ? 'under' : 'over' }
}

function clamp01(value: number): number {
  return Math.min(1, Math.max(0, value))
}
