import { featureById, features, type Feature } from './features'
import { type ReportTables } from './reporter'
import { type Observation } from './types'
import { floatAt, itemAt } from '../lists/items'

/**
 * How dependent answers are combined. Two rules, both ours, chosen so that correlated answers saturate:
 *
 * 1. The same feature seen on n specimens shares one nose, one dye, one finish. n reports count as
 * n / (1 + (n − 1)·ρ) independent ones, ρ the feature's own or this one (the design effect of cluster sampling: Kish,
 * Survey Sampling, 1965),
 *    which never exceeds 1/ρ.
 * 2. Features of one look (form, colour and crush of one residue) say much the same thing. The strongest counts in
 *    full, the next for a fraction of itself, the one after for that fraction again: a geometric series, so a look can
 *    never weigh more than 1 / (1 − fraction) times its strongest answer. Strength is the information that the answer
 *    alone gives, so an answer that says nothing takes nothing from the others.
 */
export const REPEAT_CORRELATION = 0.6
export const SAME_LOOK_FRACTION = 0.4

/** All reports of one feature on one part. */
export interface FeatureReports {
  feature: Feature
  /** Its place in the vocabulary, and so in a reporter's tables. */
  column: number
  /** One list of states a specimen, as indexes into the feature's states. */
  reports: readonly (readonly number[])[]
}

/** One feature's reports with the weight that they keep beside the others of their look. */
export interface WeightedReports extends FeatureReports {
  /** Multiplies the log-likelihood of the reports, in (0, 1]. */
  weight: number
}

/** Observations of one part, gathered by feature, in the order of the vocabulary. */
export function gatherReports(observations: readonly Observation[]): FeatureReports[] {
  const found = new Map<Feature, number[][]>()
  for (const observation of observations) {
    const feature = featureById(observation.feature)
    const reports = found.get(feature) ?? []
    // A state named twice in one report is named once.
    reports.push([...new Set(observation.states)].map((state) => stateIndex(feature, state)).sort((a, b) => a - b))
    found.set(feature, reports)
  }
  return [...found]
    .map(([feature, reports]) => ({
      feature,
      column: features.indexOf(feature),
      reports: reports.sort((a, b) => (a.join() < b.join() ? -1 : 1)),
    }))
    .sort((a, b) => a.column - b.column)
}

/**
 * Natural log-likelihood of one feature's reports, rule 1 applied. A report of several states is as many independent
 * draws from the feature's table, times the probability of naming several at all.
 */
export function logLikelihood({ feature, column, reports }: FeatureReports, { logs, several }: ReportTables): number {
  const row = itemAt(logs, column)
  const severalProbability = itemAt(several, column)
  let sum = 0
  for (const states of reports) {
    for (const state of states) sum += floatAt(row, state)
    if (feature.multi) sum += Math.log(states.length > 1 ? severalProbability : 1 - severalProbability)
  }
  return sum / sharedBy(feature, reports.length)
}

/** By how much n reports of one feature are divided, since they share their mistakes (rule 1). */
export function sharedBy({ repeatCorrelation = REPEAT_CORRELATION }: Feature, count: number): number {
  return 1 + (count - 1) * repeatCorrelation
}

function stateIndex(feature: Feature, state: string): number {
  const index = feature.states.findIndex(({ id }) => id === state)
  if (index < 0) throw new RangeError(`${feature.id}: no state is called "${state}"`)
  return index
}

/**
 * Rule 2: the weight of each feature's reports, from their strengths.
 * @param strengths information of each alone, bits, in the order of `gathered`
 */
export function weighReports(gathered: readonly FeatureReports[], strengths: readonly number[]): WeightedReports[] {
  const ranked = gathered.map((entry, index) => ({
    index,
    look: entry.feature.look,
    strength: itemAt(strengths, index),
  }))
  ranked.sort((a, b) => b.strength - a.strength || a.index - b.index)
  const rank = new Map<string, number>()
  const weights: number[] = []
  for (const { index, look } of ranked) {
    const before = rank.get(look) ?? 0
    weights[index] = SAME_LOOK_FRACTION ** before
    rank.set(look, before + 1)
  }
  return gathered.map((entry, index) => ({ ...entry, weight: itemAt(weights, index) }))
}
