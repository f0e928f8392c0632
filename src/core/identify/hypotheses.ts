import { fibreById } from '../fibres/catalogue'
import { FAMILIES, FIBRE_IDS, type FibreId } from '../fibres/types'
import { features } from './features'
import { reportProbabilities, severalProbability } from './mixture'
import { blendPrior, MAIN_WEIGHT, purePrior, SHARE_SPLIT, traceWeight } from './priors'
import { type Component, type Hypothesis, type Made, type Share } from './types'

/** `silk`, or `cotton.main+polyester.minor`: the same mixture always gets the same id. */
function hypothesisId(components: readonly Component[]): string {
  if (components.length === 1) return components[0]!.fibre
  return components.map(({ fibre, share }) => `${fibre}.${share}`).join('+')
}

/** A mixture from fibres and weights that sum to 1, the larger share first. */
export function mixtureOf(weights: readonly (readonly [FibreId, number])[]): Component[] {
  const sorted = [...weights].sort((a, b) => b[1] - a[1] || FIBRE_IDS.indexOf(a[0]) - FIBRE_IDS.indexOf(b[0]))
  return sorted.map(([fibre, weight]) => ({ fibre, weight, share: shareWord(weight, sorted.length) }))
}

function shareWord(weight: number, count: number): Share {
  if (count === 1) return 'all'
  if (Math.abs(weight - 1 / count) < 0.1) return 'even'
  return weight > 0.5 ? 'main' : 'minor'
}

/** A hypothesis from its components. */
export function hypothesisOf(components: readonly Component[], prior: number): Hypothesis {
  const present = new Set(components.map(({ fibre }) => fibreById(fibre).family))
  const families = FAMILIES.filter((family) => present.has(family))
  return { id: hypothesisId(components), components, fibreSet: fibreSetKey(components), families, prior }
}

/** The fibres of a mixture as a key that ignores shares: `cotton+polyester`. */
export function fibreSetKey(components: readonly Component[]): string {
  const present = components.map(({ fibre }) => fibre)
  return FIBRE_IDS.filter((id) => present.includes(id)).join('+')
}

function catalogue(): Hypothesis[] {
  const list: { components: Component[]; weight: number }[] = FIBRE_IDS.map((fibre) => ({
    components: mixtureOf([[fibre, 1]]),
    weight: purePrior[fibre],
  }))
  for (const [first, second, weight, kind] of blendPrior) {
    if (kind === 'first-main') {
      const minor = traceWeight[second] ?? 1 - MAIN_WEIGHT
      list.push({ components: mixtureOf([[first, 1 - minor], [second, minor]]), weight })
      continue
    }
    list.push(
      { components: mixtureOf([[first, MAIN_WEIGHT], [second, 1 - MAIN_WEIGHT]]), weight: weight * SHARE_SPLIT.firstMain },
      { components: mixtureOf([[first, 0.5], [second, 0.5]]), weight: weight * SHARE_SPLIT.even },
      { components: mixtureOf([[second, MAIN_WEIGHT], [first, 1 - MAIN_WEIGHT]]), weight: weight * SHARE_SPLIT.secondMain },
    )
  }
  const total = list.reduce((sum, { weight }) => sum + weight, 0)
  return list.map(({ components, weight }) => hypothesisOf(components, weight / total))
}

/** Every pure fibre and every common blend of two, with priors that sum to 1. */
export const hypotheses: readonly Hypothesis[] = catalogue()

/**
 * The hypotheses with priors for a garment made between two years: what was not sold before a fibre's first year is
 * ruled out, and a year within the span counts by the part of the span that lies after it. Sums to 1 again.
 * With no years known, the list itself.
 */
export function hypothesesMade(made: Made | undefined): readonly Hypothesis[] {
  if (made?.before === undefined) return hypotheses
  const before = made.before
  const after = made.after ?? before - USUAL_SPAN_YEARS
  const weighted = hypotheses.map((hypothesis) => ({
    ...hypothesis,
    prior: hypothesis.prior * Math.min(...hypothesis.components.map(({ fibre }) => soldFraction(fibre, after, before))),
  }))
  const total = weighted.reduce((sum, { prior }) => sum + prior, 0)
  return weighted.map((hypothesis) => ({ ...hypothesis, prior: hypothesis.prior / total }))
}

/** Years assumed before a "made before" date when nobody says after which; from memory. */
const USUAL_SPAN_YEARS = 30

function soldFraction(fibre: FibreId, after: number, before: number): number {
  const since = fibreById(fibre).soldSince
  if (since === null || since <= after) return 1
  if (since >= before) return 0
  return (before - since) / (before - after)
}

/** Report probabilities of a mixture, and their natural logarithms: a row a feature, in the order of `features`. */
export interface ReportTables {
  probabilities: readonly Float64Array[]
  logs: readonly Float64Array[]
  /** Probability of naming more than one state, a number a feature; 0 where only one is allowed. */
  several: readonly number[]
}

export function reportTablesOf(components: readonly Component[]): ReportTables {
  const probabilities = features.map((feature) => reportProbabilities(feature, components))
  const several = features.map((feature) => severalProbability(feature, components))
  return { probabilities, logs: probabilities.map((row) => row.map(Math.log)), several }
}

const kept = new Map<string, ReportTables>()

/** `reportTablesOf` a hypothesis, computed once and kept: the data never changes while the program runs. */
export function reportTables({ id, components }: Pick<Hypothesis, 'id' | 'components'>): ReportTables {
  const before = kept.get(id)
  if (before) return before
  const made = reportTablesOf(components)
  kept.set(id, made)
  return made
}
