import { fibreById } from '../fibres/catalogue'
import { claimedMixture, meansClaim } from './claimed'
import { claimText, claimVerdict } from './claimSteps'
import { type Grounds } from './grounds'
import { BEFORE_FIRST, notSoldYet } from './history/history'
import { type ClothPosterior } from './parts'
import { logLikelihoodUnder, weightedLogLikelihood } from './posterior'
import { type ClaimAnswer, type ClaimItem, type ClaimSign } from './types'
import { capitalise } from '../units/format'
import { fibreName } from './words'
import { type Vocabulary } from '../vocabulary/words'
import { floatAt, itemAt } from '../lists/items'

/**
 * A seller's claim against everything else that the cloth could be.
 * The Bayes factor is P(what was seen | the claim) over P(what was seen | anything else, by prior).
 * A fibre that was sold nowhere in the garment's years contradicts by itself.
 * @param claim fibres with percentages; they are used as shares of 100, whatever they add up to
 */
export function judgeClaim(
  claim: readonly ClaimItem[],
  { evidence }: ClothPosterior,
  { hypotheses, reporter, made }: Grounds,
  vocabulary: Vocabulary = 'uk',
): ClaimAnswer {
  const claimed = claimedMixture(claim)
  const parts = [...evidence.values()]
  const words = claim.map(({ fibre, percent }) => `${percent} % ${fibreName(fibre, vocabulary)}`).join(', ')
  const early = claimed.find(({ fibre }) => notSoldYet(fibre, made))
  if (early) {
    const { firstSold, soldSince } = fibreById(early.fibre)
    return {
      verdict: 'contradicted',
      bayesFactor: BEFORE_FIRST,
      signs: [],
      text:
        `${capitalise(fibreName(early.fibre, vocabulary))} was not sold anywhere before about ` +
        `${firstSold ?? soldSince}: if the years are right, fabric as old as this can’t contain it, ` +
        `and “${words}” is not true.`,
    }
  }
  if (parts.length === 0)
    return {
      verdict: 'untested',
      bayesFactor: 1,
      signs: [],
      text: `No answer yet tests “${words}”.`,
    }

  const tables = reporter.tablesOf(claimed)
  const underClaim = parts.reduce((sum, { reports }) => sum + logLikelihoodUnder(reports, tables), 0)
  const fits = meansClaim(claim)
  const others = hypotheses
    .map((hypothesis, index) => ({ hypothesis, index }))
    .filter(({ hypothesis }) => !fits(hypothesis))

  const all = { prior: 0, mass: 0 }
  // Rivals are judged as kinds (the families in them), each by the mean of its cloths: the best of 200 single cloths
  // would fit any slip better than the truth does.
  const kinds = new Map<string, { prior: number; mass: number }>()
  for (const { hypothesis, index } of others) {
    const log = parts.reduce((sum, { logLikelihoods }) => sum + floatAt(logLikelihoods, index), 0)
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
  const verdict = claimVerdict(bayesFactor, againstBestKind)

  const signs = [...evidence].flatMap(([part, { reports, byFeature }]) =>
    reports.map((entry, column): ClaimSign => {
      const mean =
        others.reduce(
          (sum, { hypothesis, index }) =>
            sum + hypothesis.prior * Math.exp(floatAt(itemAt(byFeature, column), index)),
          0,
        ) / all.prior
      const row = itemAt(tables.probabilities, entry.column)
      return {
        feature: entry.feature.id,
        part,
        expected: itemAt(entry.feature.states, row.indexOf(Math.max(...row))).id,
        seen: [...new Set(entry.reports.flat())].map((state) => itemAt(entry.feature.states, state).id),
        bits: (weightedLogLikelihood(entry, tables) - Math.log(mean)) / Math.LN2,
      }
    }),
  )
  signs.sort((a, b) => Math.abs(b.bits) - Math.abs(a.bits))
  return { verdict, bayesFactor, signs, text: claimText(verdict, bayesFactor, words) }
}
