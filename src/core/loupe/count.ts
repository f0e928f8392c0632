import { MM_PER_INCH } from '../units/constants'
import { twillAngle } from '../weave/measure'
import { areCrossings, threadCellsOf } from './cells'
import { type Wave } from './phase'
import { firstHarmonics } from './interlacing'
import { isThreads, peaksOf, type Peak } from './peaks'
import { flattenPlane, halvePlane, cropMiddle, planeSpreadOf, type Plane } from './plane'
import { frequencySpectrumOf, type FrequencySpectrum } from './spectrum'
import { itemAt, mustHave } from '../lists/items'

/** One set of threads. */
export interface ThreadSet {
  threadsPerCm: number
  threadsPerInch: number
  /** Direction in which the threads run, from vertical, clockwise positive, in (−90, 90]. */
  angleDeg: number
  /** 0 … 1: how far its peak stands out. */
  confidence: number
}

export interface ThreadCount {
  /** The set whose threads run nearest to vertical first. */
  sets: [ThreadSet, ThreadSet]
  /** How far the two sets are from square, degrees. */
  skewDeg: number
  /** Angle of the twill line from the level threads, degrees; null where no twill shows. */
  twillAngleDeg: number | null
  interlacingHint: string | null
  warnings: string[]
}

/** A picture with nothing to count in it. */
export class NothingToCount extends Error {
  constructor() {
    super('We can’t find two sets of threads in this photo. Go closer, or light it from the side.')
    this.name = 'NothingToCount'
  }
}

const MM_PER_CM = 10
/** Largest side of what need be read to be counted, pixels: more holds no more threads than are needed. */
export const MOST_READ_PX = 3072
/** Largest side of what is transformed at once, pixels. */
const WINDOW = 1024
/**
 * Light is evened out over a square of this half side, pixels: broader than a thread, narrower than a stripe of dyed
 * threads.
 */
const FLATTEN_PX = 13
/** Spread of the evened picture below which there is no texture in it; 1 is a picture full of it. */
const LEAST_SPREAD = 0.5
/** A pair below this is no weave: natural logs of power over background, ends, picks and marks together. */
const LEAST_SCORE = 12
/** Both sets of threads must stand out of their ring at least so many times. */
const LEAST_STRENGTH = 60
const MOST_PEAKS = 40
/** Two counts this near to one another are the same; as a share. */
const SAME = 0.015
/** How many times more finer threads stand out than the harmonics of their stripes. */
const MUCH_MORE = 3
/** Stripes are at least so many threads broad: below it, a harmonic may be meant. */
const FEWEST_STRIPED = 3.5
/** What the marks of the weave count beside the threads' own peaks; ours. */
const MARKS_COUNT = 0.7
/** A skew of so many degrees costs one. */
const SKEW_SCALE_DEG = 8
/** A thread so wide or wider shows its shape, pixels. */
const CELL_PX = 4.5
/** Two peaks within so many degrees point the same way. */
const SAME_WAY_DEG = 1.5
/** What is finer than a pair by so much, and points another way, is no thread of it. */
const FINER = 1.15
/** What it costs a pair where something finer stands out beside it; ours. */
const FINER_COUNTS = 1.5
/** Cloth is never pulled so far out of square, degrees. */
const MOST_SKEW_DEG = 28

interface Pair {
  ends: Peak
  picks: Peak
  score: number
  hint: string | null
}

/** What one distance shows. */
interface Look {
  plane: Plane
  /** Pixels of the picture to one of the transform. */
  shrink: number
  size: number
  peaks: Peak[]
  best: Pair | undefined
}

/** A pair, in the transform of one look. */
interface Found extends Pair {
  look: Look
}

/** Called between the stages, with the share that is done; may throw to stop. */
export type CountProgress = (done: number) => void

/**
 * Counts the threads of a woven cloth in a picture, from the peaks of its spectrum: the middle of the picture is
 * looked at near and from further off, and the pair of peaks that stands out most, together with the marks of a
 * regular weave, is taken.
 * @param pixelsPerCm scale of the picture
 * @throws NothingToCount where no two sets of threads stand out; RangeError where the scale is not positive
 */
export function countThreads(plane: Plane, pixelsPerCm: number, progress: CountProgress = () => {}): ThreadCount {
  if (!(pixelsPerCm > 0)) throw new RangeError('countThreads: needs a scale of more than zero pixels a centimetre')
  const looks: Look[] = []
  const factors = [1, 2, 4, 8].filter((factor) => Math.min(plane.width, plane.height) / factor >= 96)
  let smaller = plane
  factors.forEach((shrink, index) => {
    progress(index / factors.length)
    // Each look is made from the one before it, by halves.
    if (shrink > 1) smaller = halvePlane(smaller)
    const flat = flattenPlane(cropMiddle(smaller, WINDOW), FLATTEN_PX)
    // A smooth picture evened out is nothing but rounding.
    if (planeSpreadOf(flat) < LEAST_SPREAD) return
    looks.push(lookAt(flat, frequencySpectrumOf(flat), shrink))
  })
  progress(1)
  const found = chosen(looks)
  if (!found || !isWoven(found, looks)) throw new NothingToCount()
  return counted(found, pixelsPerCm)
}

