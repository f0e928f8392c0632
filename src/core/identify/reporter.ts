import { features as commonFeatures, type Feature } from './features'
import { reportProbabilities, severalProbability } from './mixture'
import { type Component, type Hypothesis } from './types'

/** Report probabilities of a mixture, and their natural logarithms: a row a feature, in the order of the vocabulary. */
export interface ReportTables {
  probabilities: readonly Float64Array[]
  logs: readonly Float64Array[]
  /** Probability of naming more than one state, a number a feature; 0 where only one is allowed. */
  several: readonly number[]
}

/** Somebody who reports: what they would say of any mixture, each worked out once and kept. */
export interface Reporter {
  /** Of any mixture, worked out anew. */
  tablesOf(components: readonly Component[]): ReportTables
  /** Of a hypothesis, worked out once. */
  tables(hypothesis: Pick<Hypothesis, 'id' | 'components'>): ReportTables
}

/** A reporter whose tables are these features', which stand in the order of the vocabulary. */
export function reporterWith(features: readonly Feature[]): Reporter {
  const kept = new Map<string, ReportTables>()
  const tablesOf = (components: readonly Component[]): ReportTables => {
    const probabilities = features.map((feature) => reportProbabilities(feature, components))
    return {
      probabilities,
      logs: probabilities.map((row) => row.map(Math.log)),
      several: features.map((feature) => severalProbability(feature, components)),
    }
  }
  return {
    tablesOf,
    tables({ id, components }) {
      const before = kept.get(id)
      if (before) return before
      const made = tablesOf(components)
      kept.set(id, made)
      return made
    },
  }
}

/** The careful beginner of the common tables. */
export const commonReporter = reporterWith(commonFeatures)
