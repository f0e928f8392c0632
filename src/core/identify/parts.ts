import { boundedCache } from '../numbers/boundedCache'
import { type FibreId } from '../vocabulary/fibres'
import { type Grounds } from './grounds'
import { hypothesisOf, mixtureOf } from './hypotheses'
import { evidenceOfPart, logLikelihoodUnder, scoreAll, type PartEvidence } from './posterior'
import { SAME_THROUGHOUT } from './priors'
import { PARTS, type Part } from '../vocabulary/observations'
import { type Hypothesis, type Observation, type Scored } from './types'
import { floatAt, itemAt, mustHave } from '../lists/items'

export interface ClothPosterior {
  scored: readonly Scored[]
  /** Evidence by part, over the hypotheses given. */
  evidence: ReadonlyMap<Part, PartEvidence>
  /** Probability that the parts tested are not all of the same stuff; null where fewer than two were tested apart. */
  differ: number | null
}

/** A cloth of more fibres than this is not reckoned with. */
const MOST_FIBRES = 3

/**
 * Candidates a place, by how many places there are: the likeliest of each, so that their products stay a few hundred.
 */
const CANDIDATES: Readonly<Record<number, number>> = { 1: 22, 2: 22, 3: 9 }

/**
 * Posterior over what the whole cloth is made of, from observations of the whole and of its parts.
 *
 * Either the cloth is the same throughout (prior `SAME_THROUGHOUT`), and every observation speaks of one hypothesis; or
 * its tested parts differ, each a fibre or a blend, independent a priori, and the whole is the even mixture of them.
 * Exact where nothing was tested apart; with parts, over the likeliest `CANDIDATES` of each.
 */
export function clothPosterior(observations: readonly Observation[], grounds: Grounds): ClothPosterior {
  const { hypotheses } = grounds
  const evidence = new Map<Part, PartEvidence>()
  for (const part of PARTS) {
    const own = observations.filter((observation) => (observation.part ?? 'whole') === part)
    if (own.length > 0) evidence.set(part, evidenceOfPart(own, grounds))
  }
  const tested = PARTS.filter((part) => part !== 'whole' && evidence.has(part))
  const sameThroughout = hypotheses.map((hypothesis, index) => {
    let log = Math.log(hypothesis.prior)
    for (const { logLikelihoods } of evidence.values()) log += floatAt(logLikelihoods, index)
    return { hypothesis, log }
  })
  if (tested.length === 0) return { scored: scoreAll(sameThroughout), evidence, differ: null }

  const alike = sameThroughout.map((entry) => scaled(entry, SAME_THROUGHOUT))
  const unlike = differing(tested, evidence, grounds).map((entry) => scaled(entry, 1 - SAME_THROUGHOUT))
  const scored = scoreAll([...alike, ...unlike])
  const differ = scored.slice(alike.length).reduce((sum, { probability }) => sum + probability, 0)
  return { scored: merged(scored), evidence, differ: tested.length > 1 ? differ : null }
}

interface Weighted {
  hypothesis: Hypothesis
  /** Natural log of prior times likelihood. */
  log: number
}

function scaled({ hypothesis, log }: Weighted, by: number): Weighted {
  return { hypothesis: { ...hypothesis, prior: hypothesis.prior * by }, log: log + Math.log(by) }
}

/**
 * Mixtures of parts that are not all alike, each with its log weight. A single tested part has one untested beside
 * it.
 */