/**
 * The pair that stands out most, from whatever distance; threads where stripes of them were taken, and none doubled.
 */
function chosen(looks: readonly Look[]): Found | undefined {
  const founds = looks.flatMap((look): Found[] =>
    look.best && look.best.score > LEAST_SCORE ? [{ ...look.best, look }] : [],
  )
  let best = founds.reduce<Found | undefined>((most, one) => (one.score > (most?.score ?? 0) ? one : most), undefined)
  if (!best) return undefined
  // From further off, stripes of dyed threads look like threads: where a nearer look has the same other set, and
  // finer threads, it is right.
  best =
    founds.find((one) => one.look.shrink < mustHave(best).look.shrink && isStripesOf(mustHave(best), one)) ?? best
  const { look } = best
  return { ...best, ends: fundamental(best.ends, look, looks), picks: fundamental(best.picks, look, looks) }
}

/**
 * Whether the cells between the two sets look like crossings, from so far off that a thread is still a few pixels
 * wide.
 */
function isWoven({ ends, picks, look }: Found, looks: readonly Look[]): boolean {
  const narrowest = 1 / Math.max(lengthOf(ends, look), lengthOf(picks, look))
  const from = looks.filter(({ shrink }) => narrowest / shrink >= CELL_PX).at(-1) ?? itemAt(looks, 0)
  const wave = (peak: Peak): Wave => {
    const { u, v } = perPixel(peak, look)
    return { u: u * from.shrink, v: v * from.shrink }
  }
  const cells = threadCellsOf(from.plane, wave(ends), wave(picks))
  return !cells || areCrossings(cells)
}

/** Cycles a pixel of the picture. */
const perPixel = ({ u, v }: Peak, { size, shrink }: Look) => ({ u: u / size / shrink, v: v / size / shrink })
const lengthOf = (peak: Peak, look: Look) => Math.hypot(peak.u, peak.v) / look.size / look.shrink

/** Whether one set of the coarse pair is stripes of the fine one's threads, the other set being the same. */
function isStripesOf(coarse: Found, fine: Found): boolean {
  const ratio = (set: 'ends' | 'picks') => lengthOf(fine[set], fine.look) / lengthOf(coarse[set], coarse.look)
  const [ends, picks] = [ratio('ends'), ratio('picks')]
  const isSame = (value: number) => Math.abs(value - 1) < SAME
  const isMany = (value: number) => value > FEWEST_STRIPED && Math.abs(value / Math.round(value) - 1) < SAME
  return (isSame(ends) && isMany(picks)) || (isSame(picks) && isMany(ends))
}

function lookAt(plane: Plane, spectrum: FrequencySpectrum, shrink: number): Look {
  const clear = peaksOf(spectrum, MOST_PEAKS).filter(({ strength }) => strength >= LEAST_STRENGTH)
  return { plane, shrink, size: spectrum.size, peaks: clear, best: bestPair(spectrum, clear) }
}

function bestPair(spectrum: FrequencySpectrum, clear: readonly Peak[]): Pair | undefined {
  const threads = clear.filter((peak) => !isStripe(peak, clear))
  const picks = threads.filter((peak) => isThreads(peak, 'picks', spectrum))
  let best: Pair | undefined
  for (const end of threads.filter((peak) => isThreads(peak, 'ends', spectrum))) {
    for (const pick of picks) {
      if (skewOf(end, pick) > MOST_SKEW_DEG) continue
      const { hint, clearness } = firstHarmonics(spectrum, end, pick)
      const score =
        Math.log(end.strength) +
        Math.log(pick.strength) +
        MARKS_COUNT * clearness -
        (skewOf(end, pick) / SKEW_SCALE_DEG) ** 2 -
        FINER_COUNTS * finerThan(end, pick, clear)
      if (score > (best?.score ?? 0)) best = { ends: end, picks: pick, score, hint }
    }
  }
  return best
}

/**
 * How far something finer stands out beside a pair, natural logs: round threads have fainter harmonics than
 * themselves, so that what is finer and as strong says that marks were taken for threads.
 */
function finerThan(ends: Peak, picks: Peak, clear: readonly Peak[]): number {
  const finest = FINER * Math.max(Math.hypot(ends.u, ends.v), Math.hypot(picks.u, picks.v))
  const strongest = clear.reduce(
    (most, peak) =>
      Math.hypot(peak.u, peak.v) > finest && !isAlong(peak, ends) && !isAlong(peak, picks)
        ? Math.max(most, peak.strength)
        : most,
    0,
  )
  return Math.max(0, Math.log((2 * strongest) / Math.min(ends.strength, picks.strength)))
}
/**
 * Whether a peak belongs to stripes: another in the same direction, finer and no harmonic of it, stands out much
 * more. The threads of a striped cloth stand out of the harmonics of its stripes.
 */
