import { COVERAGE_95, interval95, pooled, type Quantity } from '../units/quantity'
import { toMomme, toOuncesPerSquareYard } from '../units/format'
import { weightClassOf, type WeightClass } from './weightClass'

/** One weighing of a specimen of known size. */
export interface WeighingReading {
  grams: number
  /** Smallest step of the scale, g. */
  resolutionGrams: number
  lengthMm: number
  widthMm: number
  /** Standard deviation of each side as cut or measured, mm. */
  cutErrorMm: number
}

export interface WeighingAnswer {
  gsm: number
  standardUncertainty: number
  interval95: [number, number]
  ouncesPerSquareYard: number
  momme: number
  weightClass: WeightClass
  /** How to do better, where the interval is wider than ±5 %; null where it is not. */
  advice: string | null
  /** Side of the square specimen, mm, that would reach ±5 % with this scale; null where no advice is needed. */
  adviceSideMm: number | null
}

/** The precision that advice aims at: half-width of the 95 % interval over the value. */
export const GOAL = 0.05

/**
 * Mass per area of one reading, g/m², with standard uncertainty by the law of propagation (JCGM 100, GUM).
 * The scale's step is a rectangular distribution of half-width resolution / 2 (standard deviation half-width / √3),
 * once for the reading and once for the tare; each side has the standard deviation `cutErrorMm`.
 * @throws RangeError when a size, the mass or the resolution is not positive, or the cut error negative
 */
export function massPerArea({ grams, resolutionGrams, lengthMm, widthMm, cutErrorMm }: WeighingReading): Quantity {
  if (!(grams > 0 && lengthMm > 0 && widthMm > 0 && resolutionGrams > 0)) {
    throw new RangeError('massPerArea: mass, resolution, length and width must all be more than zero')
  }
  if (!(cutErrorMm >= 0)) throw new RangeError('massPerArea: the cut error must not be negative')
  const squareMetres = (lengthMm * widthMm) / 1e6
  const gsm = grams / squareMetres
  const relative = Math.hypot(scaleUncertainty(resolutionGrams) / grams, cutErrorMm / lengthMm, cutErrorMm / widthMm)
  return { value: gsm, sd: gsm * relative }
}

/** Standard uncertainty of a weighing and its tare, g: √2 · (r / 2) / √3. */
function scaleUncertainty(resolutionGrams: number): number {
  return (Math.SQRT2 * (resolutionGrams / 2)) / Math.sqrt(3)
}

/** All readings of one cloth, pooled by inverse variance. */
export function weigh(readings: readonly WeighingReading[]): WeighingAnswer {
  const each = readings.map(massPerArea)
  const gsm = pooled(each)
  const side = adviceSide(gsm, readings)
  return {
    gsm: gsm.value,
    standardUncertainty: gsm.sd,
    interval95: interval95(gsm),
    ouncesPerSquareYard: toOuncesPerSquareYard(gsm.value),
    momme: toMomme(gsm.value),
    weightClass: weightClassOf(gsm.value),
    advice: side === null ? null : adviceText(side),
    adviceSideMm: side,
  }
}

/**
 * Readings that disagree by more than their doubt allows: the largest distance between two, in standard uncertainties
 * of their difference. Over 3 something else is going on (a damp piece, a wrong length, another cloth).
 */
export function disagreement(readings: readonly WeighingReading[]): number {
  const each = readings.map(massPerArea)
  let widest = 0
  for (const [index, a] of each.entries()) {
    for (const b of each.slice(index + 1)) widest = Math.max(widest, Math.abs(a.value - b.value) / Math.hypot(a.sd, b.sd))
  }
  return widest
}

/** Side of a square, mm, that a single weighing on the finest of the scales would bring to ±5 %. */
function adviceSide(gsm: Quantity, readings: readonly WeighingReading[]): number | null {
  if (COVERAGE_95 * gsm.sd <= GOAL * gsm.value) return null
  const scale = scaleUncertainty(Math.min(...readings.map(({ resolutionGrams }) => resolutionGrams)))
  const cut = Math.min(...readings.map(({ cutErrorMm }) => cutErrorMm))
  const target = GOAL / COVERAGE_95
  const relativeAt = (side: number) => Math.hypot(scale / (gsm.value * side * side * 1e-6), (Math.SQRT2 * cut) / side)
  // Falls monotonically with the side, so bisection between a thumbnail and ten metres finds the one crossing.
  let [low, high] = [5, 10_000]
  while (high - low > 0.5) {
    const middle = (low + high) / 2
    if (relativeAt(middle) > target) low = middle
    else high = middle
  }
  return Math.ceil(high / 10) * 10
}

function adviceText(sideMm: number): string {
  const side = `${sideMm / 10} cm (${Math.ceil(sideMm / 25.4)} in)`
  if (sideMm <= 600) return `This scale wants a bigger piece: a square of about ${side} a side would bring it to ±5 %.`
  return `This scale wants far more cloth: a square of about ${side} a side, so fold up and weigh the whole length, or borrow a finer scale.`
}
