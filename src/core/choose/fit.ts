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
  for (let i = 0; i < COUNT; i++) {
    const at = value + SLICES[i]! * sd
    if (at < low) sum += at > zeroBelow ? (at - zeroBelow) * below : 0
    else if (at > high) sum += at < zeroAbove ? (zeroAbove - at) * above : 0
    else sum += 1
  }
  return sum / COUNT
}

const COUNT = SLICES.length
const FURTHEST = -SLICES[0]!

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

// The fits of each number stand beside what they are made of: long columns of them are quickest so.

/** How well a weight fits, g/m²: it runs out over 40 % below and 50 % above. */
export function weightFit(value: number, sd: number, low: number, high: number): number {
  return fitOfNumber(value, sd, low, high, low * 0.6, high * 1.5)
}

/** Stretch from which a pattern relies on it, per cent: below that it is ease or comfort. */
export const RELIES_ON_STRETCH = 12

/** How well a stretch fits, per cent: what is relied on runs out soon, what is only ease slowly. */
export function stretchFit(value: number, sd: number, least: number, most: number): number {
  return fitOfNumber(value, sd, least, most, least >= RELIES_ON_STRETCH ? least * 0.4 : least - 15, most + 45)
}

/** How well a weight fits those that a detail takes. */
export function detailWeightFit(value: number, sd: number, low: number, high: number): number {
  return fitOfNumber(value, sd, low, high, low * 0.5 - 1, high * 1.4)
}

/** How well a stretch fits what a detail needs at least, per cent. */
export function detailStretchFit(value: number, sd: number, least: number): number {
  return fitOfNumber(value, sd, least, 1000, -least, 2000)
}
