import { fibreById, fibres as catalogue } from '../fibres/catalogue'
import { FAMILIES, FIBRE_IDS, type FamilyId, type FibreId } from '../vocabulary/fibres'
import { answerAsked } from './asks'
import { judgeClaim } from './claim'
import { guardVerdict, STOP_UNLIT, warningsFor, wouldNotLight } from './cautions'
import { conflictsIn } from './conflicts'
import { trustedControls } from './controls'
import { type Grounds } from './grounds'
import { historyEffect, type HistoryEffect } from './history/effect'
import { hypothesesFor } from './history/history'
import { hasHistory } from './history/told'
import { type FabricHistory } from './history/types'
import { hypotheses } from './hypotheses'
import { adviseNext } from './nextTest'
import { reporterTaughtBy, type ControlBurn } from './observerCalibration'
import { rankUnlistedFibres } from './unlisted/rankUnlisted'
import { clothPosterior, type ClothPosterior } from './parts'
import { partsAnswer, type PartsAnswer } from './partsAnswer'
import { PARTS, TOOLS, type Asks, type Part, type Tool } from '../vocabulary/observations'
import {
  type AskedAnswer,
  type ClaimAnswer,
  type ClaimItem,
  type Component,
  type Conflict,
  type Evidence,
  type Hypothesis,
  type NextTest,
  type Observation,
  type Scored,
  type Verdict,
  type Warning,
} from './types'
import { fibreVerdictOf } from './verdict'
import { type Vocabulary } from '../vocabulary/words'
import { floatAt, itemAt, mustHave } from '../lists/items'

export interface IdentifyQuestion {
  observations: readonly Observation[]
  claim?: readonly ClaimItem[]
  history?: FabricHistory
  /** What the person wants to know; `fibre` where nothing is said. */
  asks?: Asks
  /** Everything, where nothing is said. */
  atHand?: readonly Tool[]
  /** Known pieces, as this person answered them. Those that look impure teach nothing. */
  controls?: readonly ControlBurn[]
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
  asked: AskedAnswer
  claim?: ClaimAnswer
  next: NextTest[]
  /** Why to stop here; null where going on is worth it. */
  stop: string | null
  conflicts: Conflict[]
  /** What comes before everything else: what not to do with this cloth, or what it may be beside the list. */
  warnings: Warning[]
  evidence: Evidence[]
  history?: HistoryEffect
  byPart?: Partial<Record<Part, Answer>>
  parts?: PartsAnswer
}

/**
 * What is this cloth made of, given what was seen? Exact Bayes over every pure fibre and every common blend of two or
 * three.
 * Pure; the order of the observations does not matter.
 * @param vocabulary which English the texts use
 * @throws RangeError on a feature, state, kind, price or country that is not in the vocabulary
 */
export function identify(question: IdentifyQuestion, vocabulary: Vocabulary = 'uk'): Answer {
  const { observations, history = {} } = question
  const grounds = groundsOf(question)
  const { answer, differ } = answerFor(question, 'whole', grounds, vocabulary)
  if (hasHistory(history))
    answer.history = historyEffect(
      answer.families,
      presences(clothPosterior(observations, { ...grounds, hypotheses }).scored).families,
    )
  const apart = PARTS.filter(
    (part) => part !== 'whole' && observations.some((observation) => observation.part === part),
  )
  if (apart.length === 0) return answer
  const byPart: Partial<Record<Part, Answer>> = {}
  for (const part of apart)
    byPart[part] = answerFor(
      {
        ...question,
        claim: undefined,
        observations: observations.filter((observation) => observation.part === part),
      },
      part,
      grounds,
      vocabulary,
    ).answer
  return {
    ...answer,
    byPart,
    parts: partsAnswer(
      differ,
      apart.map((part) => [part, mustHave(byPart[part]).verdict]),
      vocabulary,
    ),
  }
}

/** What a question rests on before anything is seen. */
function groundsOf({ history = {}, controls = [] }: IdentifyQuestion): Grounds {
  return {
    hypotheses: hypothesesFor(history),
    reporter: reporterTaughtBy(trustedControls(controls)),
    made: history.made,
  }
}

