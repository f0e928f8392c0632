import { type Quantity } from '../units/quantity'
import { type ThreadSet } from './count'
import { phaseOf } from './phase'
import { type Plane } from './plane'

// Taken out once: they stand in loops over every pixel.
const { floor, cos, sin, PI, round } = Math

/** Side of the square that is shown from near, in threads. */
export const NEAR_THREADS = 26
/** Threads across the window that a phase is taken over. */
const PHASE_THREADS = 16
const MM_PER_CM = 10

/** A line of the picture, pixels. */
export interface OverlayLine {
  from: { x: number; y: number }
  to: { x: number; y: number }
}

/**
 * Where the found threads lie: one line for each thread about the middle of the picture, so that an eye can check the
 * count.
 * @param pixelsPerCm scale of the picture
 * @param reach half the side of the square that the lines fill, pixels
 */
export function threadLines(plane: Plane, set: ThreadSet, pixelsPerCm: number, reach: number): OverlayLine[] {
  const frequency = set.threadsPerCm / pixelsPerCm
  const angle = (set.angleDeg * PI) / 180
  const [u, v] = [frequency * cos(angle), frequency * sin(angle)]
  const phase = phaseOf(plane, { u, v }, PHASE_THREADS)
  const [cx, cy] = [plane.width / 2, plane.height / 2]
  const most = floor(reach * frequency)
  return Array.from({ length: 2 * most + 1 }, (_, index) => {
    // The crest that is nearest to the middle, and so many threads from it.
    const along = (index - most + phase) / frequency
    const [x, y] = [cx + along * cos(angle), cy + along * sin(angle)]
    return {
      from: { x: x - reach * -sin(angle), y: y - reach * cos(angle) },
      to: { x: x + reach * -sin(angle), y: y + reach * cos(angle) },
    }
  })
}

/**
 * Threads a centimetre from marks set on one thread after another: the gaps between the first and the last. A mark is
 * set to about a quarter of a thread either way.
 * @param marks pixels, in the order in which they were set, straight across the threads
 * @param pixelsPerCm scale of the picture
 * @returns null with fewer than three marks, or marks on one spot
 */
export function countByMarks(marks: readonly { x: number; y: number }[], pixelsPerCm: number): Quantity | null {
  const [first, last] = [marks[0], marks.at(-1)]
  if (!first || !last || marks.length < 3) return null
  const distance = Math.hypot(last.x - first.x, last.y - first.y)
  if (distance === 0) return null
  const gaps = marks.length - 1
  const value = (gaps * pixelsPerCm) / distance
  return { value, sd: (value * PLACING) / gaps }
}

/** Standard uncertainty of the two end marks together, threads: a quarter each. */
const PLACING = 0.25 * Math.SQRT2
/** Relative standard uncertainty of the automatic count where it is right at all. */
const COUNT_SD = 0.005

/**
 * Whether a count by eye and one from the picture agree within their doubts; where not, by what whole ratio they
 * differ, if by one.
 */
export function compareCounts(byHand: Quantity, byPicture: number): { agree: boolean; ratio: number | null } {
  const apart = Math.abs(byHand.value - byPicture) / Math.hypot(byHand.sd, COUNT_SD * byPicture)
  if (apart <= 2) return { agree: true, ratio: null }
  const ratio = byHand.value > byPicture ? byHand.value / byPicture : byPicture / byHand.value
  const isWhole = round(ratio) >= 2 && Math.abs(ratio - round(ratio)) < 0.1 * round(ratio)
  return { agree: false, ratio: isWhole ? round(ratio) : null }
}

/**
 * Pixels a centimetre from two marks a known length apart. @throws RangeError where the length is not positive or the
 * marks are on one spot
 */
export function scaleFromMarks(
  [a, b]: readonly [{ x: number; y: number }, { x: number; y: number }],
  lengthMm: number,
): number {
  const distance = Math.hypot(b.x - a.x, b.y - a.y)
  if (!(lengthMm > 0) || distance === 0)
    throw new RangeError('scaleFromMarks: needs two marks apart, and a length of more than zero')
  return (distance / lengthMm) * MM_PER_CM
}
