import { type Quantity } from '../units/quantity'
import { itemAt, mustHave } from '../lists/items'

/** One pull of a marked length. */
export interface StretchReading {
  /** Between the marks at rest, pulled firmly, and after letting go, mm; the last may be left out. */
  restMm: number
  pulledMm: number
  backMm: number | null
  /** Standard deviation of reading a mark, mm. */
  errorMm: number
}

/**
 * Stretch, per cent of the length at rest: 100 × (pulled − rest) / rest. @throws RangeError where a length is not
 * positive
 */
export function stretchPercent({ restMm, pulledMm, errorMm }: StretchReading): Quantity {
  if (!(restMm > 0 && pulledMm > 0 && errorMm >= 0))
    throw new RangeError('stretchPercent: needs lengths of more than zero')
  return {
    value: (100 * (pulledMm - restMm)) / restMm,
    sd: (100 * errorMm * Math.hypot(1, pulledMm / restMm)) / restMm,
  }
}

/** A stretch below this has nothing to come back from, mm: recovery would be a quotient of reading errors. */
const LEAST_PULL_IN_ERRORS = 4

/**
 * Recovery, per cent of the stretch that went back: 100 × (pulled − back) / (pulled − rest).
 * Null where the cloth hardly gave, or was not read after letting go.
 */
export function recoveryPercent({ restMm, pulledMm, backMm, errorMm }: StretchReading): Quantity | null {
  const pull = pulledMm - restMm
  if (backMm === null || pull <= LEAST_PULL_IN_ERRORS * errorMm || pull <= 0) return null
  const value = (100 * (pulledMm - backMm)) / pull
  return { value, sd: (100 * errorMm * Math.hypot(1, Math.abs(1 - value / 100), value / 100)) / pull }
}

export interface StretchClass {
  id: string
  name: string
  /** From this stretch on, per cent. */
  from: number
  allows: string
}

/** Classes of stretch and what they allow; common practice. */
export const stretchClasses: readonly StretchClass[] = [
  {
    id: 'none',
    name: 'No stretch',
    from: -100,
    allows: 'Needs ease, darts and a fastening to go over head or hips.',
  },
  {
    id: 'mechanical',
    name: 'A little give',
    from: 3,
    allows: 'Comfortable at elbow and knee; cut it like fabric without stretch.',
  },
  {
    id: 'comfort',
    name: 'Comfort stretch',
    from: 8,
    allows: 'Close trousers and skirts with a fastening; choose patterns for stretch woven fabric.',
  },
  {
    id: 'stable',
    name: 'Stable knit',
    from: 18,
    allows: 'Knit tops, cardigans and jackets with some ease; not close leggings.',
  },
  { id: 'moderate', name: 'Moderate stretch', from: 28, allows: 'T-shirts, close dresses, pull-on skirts.' },
  { id: 'very', name: 'High stretch', from: 50, allows: 'Close pull-on garments cut smaller than the body.' },
  { id: 'super', name: 'Super stretch', from: 75, allows: 'Swimwear, leggings and bands, if it also recovers.' },
]

export function stretchClassOf(percent: number): StretchClass {
  return stretchClasses.findLast(({ from }) => percent >= from) ?? itemAt(stretchClasses, 0)
}

/** What a recovery means; common practice. Per cent of the stretch that went back. */
export function recoveryWords(percent: number): string {
  if (percent >= 95) return 'Recovers fully: it keeps its shape.'
  if (percent >= 85) return 'Recovers almost fully: knees and elbows will show after a day.'
  if (percent >= 70) return 'Recovers in part: it will bag; add ease, or line it.'
  return 'Stays stretched: don’t use it for close-fitting clothes.'
}

/**
 * Ways that a cloth stretches by more than mere give, in words. @param lengthwise per cent; undefined where not
 * measured
 */
export function waysWords(lengthwise: number | undefined, across: number | undefined): string {
  const gives = (percent: number | undefined) =>
    percent !== undefined && percent >= mustHave(stretchClasses.find(({ id }) => id === 'stable')).from
  if (gives(lengthwise) && gives(across)) return 'Stretches four ways.'
  if (gives(across))
    return lengthwise === undefined
      ? 'Stretches across the width; the length is not measured.'
      : 'Stretches across the width only: turn the pattern so that it goes round the body.'
  if (gives(lengthwise)) return 'Stretches lengthwise only: turn the pattern so that the stretch goes round the body.'
  return ''
}
