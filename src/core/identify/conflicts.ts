import { families } from '../fibres/families'
import { FAMILIES, type FamilyId } from '../fibres/types'
import { stateLabel, featureById } from './features'
import { likelihoodsOf } from './posterior'
import { type Conflict, type Hypothesis, type Observation, type Part, PARTS } from './types'

/** Two answers conflict where seeing both is this many times rarer than chance would have it, log2. */
const CONFLICT_BITS = -2.5

/**
 * Pairs of answers on one part that hardly any pure fibre explains together: their joint probability over the product of
 * their own (pointwise mutual information under the prior of the pure fibres) is far below one. A mixture may explain
 * them, or a slip; either way the person is told, and nothing is averaged away.
 */
export function conflictsIn(observations: readonly Observation[], all: readonly Hypothesis[]): Conflict[] {
  const pure = all.filter(({ components }) => components.length === 1)
  const total = pure.reduce((sum, { prior }) => sum + prior, 0)
  const hypotheses = pure.map((hypothesis) => ({ ...hypothesis, prior: hypothesis.prior / total }))
  const found: { bits: number; conflict: Conflict }[] = []
  for (const part of PARTS) {
    const own = observations.filter((observation) => (observation.part ?? 'whole') === part)
    const likelihoods = own.map((observation) => likelihoodsOf(observation, hypotheses))
    for (let a = 0; a < own.length; a++) {
      for (let b = a + 1; b < own.length; b++) {
        const bits = pointwiseInformation(likelihoods[a]!, likelihoods[b]!, hypotheses)
        if (bits <= CONFLICT_BITS) found.push({ bits, conflict: describe(own[a]!, own[b]!, likelihoods[a]!, likelihoods[b]!, hypotheses, part) })
      }
    }
  }
  return found.sort((x, y) => x.bits - y.bits).map(({ conflict }) => conflict)
}

function pointwiseInformation(a: Float64Array, b: Float64Array, hypotheses: readonly Hypothesis[]): number {
  let both = 0
  let onlyA = 0
  let onlyB = 0
  hypotheses.forEach(({ prior }, i) => {
    both += prior * a[i]! * b[i]!
    onlyA += prior * a[i]!
    onlyB += prior * b[i]!
  })
  return Math.log2(both / (onlyA * onlyB))
}

function describe(a: Observation, b: Observation, likelihoodA: Float64Array, likelihoodB: Float64Array, hypotheses: readonly Hypothesis[], part: Part): Conflict {
  const say = ({ feature, states }: Observation) => `“${states.map((state) => stateLabel(feature, state).toLowerCase()).join(' and ')}”`
  const [pointsA, pointsB] = [pointsTo(likelihoodA, hypotheses), pointsTo(likelihoodB, hypotheses)]
  const where = part === 'whole' ? '' : ` (${part})`
  const meaning = pointsA === pointsB
    ? 'Hardly any one cloth does both.'
    : `The first points to ${families[pointsA].phrase}, the second to ${families[pointsB].phrase}: perhaps a mixture.`
  const advice = a.feature === b.feature
    ? 'Two specimens, two answers: were they from the same direction?'
    : `Burn one yarn of each direction, and look again at “${featureById(b.feature).title.toLowerCase()}”.`
  return { features: [a.feature, b.feature], text: `${say(a)} with ${say(b)}${where}. ${meaning} ${advice}` }
}

/** The family whose pure cloths make the answer likeliest. */
function pointsTo(likelihood: Float64Array, hypotheses: readonly Hypothesis[]): FamilyId {
  const mean = (family: FamilyId) => {
    let mass = 0
    let prior = 0
    hypotheses.forEach((hypothesis, i) => {
      const own = hypothesis.families
      if (own.length !== 1 || own[0] !== family) return
      mass += hypothesis.prior * likelihood[i]!
      prior += hypothesis.prior
    })
    return prior > 0 ? mass / prior : 0
  }
  return FAMILIES.reduce((best, family) => (mean(family) > mean(best) ? family : best))
}
