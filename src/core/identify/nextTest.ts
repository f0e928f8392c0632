import { type FibreId } from '../fibres/types'
import { SAME_LOOK_FRACTION } from './evidence'
import { features, type Feature } from './features'
import { reportTables, type ReportTables } from './hypotheses'
import { type NextTest, type Observation, type Part, type Scored } from './types'
import { capitalised, fibreListWords, type Vocabulary } from './words'

/** Below this a test is not worth the match: nothing at home would tell. Bits. */
export const WORTH_DOING_BITS = 0.03

/** Hypotheses below this probability cannot change which test is best. */
const NEGLIGIBLE = 5e-4

/** A minute of work, a flame, a solvent each cost something; the advice divides bits by this. Common practice, from memory. */
const HAZARD_COST = { none: 1, flame: 1.3, solvent: 1.8, bleach: 2.2 } as const

/**
 * What to look at next: of everything not yet seen on the part, the expected information about which fibres are in the
 * cloth (mutual information, bits), weighed against work and hazard, the most worthwhile first.
 */
export function nextTests(scored: readonly Scored[], observations: readonly Observation[], part: Part, vocabulary: Vocabulary = 'uk'): NextTest[] {
  const own = observations.filter((observation) => (observation.part ?? 'whole') === part)
  const seen = new Set(own.map(({ feature }) => feature))
  const sets = setsOf(scored.filter(({ probability }) => probability > NEGLIGIBLE))
  const found = features.flatMap((feature, column) => {
    if (seen.has(feature.id)) return []
    const answers = answersOf(sets, column)
    const sameLook = features.filter(({ id, look }) => look === feature.look && seen.has(id)).length
    const bits = mutualInformation(answers) * SAME_LOOK_FRACTION ** sameLook
    if (bits < WORTH_DOING_BITS) return []
    const cost = HAZARD_COST[feature.hazard] * (1 + feature.minutes / 15)
    return [{ feature, bits, worth: bits / cost, text: reason(feature, answers, vocabulary) }]
  })
  return found
    .sort((a, b) => b.worth - a.worth)
    .map(({ feature, bits, text }) => ({ feature: feature.id, part, bits, hazard: feature.hazard, text }))
}

interface SetAnswers {
  fibres: readonly FibreId[]
  probability: number
  /** Probability of each state given this set of fibres. */
  states: Float64Array
}

/** Hypotheses of the same fibres in whatever shares. */
interface FibreSet {
  fibres: readonly FibreId[]
  probability: number
  members: { probability: number; tables: ReportTables }[]
}

function setsOf(scored: readonly Scored[]): FibreSet[] {
  const sets = new Map<string, FibreSet>()
  for (const { hypothesis, probability } of scored) {
    const set = sets.get(hypothesis.fibreSet) ?? { fibres: hypothesis.components.map(({ fibre }) => fibre), probability: 0, members: [] }
    set.probability += probability
    set.members.push({ probability, tables: reportTables(hypothesis) })
    sets.set(hypothesis.fibreSet, set)
  }
  return [...sets.values()].sort((a, b) => b.probability - a.probability)
}

/** What each set would answer to the feature of that column. */
function answersOf(sets: readonly FibreSet[], column: number): SetAnswers[] {
  return sets.map(({ fibres, probability, members }) => {
    const states = new Float64Array(members[0]!.tables.probabilities[column]!.length)
    for (const member of members) {
      const row = member.tables.probabilities[column]!
      const share = member.probability / probability
      for (let state = 0; state < states.length; state++) states[state] = states[state]! + share * row[state]!
    }
    return { fibres, probability, states }
  })
}

/** I(fibres; answer) in bits. */
function mutualInformation(answers: readonly SetAnswers[]): number {
  const total = answers.reduce((sum, { probability }) => sum + probability, 0)
  const overall = new Float64Array(answers[0]?.states.length ?? 0)
  for (const { probability, states } of answers) {
    for (let i = 0; i < states.length; i++) overall[i] = overall[i]! + (probability / total) * states[i]!
  }
  let bits = 0
  for (const { probability, states } of answers) {
    // Slips keep every probability above zero.
    for (let i = 0; i < states.length; i++) bits += (probability / total) * states[i]! * Math.log2(states[i]! / overall[i]!)
  }
  return bits
}

/** In words: which of the likely cloths would answer what. */
function reason(feature: Feature, answers: readonly SetAnswers[], vocabulary: Vocabulary): string {
  const first = answers[0]!
  const rival = answers.slice(1, 8).find(({ states }) => likeliest(states) !== likeliest(first.states))
  const label = ({ states }: SetAnswers) => `“${feature.states[likeliest(states)]!.label.toLowerCase()}”`
  const name = capitalised(fibreListWords(first.fibres, vocabulary))
  if (!rival) return `${name} would most often give ${label(first)}; anything else speaks against it.`
  return `${name} would most often give ${label(first)}, ${fibreListWords(rival.fibres, vocabulary)} ${label(rival)}.`
}

function likeliest(states: Float64Array): number {
  return states.indexOf(Math.max(...states))
}
