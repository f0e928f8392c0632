/** A measured value with its doubt: `sd` is the standard uncertainty, in the same unit. */
export interface Quantity {
  value: number
  sd: number
}

/** 97.5 % quantile of the normal distribution: half-width of a 95 % interval in standard uncertainties. */
export const COVERAGE_95 = 1.959964

/** 90 % quantile of the normal distribution: four of five lie within so many standard deviations of the middle. */
export const COVERAGE_80 = 1.2816

/** The central 95 % interval of a normally distributed quantity. */
export function interval95({ value, sd }: Quantity): [number, number] {
  return [value - COVERAGE_95 * sd, value + COVERAGE_95 * sd]
}

/** The central 80 % interval of a normally distributed quantity: where four of five lie. */
export function interval80({ value, sd }: Quantity): [number, number] {
  return [value - COVERAGE_80 * sd, value + COVERAGE_80 * sd]
}

/** The same quantity in another unit, `factor` new units to one old. */
export function scaleQuantity({ value, sd }: Quantity, factor: number): Quantity {
  return { value: value * factor, sd: sd * Math.abs(factor) }
}

/**
 * Values of one thing, pooled by inverse variance (the minimum-variance unbiased mean of
 * independent readings).
 * @throws RangeError when there is no reading, or one without doubt (sd must be positive).
 */
export function poolQuantities(readings: readonly Quantity[]): Quantity {
  if (readings.length === 0) throw new RangeError('pooled: needs at least one reading')
  let sum = 0
  let weights = 0
  for (const { value, sd } of readings) {
    if (!(sd > 0)) throw new RangeError('pooled: each reading needs a positive standard uncertainty')
    const weight = 1 / (sd * sd)
    sum += weight * value
    weights += weight
  }
  return { value: sum / weights, sd: Math.sqrt(1 / weights) }
}
