import { type Quantity } from '../units/quantity'
import { mustHave } from '../lists/items'

/** Standard uncertainty of starting or stopping a watch by hand, seconds; from memory of reaction-time experiments. */
export const REACTION_SECONDS = 0.2

/** Standard uncertainty of where a burning edge is along a mark, mm; ours. */
export const EDGE_MM = 2

/** From how many seconds in the flame a cloth counts as catching so; ours, after the words that people use. */
const CATCHING: readonly (readonly [from: number, state: string])[] = [
  [3, 'slow'],
  [1, 'quick'],
  [0, 'instant'],
]

/**
 * What a timed catch is called.
 * @param seconds from the flame's touch to the cloth's own flame; null where it never lit
 * @throws RangeError on a negative time
 */
export function catchState(seconds: number | null): string {
  if (seconds === null) return 'none'
  if (!(seconds >= 0)) throw new RangeError('catchState: a time is not negative')
  return mustHave(CATCHING.find(([from]) => seconds >= from))[1]
}

/**
 * How fast the edge of the burn travels along a marked length, mm/s, with the doubt of hand and eye (first-order
 * propagation, JCGM 100).
 * It depends on weave, weight and draught at least as much as on fibre: a note for comparing specimens side by side,
 * not evidence.
 * @throws RangeError unless both are positive
 */
export function burnRate(lengthMm: number, seconds: number): Quantity {
  if (!(lengthMm > 0) || !(seconds > 0)) throw new RangeError('burnRate: needs a length and a time of more than zero')
  const value = lengthMm / seconds
  // Two readings each: start and stop of the watch, first and last mark.
  const relative = Math.hypot((EDGE_MM * Math.SQRT2) / lengthMm, (REACTION_SECONDS * Math.SQRT2) / seconds)
  return { value, sd: value * relative }
}