function differing(
  tested: readonly Part[],
  evidence: ReadonlyMap<Part, PartEvidence>,
  { hypotheses, reporter }: Grounds,
): Weighted[] {
  const places: (Part | 'untested')[] = tested.length === 1 ? [itemAt(tested, 0), 'untested'] : [...tested]
  const whole = evidence.get('whole')
  const candidates = places.map((place) =>
    likeliest(hypotheses, evidence.get(place as Part)?.logLikelihoods, mustHave(CANDIDATES[places.length])),
  )

  // Of all ways to choose the places' stuffs, those that are not all alike: how many a priori, and what they make of
  // the parts' evidence.
  const likelihoods = places.map((place) => evidence.get(place as Part)?.logLikelihoods)
  const unlike = 1 - hypotheses.reduce((sum, { prior }) => sum + prior ** places.length, 0)
  const alike = hypotheses.reduce(
    (sum, { prior }, index) =>
      sum + likelihoods.reduce((product, logs) => product * prior * Math.exp(logs?.[index] ?? 0), 1),
    0,
  )
  const all = likelihoods.reduce(
    (product, logs) =>
      product * hypotheses.reduce((sum, { prior }, index) => sum + prior * Math.exp(logs?.[index] ?? 0), 0),
    1,
  )

  const found: { hypothesis: Hypothesis; log: number; wholeLog: number }[] = []
  const visit = (chosen: Hypothesis[], prior: number, log: number) => {
    const at = candidates[chosen.length]
    if (at) {
      for (const { hypothesis, logLikelihood } of at)
        visit([...chosen, hypothesis], prior * hypothesis.prior, log + logLikelihood)
      return
    }
    if (chosen.every(({ id }) => id === itemAt(chosen, 0).id)) return
    const weights = new Map<FibreId, number>()
    for (const { components } of chosen)
      for (const { fibre, weight } of components)
        weights.set(fibre, (weights.get(fibre) ?? 0) + weight / chosen.length)
    if (weights.size > MOST_FIBRES) return
    const mixed = { ...mixtureKept(weights), prior: prior / unlike }
    found.push({
      hypothesis: mixed,
      log: Math.log(mixed.prior) + log,
      wholeLog: whole ? logLikelihoodUnder(whole.reports, reporter.tables(mixed)) : 0,
    })
  }
  visit([], 1, 0)
  // The candidates stand for all ways to differ: what the others would have weighed is shared out among them.
  const kept = found.reduce((sum, { log }) => sum + Math.exp(log), 0)
  const share = kept > 0 ? Math.max(1, (all - alike) / unlike / kept) : 1
  return found.map(({ hypothesis, log, wholeLog }) => ({
    hypothesis: { ...hypothesis, prior: hypothesis.prior * share },
    log: log + wholeLog + Math.log(share),
  }))
}

/** The few hypotheses that a part most likely is, by prior and its own evidence; an untested part by prior. */
function likeliest(hypotheses: readonly Hypothesis[], logLikelihoods: Float64Array | undefined, count: number) {
  return hypotheses
    .map((hypothesis, index) => ({ hypothesis, logLikelihood: logLikelihoods?.[index] ?? 0 }))
    .sort((a, b) => Math.log(b.hypothesis.prior) + b.logLikelihood - Math.log(a.hypothesis.prior) - a.logLikelihood)
    .slice(0, count)
}

const MOST_MIXTURES = 20_000
const mixtures = boundedCache<Hypothesis>(MOST_MIXTURES)

/** The mixture of these weights, made once: the same few hundred come up with every test of two parts. */
function mixtureKept(weights: ReadonlyMap<FibreId, number>): Hypothesis {
  const key = [...weights]
    .map(([fibre, weight]) => `${fibre} ${weight.toFixed(3)}`)
    .sort()
    .join()
  return mixtures(key, () => hypothesisOf(mixtureOf([...weights]), 0))
}

/** Adds up entries of the same mixture. */
function merged(scored: readonly Scored[]): Scored[] {
  const byId = new Map<string, Scored>()
  for (const { hypothesis, probability } of scored) {
    const before = byId.get(hypothesis.id)
    byId.set(
      hypothesis.id,
      before
        ? {
            hypothesis: { ...hypothesis, prior: hypothesis.prior + before.hypothesis.prior },
            probability: before.probability + probability,
          }
        : { hypothesis, probability },
    )
  }
  return [...byId.values()]
}
