import { fibreById } from '../fibres/catalogue'
import { claimedMixture, meansClaim } from './claimed'
import { type Grounds } from './grounds'
import { type ClothPosterior } from './parts'
import { logLikelihoodUnder, weightedLogLikelihood } from './posterior'
import { type ClaimAnswer, type ClaimItem, type ClaimSign, type ClaimVerdict } from './types'
import { capitalised } from '../units/format'
import { fibreName } from './words'
import { type Vocabulary } from '../vocabulary/words'

/**
 * Bayes factors at which a claim changes name. 3 and 20 are the usual steps (Kass & Raftery, 1995, from memory); for
 * support twice is enough, since a true claim of any plant-like fibre cannot score more: cotton, a third of all
 * cloth, burns the same. To say that a seller was wrong takes more than to doubt it: in the simulator fewer than 2 in
 * 100 true labels are contradicted.
 */
export const CLAIM_SUPPORTED = 2
export const CLAIM_DOUBTFUL = 1 / 3
export const CLAIM_CONTRADICTED = 1 / 20

/**
 * How much better one other kind of cloth may explain what was seen before the claim suffers, whatever the average of
 * all.
 */
const RIVAL_DOUBT = 1 / 4
const RIVAL_CONTRADICTS = 1 / 60

/**
 * A seller's claim against everything else that the cloth could be.
 * The Bayes factor is P(what was seen | the claim) over P(what was seen | anything else, by prior).
 * A fibre that the garment's years rule out (prior 0) contradicts by itself.
 * @param claim fibres with percentages; they are used as shares of 100, whatever they add up to
 */
export function judgeClaim(
  claim: readonly ClaimItem[],
  { evidence }: ClothPosterior,
  { hypotheses, reporter }: Grounds,
  vocabulary: Vocabulary = 'uk',
): ClaimAnswer {
  const claimed = claimedMixture(claim)
  const parts = [...evidence.values()]
  const words = claim.map(({ fibre, percent }) => `${percent} % ${fibreName(fibre, vocabulary)}`).join(', ')
  const early = claimed.find(({ fibre }) =>
    hypotheses.some(
      ({ components, prior }) => components.length === 1 && components[0]!.fibre === fibre && prior === 0,
    ),
  )
  if (early) {
    const { soldSince } = fibreById(early.fibre)
    return {
      verdict: 'contradicted',
      bayesFactor: 0,
      signs: [],
      text:
        `${capitalised(fibreName(early.fibre, vocabulary))} was first sold about ${soldSince}: cloth as ` +
        `old as this cannot hold it, so “${words}” is not true.`,
    }
  }
  if (parts.length === 0)
    return {
      verdict: 'untested',
      bayesFactor: 1,
      signs: [],
      text: `Nothing has been seen yet that could test “${words}”.`,
    }

  const tables = reporter.tablesOf(claimed)
  const underClaim = parts.reduce((sum, { reports }) => sum + logLikelihoodUnder(reports, tables), 0)
  const fits = meansClaim(claim)
  const others = hypotheses
    .map((hypothesis, index) => ({ hypothesis, index }))
    .filter(({ hypothesis }) => hypothesis.prior > 0 && !fits(hypothesis))

  const all = { prior: 0, mass: 0 }
  // Rivals are judged as kinds (the families in them), each by the mean of its cloths: the best of 200 single cloths
  // would fit any slip better than the truth does.
  const kinds = new Map<string, { prior: number; mass: number }>()
  for (const { hypothesis, index } of others) {
    const log = parts.reduce((sum, { logLikelihoods }) => sum + logLikelihoods[index]!, 0)
    const kind = hypothesis.families.join('+')
    const sum = kinds.get(kind) ?? { prior: 0, mass: 0 }
    kinds.set(kind, sum)
    for (const entry of [all, sum]) {
      entry.prior += hypothesis.prior
      entry.mass += hypothesis.prior * Math.exp(log - underClaim)
    }
  }
  const bayesFactor = all.prior / all.mass
  const againstBestKind = Math.min(...[...kinds.values()].map(({ prior, mass }) => prior / mass))
  const verdict = named(bayesFactor, againstBestKind)

  const signs = [...evidence].flatMap(([part, { reports, byFeature }]) =>
    reports.map((entry, column): ClaimSign => {
      const mean =
        others.reduce(
          (sum, { hypothesis, index }) => sum + hypothesis.prior * Math.exp(byFeature[column]![index]!),
          0,
        ) / all.prior
      const row = tables.probabilities[entry.column]!
      return {
        feature: entry.feature.id,
        part,
        expected: entry.feature.states[row.indexOf(Math.max(...row))]!.id,
        seen: [...new Set(entry.reports.flat())].map((state) => entry.feature.states[state]!.id),
        bits: (weightedLogLikelihood(entry, tables) - Math.log(mean)) / Math.LN2,
      }
    }),
  )
  signs.sort((a, b) => Math.abs(b.bits) - Math.abs(a.bits))
  return { verdict, bayesFactor, signs, text: claimText(verdict, bayesFactor, words) }
}

function named(bayesFactor: number, againstBestKind: number): ClaimVerdict {
  if (bayesFactor <= CLAIM_CONTRADICTED || againstBestKind <= RIVAL_CONTRADICTS) return 'contradicted'
  if (bayesFactor <= CLAIM_DOUBTFUL || againstBestKind <= RIVAL_DOUBT) return 'doubtful'
  return bayesFactor >= CLAIM_SUPPORTED ? 'supported' : 'untested'
}

function claimText(verdict: ClaimVerdict, bayesFactor: number, words: string): string {
  const times = bayesFactor >= 1 ? Math.round(bayesFactor) : Math.round(1 / bayesFactor)
  const amount = times > 1000 ? 'a thousand or more' : `about ${Math.max(1, times)}`
  switch (verdict) {
    case 'supported':
      return (
        `What you saw is ${amount} times likelier if “${words}” is true than if it is not. Lookalikes ` +
        'of the same kind cannot be ruled out by this.'
      )
    case 'contradicted':
      return bayesFactor <= CLAIM_CONTRADICTED
        ? `What you saw fits something else far better than “${words}”: ` +
            `it is ${amount} times likelier if that is not true.`
        : `What you saw fits something else far better than “${words}”.`
    case 'doubtful':
      return `What you saw fits something else better than “${words}”. Burn another specimen before you say so.`
    case 'untested':
      return `What you saw so far speaks neither for nor against “${words}”.`
  }
}
