import { itemAt } from '../lists/items'

/**
 * Evenly spread draws from the standard normal distribution, the same each time: a Kronecker sequence (one irrational
 * step a dimension, after Roberts’ generalised golden ratio) through the inverse normal. Averages over them settle
 * far sooner than over random draws.
 * @param count of draws; @param dimensions independent numbers a draw
 */
export function normalDraws(count: number, dimensions: number): number[][] {
  const ratio = generalisedGolden(dimensions)
  return Array.from({ length: count }, (_, i) =>
    Array.from({ length: dimensions }, (__, d) => inverseNormal((0.5 + (i + 1) / ratio ** (d + 1)) % 1)),
  )
}

/** The positive root of x^(d+1) = x + 1, by repeated substitution. */
function generalisedGolden(dimensions: number): number {
  let x = 2
  for (let i = 0; i < 40; i++) x = (1 + x) ** (1 / (dimensions + 1))
  return x
}

/** Lower and upper end of the region in which the central approximation holds. */
const LOW = 0.02425

/** Quantile of the standard normal distribution (Acklam’s rational approximation, relative error under 1.2e-9). */
export function inverseNormal(p: number): number {
  if (!(p > 0 && p < 1)) return p <= 0 ? -Infinity : Infinity
  if (p < LOW) return tail(Math.sqrt(-2 * Math.log(p)))
  if (p > 1 - LOW) return -tail(Math.sqrt(-2 * Math.log(1 - p)))
  const q = p - 0.5
  const r = q * q
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
    2.506628277459239,
  ]
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572, 1]
  return (poly(a, r) * q) / poly(b, r)
}

function tail(q: number): number {
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ]
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416, 1]
  return poly(c, q) / poly(d, q)
}

/** Horner, the highest power first. */
function poly(coefficients: readonly number[], x: number): number {
  return coefficients.reduce((sum, coefficient) => sum * x + coefficient, 0)
}

/** The central 80 % of values that are equally likely. */
export function drawnInterval80(values: readonly number[]): [number, number] {
  const sorted = values.toSorted((a, b) => a - b)
  const at = (share: number) => itemAt(sorted, Math.round(share * (sorted.length - 1)))
  return [at(0.1), at(0.9)]
}
