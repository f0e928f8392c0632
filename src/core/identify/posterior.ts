import { readAsCandle, type CandleReading } from './candle'
import { logLikelihoodsOf } from './columns'
import { gatherReports, logLikelihood, weighReports, type WeightedReports } from './evidence'
import { type Grounds } from './grounds'
import { type ReportTables } from './reporter'
import { type Hypothesis, type Observation, type Scored } from './types'
import { floatAt, itemAt, mustHave } from '../lists/items'

/** What one part's observations say: of each hypothesis, the natural log-likelihood. */
export interface PartEvidence {
  reports: readonly WeightedReports[]
  /** In the order of the hypotheses given. */
  logLikelihoods: Float64Array
  /** Per entry of `reports`, per hypothesis: its weighted natural log-likelihood. */
  byFeature: readonly Float64Array[]
}

/** The evidence of one part for each hypothesis. */
export function evidenceOfPart(observations: readonly Observation[], grounds: Grounds): PartEvidence {
  const { hypotheses } = grounds
  const gathered = gatherReports(observations)
  const raw = gathered.map((entry) => logLikelihoodsOf(entry, grounds))
  const reports = weighReports(
    gathered,
    raw.map((column) => informationGained(column, hypotheses)),
  )
  const byFeature = raw.map((column, index) => scaled(column, itemAt(reports, index).weight))
  const logLikelihoods = sumColumns(byFeature, hypotheses.length)
  const candle = readAsCandle(observations)
  return { reports, byFeature, logLikelihoods: candle ? mixedWith(candle, logLikelihoods, grounds) : logLikelihoods }
}

/** Either no candle was there, or one was and left its own signs: the two readings by their probabilities. */
function mixedWith({ rest, logCandle, logNone }: CandleReading, plain: Float64Array, grounds: Grounds): Float64Array {
  const other = rest.length > 0 ? evidenceOfPart(rest, grounds).logLikelihoods : new Float64Array(plain.length)
  return plain.map((log, index) => {
    const [a, b] = [log + logNone, floatAt(other, index) + logCandle]
    const most = Math.max(a, b)
    return most + Math.log(Math.exp(a - most) + Math.exp(b - most))
  })
}

/** Of one answer alone, its likelihood under each hypothesis. */
export function answerLikelihoodsOf(observation: Observation, grounds: Grounds): Float64Array {
  const [entry] = gatherReports([observation])
  return logLikelihoodsOf(mustHave(entry), grounds).map(Math.exp)
}

/** Log-likelihood of the same weighted reports under one more mixture, given its tables. */
export function logLikelihoodUnder(reports: readonly WeightedReports[], tables: ReportTables): number {
  let sum = 0
  for (const entry of reports) sum += weightedLogLikelihood(entry, tables)
  return sum
}

/** Natural log-likelihood of one feature's reports, with the weight that they keep beside the others of their look. */
export function weightedLogLikelihood(entry: WeightedReports, tables: ReportTables): number {
  return entry.weight * logLikelihood(entry, tables)
}

/** Bayes' rule at its end: unnormalised log weights (prior × likelihood) to probabilities that sum to 1. */
export function scoreAll(weighted: readonly { hypothesis: Hypothesis; log: number }[]): Scored[] {
  const highest = weighted.reduce((max, { log }) => Math.max(max, log), -Infinity)
  const masses = weighted.map(({ log }) => Math.exp(log - highest))
  const total = masses.reduce((a, b) => a + b, 0)
  return weighted.map(({ hypothesis }, index) => ({ hypothesis, probability: itemAt(masses, index) / total }))
}

/** Kullback–Leibler divergence of the posterior from the prior, bits: what an answer alone tells. */
function informationGained(logLikelihoods: Float64Array, hypotheses: readonly Hypothesis[]): number {
  // With L the likelihood and E = Σ prior · L: Σ prior · L / E · log2(L / E). No objects: this runs for every answer.
  let evidence = 0
  let weighted = 0
  for (let i = 0; i < hypotheses.length; i++) {
    const mass = itemAt(hypotheses, i).prior * Math.exp(floatAt(logLikelihoods, i))
    evidence += mass
    weighted += mass * floatAt(logLikelihoods, i)
  }
  const bits = (weighted / evidence - Math.log(evidence)) / Math.LN2
  // Rounding leaves about 1e-16 where an answer says nothing; equal nothings must tie.
  return Math.max(0, Math.round(bits * 1e12) / 1e12)
}

function scaled(column: Float64Array, by: number): Float64Array {
  const out = new Float64Array(column.length)
  for (let i = 0; i < column.length; i++) out[i] = floatAt(column, i) * by
  return out
}

function sumColumns(columns: readonly Float64Array[], length: number): Float64Array {
  const sum = new Float64Array(length)
  for (const column of columns) for (let i = 0; i < length; i++) sum[i] = floatAt(sum, i) + floatAt(column, i)
  return sum
}
