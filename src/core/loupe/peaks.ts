import { powerAt, prominence, type FrequencySpectrum } from './spectrum'
import { floatAt } from '../lists/items'

// Taken out once: it stands in a loop over every bin.
const { sqrt, round } = Math

/** A peak of the spectrum, at a fraction of a bin: cycles across the transform's side. */
export interface Peak {
  u: number
  v: number
  /** Power over the background of its ring. */
  strength: number
}

/** Fewer threads than this across the picture cannot be counted to a per cent. */
const FEWEST_THREADS = 6
/** A thread narrower than this many pixels cannot be told from its neighbours. */
const NARROWEST_PX = 2.6
/** A thread broader than this is looked at from further off; what is as broad from near is a stripe. */
const BROADEST_PX = 22
/**
 * What stands out less than this is noise: of a million bins of noise, the strongest is about twenty times their
 * median.
 */
const LEAST_STRENGTH = 30

/** The strongest local peaks of the half plane, u from 0. */
export function peaksOf(spectrum: FrequencySpectrum, most: number): Peak[] {
  const { size, window } = spectrum
  const half = size / 2
  // Stripes are broader than threads: they are looked for too, so that they are not taken for threads.
  const [low, high] = [(0.5 * FEWEST_THREADS * size) / Math.min(window.width, window.height), size / NARROWEST_PX]
  const found: Peak[] = []
  for (let v = -half + 1; v < half - 1; v++) {
    for (let u = 0; u < half; u++) {
      // The axis u = 0 mirrors itself: half of it will do.
      if (u === 0 && v < 0) continue
      const radius = sqrt(u * u + v * v)
      if (radius < low || radius > high) continue
      const power = powerAt(spectrum, u, v)
      if (power < LEAST_STRENGTH * floatAt(spectrum.background, round(radius))) continue
      if (
        power < powerAt(spectrum, u + 1, v) ||
        power <= powerAt(spectrum, u - 1, v) ||
        power < powerAt(spectrum, u, v + 1) ||
        power <= powerAt(spectrum, u, v - 1)
      )
        continue
      found.push({ ...refined(spectrum, u, v), strength: prominence(spectrum, u, v, 0) })
    }
  }
  return found.sort((a, b) => b.strength - a.strength).slice(0, most)
}

/**
 * How far from straight across, or straight up, the threads' frequency may point: cloth lies about straight under the
 * camera.
 */
const SECTOR_TAN = Math.tan((25 * Math.PI) / 180)

/** Whether a peak could be a set of threads that runs about upright ('ends') or about level ('picks'). */
export function isThreads({ u, v }: Peak, which: 'ends' | 'picks', spectrum: FrequencySpectrum): boolean {
  const enough =
    Math.hypot(u, v) >=
    Math.max(
      spectrum.size / BROADEST_PX,
      (FEWEST_THREADS * spectrum.size) / Math.min(spectrum.window.width, spectrum.window.height),
    )
  return (
    enough && (which === 'ends' ? Math.abs(v) <= Math.abs(u) * SECTOR_TAN : Math.abs(u) <= Math.abs(v) * SECTOR_TAN)
  )
}

/**
 * The top of a peak between the bins: a parabola through the logarithms, each way. A Hann window's peak is nearly
 * one.
 */
function refined(spectrum: FrequencySpectrum, u: number, v: number): { u: number; v: number } {
  const log = (x: number, y: number) => Math.log(powerAt(spectrum, x, y) + 1e-12)
  const top = log(u, v)
  const shift = (before: number, after: number) => {
    const bend = before - 2 * top + after
    return bend < 0 ? Math.max(-0.5, Math.min(0.5, (before - after) / (2 * bend))) : 0
  }
  return { u: u + shift(log(u - 1, v), log(u + 1, v)), v: v + shift(log(u, v - 1), log(u, v + 1)) }
}
