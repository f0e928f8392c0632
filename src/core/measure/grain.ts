import { type Construction } from '../vocabulary/cloth'
/**
 * A crosswise thread (torn edge or pulled thread) against a square laid on the left selvedge, the face up and the
 * length running away from the person.
 */
export interface GrainReading {
  widthMm: number
  /** How far the right end of the thread lies beyond (+) or short of (−) the square, mm. */
  offsetMm: number
  /** How far the middle of the thread lies beyond (+) or short of (−) the line between its ends, mm. */
  bowMm: number
  /** Standard deviation of each reading, mm. */
  errorMm: number
}

/** Skew, per cent of the width: 100 × offset / width (ASTM D3882, from memory). */
export function skewPercent({ offsetMm, widthMm }: Pick<GrainReading, 'offsetMm' | 'widthMm'>): number {
  if (!(widthMm > 0)) throw new RangeError('skewPercent: needs a width of more than zero')
  return (100 * offsetMm) / widthMm
}

/** Bow, per cent of the width: 100 × depth / width (ASTM D3882, from memory). */
export function bowPercent({ bowMm, widthMm }: Pick<GrainReading, 'bowMm' | 'widthMm'>): number {
  if (!(widthMm > 0)) throw new RangeError('bowPercent: needs a width of more than zero')
  return (100 * bowMm) / widthMm
}

export interface GrainJudgement {
  skewPercent: number
  bowPercent: number
  /** How far the corner is from square, degrees. */
  offDegrees: number
  /** Beyond what the readings may err by. */
  isOff: boolean
  /** Which two corners to pull apart; null where nothing needs to be pulled. */
  pull: 'near-left-and-far-right' | 'far-left-and-near-right' | null
  /** Whether it can be trued at all, and why. */
  canTrue: 'yes' | 'partly' | 'no'
  text: string[]
}

/** What stands against truing: each is a fact of the cloth. */
export interface GrainHindrance {
  /** Most of it is a fibre that heat has set in its shape. */
  heatSet: boolean
  /** It carries a resin or a coating: it was cured as it lies. */
  finished: boolean
  /** Its pattern was printed aslant, so that squaring the threads tilts the print. */
  printedOffGrain: boolean
  construction: Construction | null
}

/** Skew and bow that nobody sees in a garment, per cent; common practice. */
const HARMLESS = 1.5
/** More than this cannot be pulled out by hand; common practice. */
const MOST_PULLED = 10

/** What a reading means: how far off, which corners to pull, whether pulling helps. Common practice. */
export function judgeGrain(
  reading: GrainReading,
  { heatSet, finished, printedOffGrain, construction }: GrainHindrance,
): GrainJudgement {
  const [skew, bow] = [skewPercent(reading), bowPercent(reading)]
  const doubt = (100 * 2 * reading.errorMm) / reading.widthMm
  const isOff = Math.abs(skew) > Math.max(HARMLESS, doubt)
  const bowed = Math.abs(bow) > Math.max(HARMLESS, doubt)
  const text: string[] = []
  // The diagonal that became too short is pulled: where the right end lies too far, that is the one from far left to
  // near right.
  const pull = isOff ? (skew > 0 ? 'far-left-and-near-right' : 'near-left-and-far-right') : null
  let canTrue: GrainJudgement['canTrue'] = 'yes'
  if (construction === 'knit') {
    canTrue = 'no'
    text.push(
      'You can’t straighten a knit by pulling: its columns lean because the yarn is lively. Cut ' +
        'along a column, and expect the seam to wander.',
    )
  } else if (construction !== null && construction !== 'woven') {
    text.push('It has no threads to follow: lay it as you like.')
  } else if (!isOff && !bowed) text.push('It is straight: cut it as it is.')
  else {
    if (finished)
      text.push('Its finish was cured in this position: what you pull straight goes back in the first wash.')
    if (heatSet)
      text.push(
        'Heat has set most of its fibres: dampening does not help, and an iron hot enough to move them ' +
          'may mark them.',
      )
    if (finished || heatSet) canTrue = 'no'
    else if (bowed || Math.abs(skew) > MOST_PULLED) canTrue = 'partly'
    if (isOff && canTrue !== 'no')
      text.push(
        'Dampen it, and pull the two marked corners apart along the bias, a little at a time, all ' +
          'along the length; then press along the threads and let it rest.',
      )
    if (bowed)
      text.push(
        'It is bowed: the middle lags behind. Pin it square and steam it to correct it in part; ' +
          'pulling the corners does not help.',
      )
    if (Math.abs(skew) > MOST_PULLED)
      text.push('It is far off grain: straighten it in several rounds, and measure again.')
    if (canTrue === 'no') text.push('Cut along the lengthwise thread and accept a lean, or keep it for small pieces.')
  }
  if (printedOffGrain)
    text.push(
      'Its print is off grain and you can never pull it straight: if you cut by the grain, the print ' +
        'leans; if you cut by the print, the garment twists.',
    )
  return {
    skewPercent: skew,
    bowPercent: bow,
    offDegrees: (Math.atan(reading.offsetMm / reading.widthMm) * 180) / Math.PI,
    isOff: isOff || bowed,
    pull,
    canTrue: isOff || bowed ? canTrue : 'yes',
    text,
  }
}
