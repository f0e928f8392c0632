import { type Quantity } from '../../units/quantity'

/** How far the furthest of the slices below lies from the middle, in standard deviations. */
const FURTHEST = 1.593

/**
 * Standard normal quantiles at the middles of nine equal slices of probability: a cloth's doubt, in nine equally
 * likely values.
 */
const SLICES = [-FURTHEST, -0.967, -0.589, -0.282, 0, 0.282, 0.589, 0.967, FURTHEST]

/**
 * How well an uncertain quantity fits a span: the mean membership over its doubt, 0 to 1.
 * Membership is 1 within the span and falls in a straight line to 0 at `zeroBelow` and `zeroAbove`.
 */
export function fitOfSpan(
  { value, sd }: Quantity,
  [low, high]: readonly [number, number],
  zeroBelow: number,
  zeroAbove: number,
): number {
  return fitOfNumber(value, sd, low, high, zeroBelow, zeroAbove)
}

/** The same of bare numbers, for long columns of them. */
export function fitOfNumber(
  value: number,
  sd: number,
  low: number,
  high: number,
  zeroBelow: number,
  zeroAbove: number,
): number {
  const reach = FURTHEST * sd
  if (value - reach >= low && value + reach <= high) return 1
  if (value + reach <= zeroBelow || value - reach >= zeroAbove) return 0
  const below = low > zeroBelow ? 1 / (low - zeroBelow) : Infinity
  const above = zeroAbove > high ? 1 / (zeroAbove - high) : Infinity
  let sum = 0
  for (let i = 0; i < SLICES.length; i++) {
    const at = value + SLICES[i]! * sd
    if (at < low) sum += at > zeroBelow ? (at - zeroBelow) * below : 0
    else if (at > high) sum += at < zeroAbove ? (zeroAbove - at) * above : 0
    else sum += 1
  }
  return sum / SLICES.length
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

/** Where a number fits: wholly from `low` to `high`, running out to nothing at `zeroBelow` and `zeroAbove`. */
export interface Ramp {
  low: number
  high: number
  zeroBelow: number
  zeroAbove: number
}

/** The weights of a pattern, g/m²: what is lighter runs out over 40 %, what is heavier over 50 %. */
export function weightRamp([low, high]: readonly [number, number]): Ramp {
  return { low, high, zeroBelow: low * 0.6, zeroAbove: high * 1.5 }
}

/** Stretch from which a pattern relies on it, per cent: below that it is ease or comfort. */
export const RELIES_ON_STRETCH = 12

/** The stretch of a pattern, per cent: what is relied on runs out soon, what is only ease slowly. */
export function stretchRamp([low, high]: readonly [number, number]): Ramp {
  return { low, high, zeroBelow: low >= RELIES_ON_STRETCH ? low * 0.4 : low - 15, zeroAbove: high + 45 }
}

/** The weights that a detail takes, g/m². */
export function detailWeightRamp([low, high]: readonly [number, number]): Ramp {
  return { low, high, zeroBelow: low * 0.5 - 1, zeroAbove: high * 1.4 }
}

/** The stretch that a detail needs at least, per cent. */
export function detailStretchRamp(least: number): Ramp {
  return { low: least, high: 1000, zeroBelow: -least, zeroAbove: 2000 }
}