function isStripe(peak: Peak, peaks: readonly Peak[]): boolean {
  const length = Math.hypot(peak.u, peak.v)
  return peaks.some((other) => {
    const ratio = Math.hypot(other.u, other.v) / length
    return (
      ratio > 1.1 &&
      other.strength > MUCH_MORE * peak.strength &&
      Math.abs(ratio - 2) > 0.03 &&
      Math.abs(ratio - 3) > 0.03 &&
      isAlong(other, peak)
    )
  })
}

/**
 * The threads themselves where a harmonic of theirs was taken: the peak at a half or a third of it, if it is there
 * and stands out about as far. A round thread is darkest at its edges once a thread, so that its harmonics are
 * fainter than itself. Broad threads are evened out of a near look, so that looks from further off are asked too. The
 * answer is in cycles of the look that the peak is of.
 */
function fundamental(peak: Peak, look: Look, looks: readonly Look[]): Peak {
  const own = perPixel(peak, look)
  for (const part of [3, 2]) {
    for (const other of looks.filter(({ shrink }) => shrink >= look.shrink)) {
      const at = (share: number) =>
        other.peaks.find((candidate) => {
          const { u, v } = perPixel(candidate, other)
          return Math.hypot(u - own.u * share, v - own.v * share) * other.size * other.shrink < 1
        })
      const lower = at(1 / part)
      if (lower && lower.strength > (at(1)?.strength ?? peak.strength) / 2 && !isOfStripes(lower, other.peaks)) {
        const { u, v } = perPixel(lower, other)
        return { u: u * look.size * look.shrink, v: v * look.size * look.shrink, strength: lower.strength }
      }
    }
  }
  return peak
}

/** Whether a peak is one of the harmonics of stripes: a broader one in the same direction stands out more. */
function isOfStripes(peak: Peak, peaks: readonly Peak[]): boolean {
  return peaks.some(
    (other) =>
      other.strength > peak.strength &&
      Math.hypot(other.u, other.v) < Math.hypot(peak.u, peak.v) / 1.1 &&
      isAlong(other, peak),
  )
}

/** Whether two peaks point the same way. */
function isAlong(one: Peak, other: Peak): boolean {
  const apart = Math.abs(directionOf(one) - directionOf(other))
  return Math.min(apart, 180 - apart) < SAME_WAY_DEG
}

/** How far two sets are from square, degrees. */
function skewOf(ends: Peak, picks: Peak): number {
  return Math.abs(Math.abs(directionOf(ends) - directionOf(picks)) - 90)
}

/**
 * Direction in which the threads of a peak run, from vertical, clockwise positive, degrees in (−90, 90]. Rows run
 * downwards.
 */
function directionOf({ u, v }: Peak): number {
  // Threads run across their frequency: turned by a quarter.
  const angle = (Math.atan2(v, u) * 180) / Math.PI
  const wrapped = ((angle % 180) + 180) % 180
  return wrapped > 90 ? wrapped - 180 : wrapped
}

function counted({ ends, picks, hint, look }: Found, pixelsPerCm: number): ThreadCount {
  const set = (peak: Peak): ThreadSet => {
    const threadsPerCm = lengthOf(peak, look) * pixelsPerCm
    return {
      threadsPerCm,
      threadsPerInch: (threadsPerCm * MM_PER_INCH) / MM_PER_CM,
      angleDeg: directionOf(peak),
      confidence: 1 - 1 / (1 + peak.strength / 200),
    }
  }
  const sets: [ThreadSet, ThreadSet] = [set(ends), set(picks)]
  const skew = skewOf(ends, picks)
  return {
    sets,
    skewDeg: skew,
    twillAngleDeg: hint === 'twill' ? twillAngle(sets[0].threadsPerCm, sets[1].threadsPerCm) : null,
    interlacingHint: hint,
    warnings: warningsOf(sets, skew, pixelsPerCm),
  }
}

function warningsOf(sets: readonly ThreadSet[], skew: number, pixelsPerCm: number): string[] {
  const warnings: string[] = []
  if (sets.some(({ threadsPerCm }) => pixelsPerCm / threadsPerCm < 4))
    warnings.push('The threads are hardly wider than the photo’s own grain: go closer, and count again.')
  if (skew > 3)
    warnings.push(
      `The two sets are ${skew.toFixed(1)}° out of square: the fabric is off grain, or the camera ` + 'was tilted.',
    )
  if (sets.some(({ confidence }) => confidence < 0.6))
    warnings.push('One set of threads is faint: check the lines over the photo.')
  return warnings
}
