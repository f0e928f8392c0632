import { type Quantity } from '../units/quantity'

/** Several readings of one thing. */
export interface Repeats {
  count: number
  mean: number
  /** Standard deviation between the readings; null for a single one. */
  spread: number | null
  /** The mean with its standard uncertainty: the larger of what the readings' own doubt and what their spread say. */
  quantity: Quantity
}

/**
 * 97.5 % points of Student’s t over that of the normal, by number of readings less one: few readings know their own
 * spread badly.
 */
const STUDENT = [6.48, 2.2, 1.62, 1.42, 1.31, 1.25, 1.21, 1.18, 1.15, 1.14]

/**
 * Mean and spread over repeats. The spread's uncertainty is widened by Student's t (JCGM 100, G.3), so that 95 %
 * stays 95 %.
 * @throws RangeError where there is no reading
 */
export function repeatsOf(readings: readonly Quantity[]): Repeats {
  const count = readings.length
  if (count === 0) throw new RangeError('repeatsOf: needs at least one reading')
  const mean = readings.reduce((sum, { value }) => sum + value, 0) / count
  const own = Math.sqrt(readings.reduce((sum, { sd }) => sum + sd * sd, 0)) / count
  if (count === 1) return { count, mean, spread: null, quantity: { value: mean, sd: own } }
  const spread = Math.sqrt(readings.reduce((sum, { value }) => sum + (value - mean) ** 2, 0) / (count - 1))
  const widened = (spread / Math.sqrt(count)) * (STUDENT[count - 2] ?? 1.1)
  // Two readings can agree by luck and claim a certainty that the ruler does not have.
  return { count, mean, spread, quantity: { value: mean, sd: Math.max(own, widened) } }
}
