import { type FibreId } from '../fibres/types'
import { hypothesisOf, mixtureOf, reportTables } from './hypotheses'
import { evidenceOfPart, logLikelihoodUnder, scoreAll, type PartEvidence } from './posterior'
import { SAME_THROUGHOUT } from './priors'
import { PARTS, type Hypothesis, type Observation, type Part, type Scored } from './types'

export interface ClothPosterior {
  scored: readonly Scored[]
  /** Evidence by part, over the hypotheses given. */
  evidence: ReadonlyMap<Part, PartEvidence>
}

/**
 * Exact posterior over what the whole cloth is made of, from observations of the whole and of its parts.
 *
 * Either the cloth is the same throughout (prior `SAME_THROUGHOUT`), and every observation speaks of one hypothesis; or
 * its tested parts differ, each of one pure fibre, independent a priori, and the whole is the even mixture of them.
 */
export function clothPosterior(observations: readonly Observation[], hypotheses: readonly Hypothesis[]): ClothPosterior {
  const evidence = new Map<Part, PartEvidence>()
  for (const part of PARTS) {
    const own = observations.filter((observation) => (observation.part ?? 'whole') === part)
    if (own.length > 0) evidence.set(part, evidenceOfPart(own, hypotheses))
  }
  const tested = PARTS.filter((part) => part !== 'whole' && evidence.has(part))
  const sameThroughout = hypotheses.map((hypothesis, index) => {
    let log = Math.log(hypothesis.prior)
    for (const { logLikelihoods } of evidence.values()) log += logLikelihoods[index]!
    return { hypothesis, log }
  })
  if (tested.length === 0) return { scored: scoreAll(sameThroughout), evidence }

  const weighted = sameThroughout.map(({ hypothesis, log }) => ({ hypothesis, log: log + Math.log(SAME_THROUGHOUT) }))
  for (const { hypothesis, log } of differing(tested, evidence, hypotheses)) {
    weighted.push({ hypothesis, log: log + Math.log(1 - SAME_THROUGHOUT) })
  }
  return { scored: merged(scoreAll(weighted)), evidence }
}

/** Mixtures of parts that are not all alike, each with its log weight. A single tested part has one untested beside it. */
function differing(tested: readonly Part[], evidence: ReadonlyMap<Part, PartEvidence>, hypotheses: readonly Hypothesis[]) {
  const pure = hypotheses.filter(({ components, prior }) => components.length === 1 && prior > 0)
  const indexIn = new Map(hypotheses.map(({ id }, index) => [id, index]))
  const pureTotal = pure.reduce((sum, { prior }) => sum + prior, 0)
  const places: (Part | 'untested')[] = tested.length === 1 ? [tested[0]!, 'untested'] : [...tested]
  const whole = evidence.get('whole')

  const found: { hypothesis: Hypothesis; log: number }[] = []
  let priorTotal = 0
  const visit = (chosen: Hypothesis[], prior: number, log: number) => {
    if (chosen.length < places.length) {
      const likelihoods = evidence.get(places[chosen.length] as Part)?.logLikelihoods
      for (const next of pure) {
        const gain = likelihoods ? likelihoods[indexIn.get(next.id)!]! : 0
        visit([...chosen, next], (prior * next.prior) / pureTotal, log + gain)
      }
      return
    }
    const weights = new Map<FibreId, number>()
    for (const { components } of chosen) {
      const fibre = components[0]!.fibre
      weights.set(fibre, (weights.get(fibre) ?? 0) + 1 / chosen.length)
    }
    if (weights.size === 1) return
    const mixed = { ...mixtureKept(weights), prior }
    const wholeLog = whole ? logLikelihoodUnder(whole.reports, reportTables(mixed)) : 0
    priorTotal += prior
    found.push({ hypothesis: mixed, log: Math.log(prior) + log + wholeLog })
  }
  visit([], 1, 0)
  return found.map(({ hypothesis, log }) => ({ hypothesis, log: log - Math.log(priorTotal) }))
}

const mixturesKept = new Map<string, Hypothesis>()

/** The mixture of these weights, made once: the same few hundred come up with every test of two parts. */
function mixtureKept(weights: ReadonlyMap<FibreId, number>): Hypothesis {
  const key = [...weights].map(([fibre, weight]) => `${fibre} ${weight.toFixed(3)}`).sort().join()
  const kept = mixturesKept.get(key) ?? hypothesisOf(mixtureOf([...weights]), 0)
  mixturesKept.set(key, kept)
  return kept
}

/** Adds up entries of the same mixture. */
function merged(scored: readonly Scored[]): Scored[] {
  const byId = new Map<string, Scored>()
  for (const { hypothesis, probability } of scored) {
    const before = byId.get(hypothesis.id)
    byId.set(hypothesis.id, before ? { ...before, probability: before.probability + probability } : { hypothesis, probability })
  }
  return [...byId.values()]
}