/** The heart of an answer, at a fraction of its cost: what is believed, without what to do next and why. */
export type Glance = Pick<Answer, 'families' | 'fibres' | 'verdict'>

/** What is believed of the whole cloth. @throws RangeError as `identify` does */
export function glance(question: IdentifyQuestion, vocabulary: Vocabulary = 'uk'): Glance {
  const { observations } = question
  const grounds = groundsOf(question)
  const cloth = clothPosterior(observations, grounds)
  const scored = [...cloth.scored].sort((a, b) => b.probability - a.probability)
  return {
    ...presences(scored),
    verdict: verdictFor(
      scored,
      observations,
      wouldNotLight(observations),
      rankUnlistedFibres(cloth, grounds),
      vocabulary,
    ),
  }
}

function answerFor(
  { observations, claim = [], asks = 'fibre', atHand = TOOLS }: IdentifyQuestion,
  part: Part,
  grounds: Grounds,
  vocabulary: Vocabulary,
): { answer: Answer; differ: number | null } {
  // Within a part, what was seen of it is seen of the whole of it.
  const own =
    part === 'whole' ? observations : observations.map((observation) => ({ ...observation, part: 'whole' as const }))
  const cloth = clothPosterior(own, grounds)
  const scored = [...cloth.scored].sort((a, b) => b.probability - a.probability)
  // Nobody can ask of a label that was not given.
  const asked = asks === 'label' && claim.length === 0 ? 'fibre' : asks
  const isUnlit = wouldNotLight(own)
  const strange = rankUnlistedFibres(cloth, grounds)
  // Nothing more is done with cloth that would not light.
  const { next, stop } = isUnlit
    ? { next: [], stop: STOP_UNLIT }
    : adviseNext(scored, own, part, { asks: asked, claim, atHand }, grounds.reporter, vocabulary)
  const verdict = verdictFor(scored, own, isUnlit, strange, vocabulary)
  const answer: Answer = {
    ...presences(scored),
    hypotheses: scored.map(({ hypothesis, probability }) => ({
      id: hypothesis.id,
      probability,
      fibres: hypothesis.components.map(({ fibre, share }) => ({ id: fibre, share })),
    })),
    verdict,
    asked: answerAsked(scored, asked, claim, vocabulary),
    next,
    stop,
    conflicts: conflictsIn(observations, grounds, vocabulary),
    warnings: warningsFor(own, strange),
    evidence: evidenceBits(cloth, grounds.hypotheses, mixtureOf(verdict)).map((row) =>
      part === 'whole' ? row : { ...row, part },
    ),
  }
  if (claim.length > 0) answer.claim = judgeClaim(claim, cloth, grounds, vocabulary)
  return { answer, differ: cloth.differ }
}

function verdictFor(
  scored: readonly Scored[],
  observations: readonly Observation[],
  isUnlit: boolean,
  strange: ReturnType<typeof rankUnlistedFibres>,
  vocabulary: Vocabulary,
): Verdict {
  return guardVerdict(fibreVerdictOf(scored, observations.length > 0, vocabulary), isUnlit, strange)
}

/** Where a hypothesis counts among the fibres and the families: worked out once. */
interface Places {
  fibres: Int32Array
  families: Int32Array
}

const placesKept = new WeakMap<Hypothesis['components'], Places>()

function placesOf({ components, families }: Hypothesis): Places {
  const before = placesKept.get(components)
  if (before) return before
  const made = {
    fibres: Int32Array.from(components, ({ fibre }) => FIBRE_IDS.indexOf(fibre)),
    families: Int32Array.from(families, (family) => FAMILIES.indexOf(family)),
  }
  placesKept.set(components, made)
  return made
}

/** How likely each is to be there at all, and to be all that there is. */
class Tally {
  private readonly present: Float64Array
  private readonly only: Float64Array
  constructor(size: number) {
    this.present = new Float64Array(size)
    this.only = new Float64Array(size)
  }
  add(places: Int32Array, probability: number): void {
    for (let i = 0; i < places.length; i++) this.present[places[i]!]! += probability
    if (places.length === 1) this.only[places[0]!]! += probability
  }
  of(place: number): { present: number; only: number } {
    return { present: Math.min(1, floatAt(this.present, place)), only: Math.min(1, floatAt(this.only, place)) }
  }
}

