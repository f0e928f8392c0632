import { MM_PER_INCH } from '../units/constants'
import { COVERAGE_95, interval95, poolQuantities, type Quantity } from '../units/quantity'
import { toMomme, toOuncesPerSquareYard } from '../units/format'
import { dampness } from './moisture'
import { weightClassOf } from './weightClass'
import { type WeightClass } from '../vocabulary/cloth'

/** One weighing of a specimen of known size. */
export interface WeighingReading {
  grams: number
  /** Smallest step of the scale, g. */
  resolutionGrams: number
  lengthMm: number
  widthMm: number
  /** Standard deviation of each side as cut or measured, mm. */
  cutErrorMm: number
  /** How many layers lie on one another within that length and width; one where left out. */
  layers?: number
  /** Mass of what is not cloth (buttons, a zip, tape), g, and its standard deviation; none where left out. */
  notionsGrams?: number
  notionsErrorGrams?: number
  /** Relative humidity of the air that the cloth lay in, per cent; the standard 65 where left out. */
  humidityPercent?: number
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
 * once for the reading and once for the tare; each side has the standard deviation `cutErrorMm`, whatever the number
 * of layers.
 * @param regainPercent of the cloth's fibres; where it is given, a reading taken in other air is brought to the
 *   standard 65 %
 * @throws RangeError when a size, the mass less the notions, the layers or the resolution is not positive, or an
 *   error negative
 */
export function massPerArea(reading: WeighingReading, regainPercent?: number): Quantity {
  const {
    grams,
    resolutionGrams,
    lengthMm,
    widthMm,
    cutErrorMm,
    layers = 1,
    notionsGrams = 0,
    notionsErrorGrams = 0,
    humidityPercent,
  } = reading
  if (!(grams > 0 && lengthMm > 0 && widthMm > 0 && resolutionGrams > 0 && layers > 0)) {
    throw new RangeError('massPerArea: mass, resolution, length, width and layers must all be more than zero')
  }
  if (!(cutErrorMm >= 0 && notionsErrorGrams >= 0 && notionsGrams >= 0))
    throw new RangeError('massPerArea: no error and no notions may be negative')
  const net = grams - notionsGrams
  if (!(net > 0)) throw new RangeError('massPerArea: the notions weigh as much as the whole')
  const gsm = net / ((lengthMm * widthMm * layers) / 1e6)
  const relative = Math.hypot(
    Math.hypot(scaleUncertainty(resolutionGrams), notionsErrorGrams) / net,
    cutErrorMm / lengthMm,
    cutErrorMm / widthMm,
  )
  const damp =
    regainPercent === undefined || humidityPercent === undefined
      ? { value: 1, sd: 0 }
      : dampness(regainPercent, humidityPercent)
  return { value: gsm / damp.value, sd: (gsm / damp.value) * Math.hypot(relative, damp.sd / damp.value) }
}

/** Standard uncertainty of a weighing and its tare, g: √2 · (r / 2) / √3. */
function scaleUncertainty(resolutionGrams: number): number {
  return (Math.SQRT2 * (resolutionGrams / 2)) / Math.sqrt(3)
}

/**
 * All readings of one cloth, pooled by inverse variance; brought to standard air where the fibres' regain is given,
 * per cent.
 */
export function weigh(readings: readonly WeighingReading[], regainPercent?: number): WeighingAnswer {
  const each = readings.map((reading) => massPerArea(reading, regainPercent))
  const gsm = poolQuantities(each)
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
  const each = readings.map((reading) => massPerArea(reading))
  let widest = 0
  for (const [index, a] of each.entries()) {
    for (const b of each.slice(index + 1))
      widest = Math.max(widest, Math.abs(a.value - b.value) / Math.hypot(a.sd, b.sd))
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
  const side = `${sideMm / 10} cm (${Math.ceil(sideMm / MM_PER_INCH)} in)`
  if (sideMm <= 600)
    return `This scale needs a bigger piece: a square with sides of about ${side} would bring it to ±5 %.`
  return (
    `This scale needs much more fabric: a square with sides of about ${side}. Fold up and weigh ` +
    'the whole length, or borrow a finer scale.'
  )
}
