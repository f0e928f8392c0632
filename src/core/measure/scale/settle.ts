import { type ScaleLine } from './line'
import { itemAt, lastOf } from '../../lists/items'

export interface ScaleMoment extends ScaleLine {
  /** Time of the reading, ms, from any beginning. */
  atMs: number
}

export interface Settled {
  /** The weight to take, g; null until it stands still. */
  grams: number | null
  resolutionGrams: number
  /** How fast it still creeps, g a minute. */
  driftPerMinute: number
}

/** A weight must stand still so long, ms. */
const STILL_MS = 1500
/** A creep cannot be told from the rounding of the display over less than this, ms. */
const CREEP_MS = 8000
/** A jump of more steps than this is something being laid on or taken off. */
const JUMP_STEPS = 3

/**
 * The weight on a scale, once it stands still: over the last second and a half all readings lie within one step of
 * their mean, and the scale does not call them unsteady. A straight line through what has stood for long enough gives
 * the drift.
 * @param moments oldest first
 */
export function settleWeighings(moments: readonly ScaleMoment[]): Settled {
  const last = moments.at(-1)
  if (!last) return { grams: null, resolutionGrams: 1, driftPerMinute: 0 }
  const still = moments.filter(({ atMs }) => last.atMs - atMs <= STILL_MS)
  const mean = still.reduce((sum, { grams }) => sum + grams, 0) / still.length
  // A hair more than one step, so that rounding of the decimals does not decide.
  const stands =
    last.atMs - itemAt(moments, 0).atMs >= STILL_MS &&
    still.every(({ grams, steady }) => steady !== false && Math.abs(grams - mean) <= last.resolutionGrams * 1.0001)
  return {
    grams: stands ? toStep(mean, last.resolutionGrams) : null,
    resolutionGrams: last.resolutionGrams,
    driftPerMinute: driftOf(moments) * 60_000,
  }
}

/** g per ms over the last stretch without a jump, 0 where that is too short. */
function driftOf(moments: readonly ScaleMoment[]): number {
  let from = moments.length - 1
  while (
    from > 0 &&
    itemAt(moments, from - 1).steady !== false &&
    Math.abs(itemAt(moments, from).grams - itemAt(moments, from - 1).grams) <=
      itemAt(moments, from).resolutionGrams * JUMP_STEPS
  )
    from--
  const run = moments.slice(from)
  return lastOf(run).atMs - itemAt(run, 0).atMs >= CREEP_MS ? slope(run) : 0
}

function toStep(grams: number, step: number): number {
  return Number((Math.round(grams / step) * step).toPrecision(12))
}

/** Least squares, g per ms. */
function slope(moments: readonly ScaleMoment[]): number {
  const time = moments.reduce((sum, { atMs }) => sum + atMs, 0) / moments.length
  const mass = moments.reduce((sum, { grams }) => sum + grams, 0) / moments.length
  const spread = moments.reduce((sum, { atMs }) => sum + (atMs - time) ** 2, 0)
  return spread === 0 ? 0 : moments.reduce((sum, { atMs, grams }) => sum + (atMs - time) * (grams - mass), 0) / spread
}
