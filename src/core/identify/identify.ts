import { fibres as catalogue } from '../fibres/catalogue'
import { FAMILIES, type FamilyId, type FibreId } from '../fibres/types'
import { judgeClaim } from './claim'
import { conflictsIn } from './conflicts'
import { hypothesesMade } from './hypotheses'
import { nextTests } from './nextTest'
import { clothPosterior, type ClothPosterior } from './parts'
import { PARTS, type ClaimAnswer, type ClaimItem, type Component, type Conflict, type Evidence, type Hypothesis, type Made, type NextTest, type Observation, type Part, type Scored, type Verdict } from './types'
import { verdictOf } from './verdict'
import { type Vocabulary } from './words'

export interface Question {
  observations: readonly Observation[]
  claim?: readonly ClaimItem[]
  made?: Made
}

export interface Presence<Id> {
  id: Id
  /** Probability that it is in the cloth at all. */
  present: number
  /** Probability that the cloth is nothing else. */
  only: number
}

export interface Answer {
  families: Presence<FamilyId>[]
  fibres: (Presence<FibreId> & { family: FamilyId })[]
  hypotheses: { id: string; fibres: { id: FibreId; share: Component['share'] }[]; probability: number }[]
  verdict: Verdict
  claim?: ClaimAnswer
  next: NextTest[]
  conflicts: Conflict[]
  evidence: Evidence[]
  byPart?: Partial<Record<Part, Answer>>
}

/**
 * What is this cloth made of, given what was seen? Exact Bayes over every pure fibre and every common blend of two.
 * Pure; the order of the observations does not matter.
 * @param vocabulary which English the texts use
 */
export function identify(question: Question, vocabulary: Vocabulary = 'uk'): Answer {
  const hypotheses = hypothesesMade(question.made)
  const answer = answerFor(question, hypotheses, vocabulary)
  const apart = PARTS.filter((part) => part !== 'whole' && question.observations.some((observation) => observation.part === part))
  if (apart.length === 0) return answer
  const byPart: Answer['byPart'] = {}
  for (const part of apart) {
    const own = question.observations.filter((observation) => observation.part === part).map((observation) => ({ ...observation, part: 'whole' as const }))
    const { next, evidence, ...rest } = answerFor({ observations: own }, hypotheses, vocabulary)
    byPart[part] = { ...rest, next: next.map((test) => ({ ...test, part })), evidence: evidence.map((entry) => ({ ...entry, part })) }
  }
  return { ...answer, byPart }
}

function answerFor({ observations, claim }: Question, hypotheses: readonly Hypothesis[], vocabulary: Vocabulary): Answer {
  const cloth = clothPosterior(observations, hypotheses)
  const scored = [...cloth.scored].sort((a, b) => b.probability - a.probability)
  const hasEvidence = observations.length > 0
  const answer: Answer = {
    ...presences(scored),
    hypotheses: scored.map(({ hypothesis, probability }) => ({
      id: hypothesis.id, probability, fibres: hypothesis.components.map(({ fibre, share }) => ({ id: fibre, share })),
    })),
    verdict: verdictOf(scored, hasEvidence, vocabulary),
    next: nextTests(scored, observations, 'whole', vocabulary),
    conflicts: conflictsIn(observations, hypotheses),
    evidence: evidenceBits(cloth, hypotheses),
  }
  if (claim && claim.length > 0) answer.claim = judgeClaim(claim, cloth, hypotheses, vocabulary)
  return answer
}

function presences(scored: readonly Scored[]): Pick<Answer, 'families' | 'fibres'> {
  const fibrePresent = new Map<FibreId, number>()
  const fibreOnly = new Map<FibreId, number>()
  const familyPresent = new Map<FamilyId, number>()
  const familyOnly = new Map<FamilyId, number>()
  const add = <K>(map: Map<K, number>, key: K, probability: number) => map.set(key, Math.min(1, (map.get(key) ?? 0) + probability))
  for (const { hypothesis, probability } of scored) {
    for (const { fibre } of hypothesis.components) add(fibrePresent, fibre, probability)
    if (hypothesis.components.length === 1) add(fibreOnly, hypothesis.components[0]!.fibre, probability)
    const own = hypothesis.families
    for (const family of own) add(familyPresent, family, probability)
    if (own.length === 1) add(familyOnly, own[0]!, probability)
  }
  const byPresence = (a: { present: number }, b: { present: number }) => b.present - a.present
  return {
    families: FAMILIES.map((id) => ({ id, present: familyPresent.get(id) ?? 0, only: familyOnly.get(id) ?? 0 })).sort(byPresence),
    fibres: catalogue
      .map(({ id, family }) => ({ id, family, present: fibrePresent.get(id) ?? 0, only: fibreOnly.get(id) ?? 0 }))
      .sort(byPresence),
  }
}

/** Bits of each answer for each family: log2 of P(answer | that family alone) over P(answer). */
function evidenceBits({ evidence }: ClothPosterior, hypotheses: readonly Hypothesis[]): Evidence[] {
  const rows: Evidence[] = []
  for (const [part, { reports, byFeature }] of evidence) {
    reports.forEach(({ feature, reports: specimens }, column) => {
      const states = [...new Set(specimens.flat())].map((state) => feature.states[state]!.id)
      rows.push({ feature: feature.id, part, states, bits: bitsByFamily(byFeature[column]!, hypotheses) })
    })
  }
  return rows
}

function bitsByFamily(logLikelihoods: Float64Array, hypotheses: readonly Hypothesis[]): Record<FamilyId, number> {
  const all = { mass: 0, prior: 0 }
  const alone = new Map(FAMILIES.map((family) => [family, { mass: 0, prior: 0 }]))
  hypotheses.forEach(({ families, prior }, index) => {
    const mass = prior * Math.exp(logLikelihoods[index]!)
    for (const sum of families.length === 1 ? [all, alone.get(families[0]!)!] : [all]) {
      sum.mass += mass
      sum.prior += prior
    }
  })
  const overall = all.mass / all.prior
  const bits = FAMILIES.map((family) => {
    const { mass, prior } = alone.get(family)!
    // A family that the years rule out altogether neither gains nor loses.
    return [family, prior > 0 ? Math.log2(mass / prior / overall) : 0]
  })
  return Object.fromEntries(bits) as Record<FamilyId, number>
}
