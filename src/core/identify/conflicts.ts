import { fibreById } from '../fibres/catalogue'
import { families } from '../fibres/families'
import { FAMILIES, type FamilyId } from '../vocabulary/fibres'
import { stateLabel, featureById } from './features'
import { type Grounds } from './grounds'
import { answerLikelihoodsOf } from './posterior'
import { type Conflict, type Hypothesis, type Observation } from './types'
import { type Part, PARTS } from '../vocabulary/observations'
import { fibreListWords, fibreName } from './words'
import { type Vocabulary } from '../vocabulary/words'
import { floatAt, itemAt, mustHave } from '../lists/items'

/** Two answers conflict where seeing both is this many times rarer than chance would have it, log2. */
const CONFLICT_BITS = -2.5

/**
 * Pairs of answers on one part that hardly any pure fibre explains together: their joint probability over the product
 * of their own (pointwise mutual information under the prior of the pure fibres) is far below one. A mixture may
 * explain them, or a slip; either way the person is told, and nothing is averaged away.
 */
export function conflictsIn(
  observations: readonly Observation[],
  grounds: Grounds,
  vocabulary: Vocabulary = 'uk',
): Conflict[] {
  const { hypotheses } = grounds
  const pure = pureOf(hypotheses)
  const found: { bits: number; conflict: Conflict }[] = []
  for (const part of PARTS) {
    const own = observations.filter((observation) => (observation.part ?? 'whole') === part)
    const alone = own.map((observation) =>
      answerLikelihoodsOf(observation, { ...grounds, hypotheses: pure.hypotheses }),
    )
    for (let a = 0; a < own.length; a++) {
      for (let b = a + 1; b < own.length; b++) {
        const bits = pointwiseInformation(itemAt(alone, a), itemAt(alone, b), pure.priors)
        if (bits > CONFLICT_BITS) continue
        const observations = [itemAt(own, a), itemAt(own, b)] as const
        const likelihoods = [
          answerLikelihoodsOf(itemAt(own, a), grounds),
          answerLikelihoodsOf(itemAt(own, b), grounds),
        ] as const
        found.push({ bits, conflict: describe({ part, observations, likelihoods }, hypotheses, vocabulary) })
      }
    }
  }
  // The same two answers on several specimens conflict once.
  const once = new Map(found.sort((x, y) => x.bits - y.bits).map(({ conflict }) => [conflict.text, conflict]))
  return [...once.values()]
}

interface Pair {
  part: Part
  observations: readonly [Observation, Observation]
  likelihoods: readonly [Float64Array, Float64Array]
}

function purePriorOf({ components, prior }: Hypothesis): number {
  return components.length === 1 ? prior : 0
}

/** The pure fibres among the hypotheses, and their priors, which sum to 1. */
interface Pure {
  hypotheses: readonly Hypothesis[]
  priors: Float64Array
}

const pureKept = new WeakMap<readonly Hypothesis[], Pure>()

function pureOf(hypotheses: readonly Hypothesis[]): Pure {
  const before = pureKept.get(hypotheses)
  if (before) return before
  const pure = hypotheses.filter((one) => purePriorOf(one) > 0)
  const total = pure.reduce((sum, { prior }) => sum + prior, 0)
  const made = { hypotheses: pure, priors: Float64Array.from(pure, ({ prior }) => prior / total) }
  pureKept.set(hypotheses, made)
  return made
}

/** Pointwise mutual information of two answers over the pure fibres, log2. */
function pointwiseInformation(a: Float64Array, b: Float64Array, priors: Float64Array): number {
  let both = 0
  let onlyA = 0
  let onlyB = 0
  for (let i = 0; i < priors.length; i++) {
    const prior = floatAt(priors, i)
    both += prior * floatAt(a, i) * floatAt(b, i)
    onlyA += prior * floatAt(a, i)
    onlyB += prior * floatAt(b, i)
  }
  return Math.log2(both / (onlyA * onlyB))
}

function describe(
  { part, observations: [a, b], likelihoods }: Pair,
  hypotheses: readonly Hypothesis[],
  vocabulary: Vocabulary,
): Conflict {
  const say = ({ feature, states }: Observation) =>
    `“${states.map((state) => stateLabel(feature, state).toLowerCase()).join(' and ')}”`
  const [pointsA, pointsB] = likelihoods.map((likelihood) => pointsTo(likelihood, hypotheses)) as [FamilyId, FamilyId]
  const where = part === 'whole' ? '' : ` (${part})`
  const mixture = mixtureWords(bestMixture(likelihoods, hypotheses), vocabulary)
  const meaning =
    pointsA === pointsB
      ? `Hardly any single fabric does both: perhaps it is ${mixture}, or one of the two answers is a ` + 'mistake.'
      : `The first points to ${families[pointsA].phrase}, the second to ${families[pointsB].phrase}: ` +
        `perhaps it is a blend, such as ${mixture}.`
  const advice =
    a.feature === b.feature
      ? 'Two samples gave two answers: were they from the same direction? Burn one yarn of each.'
      : `Burn one yarn of each direction, and look again at “${featureById(b.feature).title.toLowerCase()}”.`
  return { features: [a.feature, b.feature], text: `${say(a)} with ${say(b)}${where}. ${meaning} ${advice}` }
}

/** The blend that makes the two answers together likeliest, its prior counted. */
function bestMixture([a, b]: Pair['likelihoods'], hypotheses: readonly Hypothesis[]): Hypothesis {
  let best = { index: -1, mass: -1 }
  hypotheses.forEach(({ components, prior }, index) => {
    const mass = components.length === 1 ? -1 : prior * floatAt(a, index) * floatAt(b, index)
    if (mass > best.mass) best = { index, mass }
  })
  return itemAt(hypotheses, best.index)
}

/** `a synthetic in wool`; within one family, the fibres. */
function mixtureWords({ components }: Hypothesis, vocabulary: Vocabulary): string {
  const [main, minor] = components
  const [mainFamily, minorFamily] = [mustHave(main), mustHave(minor)].map(({ fibre }) => fibreById(fibre).family)
  if (mainFamily === minorFamily)
    return fibreListWords(
      components.map(({ fibre }) => fibre),
      vocabulary,
    )
  return `${families[mustHave(minorFamily)].phrase} in ${fibreName(mustHave(main).fibre, vocabulary)}`
}

/** The family whose pure cloths make the answer likeliest. */
function pointsTo(likelihood: Float64Array, hypotheses: readonly Hypothesis[]): FamilyId {
  const mean = (family: FamilyId) => {
    let mass = 0
    let prior = 0
    hypotheses.forEach((hypothesis, i) => {
      const own = purePriorOf(hypothesis)
      if (own === 0 || hypothesis.families[0] !== family) return
      mass += own * floatAt(likelihood, i)
      prior += own
    })
    return prior > 0 ? mass / prior : 0
  }
  return FAMILIES.reduce((best, family) => (mean(family) > mean(best) ? family : best))
}