function presences(scored: readonly Scored[]): Pick<Answer, 'families' | 'fibres'> {
  const [ofFibres, ofFamilies] = [new Tally(FIBRE_IDS.length), new Tally(FAMILIES.length)]
  for (const { hypothesis, probability } of scored) {
    const places = placesOf(hypothesis)
    ofFibres.add(places.fibres, probability)
    ofFamilies.add(places.families, probability)
  }
  const byPresence = (a: { present: number }, b: { present: number }) => b.present - a.present
  return {
    families: FAMILIES.map((id, place) => ({ id, ...ofFamilies.of(place) })).sort(byPresence),
    fibres: catalogue.map(({ id, family }, place) => ({ id, family, ...ofFibres.of(place) })).sort(byPresence),
  }
}

/** Bits of each answer for each family: log2 of P(answer | that family alone) over P(answer). */
function evidenceBits(
  { evidence }: ClothPosterior,
  hypotheses: readonly Hypothesis[],
  mixture: readonly FamilyId[] | null,
): Evidence[] {
  const rows: Evidence[] = []
  for (const [part, { reports, byFeature }] of evidence) {
    reports.forEach(({ feature, reports: specimens }, column) => {
      const states = [...new Set(specimens.flat())].map((state) => itemAt(feature.states, state).id)
      const logs = itemAt(byFeature, column)
      rows.push({
        feature: feature.id,
        part,
        states,
        bits: bitsByFamily(logs, hypotheses),
        ...(mixture && { mixture: { families: mixture, bits: bitsFor(logs, hypotheses, mixture) } }),
      })
    })
  }
  return rows
}

/** The families that a verdict says are mixed; null where it names no mixture, or one within a family. */
function mixtureOf({ level, leaning }: Verdict): FamilyId[] | null {
  if (level !== 'blend') return null
  const mixed = new Set(leaning.map((id) => fibreById(id).family))
  return mixed.size > 1 ? FAMILIES.filter((id) => mixed.has(id)) : null
}

/** Bits of one answer for exactly these families together: log2 of P(answer | them) over P(answer). */
function bitsFor(
  logLikelihoods: Float64Array,
  hypotheses: readonly Hypothesis[],
  mixture: readonly FamilyId[],
): number {
  const key = mixture.join()
  let [mass, prior, allMass, allPrior] = [0, 0, 0, 0]
  hypotheses.forEach((hypothesis, index) => {
    const own = hypothesis.prior * Math.exp(floatAt(logLikelihoods, index))
    allMass += own
    allPrior += hypothesis.prior
    if (hypothesis.families.join() !== key) return
    mass += own
    prior += hypothesis.prior
  })
  return prior > 0 ? Math.log2(mass / prior / (allMass / allPrior)) : 0
}

function bitsByFamily(logLikelihoods: Float64Array, hypotheses: readonly Hypothesis[]): Record<FamilyId, number> {
  const [masses, priors] = [new Float64Array(FAMILIES.length), new Float64Array(FAMILIES.length)]
  let [allMass, allPrior] = [0, 0]
  for (let index = 0; index < hypotheses.length; index++) {
    const hypothesis = itemAt(hypotheses, index)
    const mass = hypothesis.prior * Math.exp(floatAt(logLikelihoods, index))
    allMass += mass
    allPrior += hypothesis.prior
    const { families } = placesOf(hypothesis)
    if (families.length > 1) continue
    masses[families[0]!]! += mass
    priors[families[0]!]! += hypothesis.prior
  }
  const overall = allMass / allPrior
  const bits = FAMILIES.map((family, place) => {
    // A family that the years rule out altogether neither gains nor loses.
    return [
      family,
      floatAt(priors, place) > 0 ? Math.log2(floatAt(masses, place) / floatAt(priors, place) / overall) : 0,
    ]
  })
  return Object.fromEntries(bits) as Record<FamilyId, number>
}
