import { groupedBy } from './asks'
import { SAME_LOOK_FRACTION } from './evidence'
import { features, type Feature } from './features'
import { type Reporter, type ReportTables } from './reporter'
import { type Asks, type Part, type Tool } from '../vocabulary/observations'
import { type ClaimItem, type NextTest, type Observation, type Scored } from './types'
import { capitalise } from '../units/format'
import { type Vocabulary } from '../vocabulary/words'
import { floatAt, itemAt } from '../lists/items'

/** Below this a test is not worth the match: nothing at home would tell. Bits. */
export const WORTH_DOING_BITS = 0.03

/** From this probability the question counts as answered, and going on is only for the pleasure of it. */
export const ANSWERED = 0.97

/** Hypotheses below this probability cannot change which test is best. */
const NEGLIGIBLE = 5e-4

/**
 * A minute of work, a flame, a solvent each cost something; the advice divides bits by this. Common practice, from
 * memory.
 */
const HAZARD_COST = { none: 1, flame: 1.3, solvent: 1.8, bleach: 2.2 } as const

/** What the person wants to know, and what they can do about it. */
export interface Wanted {
  asks: Asks
  claim: readonly ClaimItem[]
  atHand: readonly Tool[]
}

export interface Advice {
  /** The most worthwhile first. */
  next: NextTest[]
  /** Why to stop here; null where going on is worth it. */
  stop: string | null
}

/**
 * What to look at next: of everything not yet seen, the expected information (mutual information, bits) about
 * what the person asked, weighed against work and hazard, among what can be done with what is at hand.
 */
export function adviseNext(
  scored: readonly Scored[],
  observations: readonly Observation[],
  part: Part,
  wanted: Wanted,
  reporter: Reporter,
  vocabulary: Vocabulary = 'uk',
): Advice {
  // What was seen of one part need not be seen of the whole again.
  const seen = new Set(observations.map(({ feature }) => feature))
  const groups = groupsOf(
    scored.filter(({ probability }) => probability > NEGLIGIBLE),
    wanted,
    reporter,
    vocabulary,
  )
  const worthwhile = features
    .flatMap((feature, column) => {
      if (seen.has(feature.id)) return []
      const answers = answersOf(groups, column)
      const sameLook = features.filter(({ id, look }) => look === feature.look && seen.has(id)).length
      const bits = mutualInformation(answers) * SAME_LOOK_FRACTION ** sameLook
      if (bits < WORTH_DOING_BITS) return []
      const cost = HAZARD_COST[feature.hazard] * (1 + feature.minutes / 15)
      return [{ feature, bits, worth: bits / cost, answers }]
    })
    .sort((a, b) => b.worth - a.worth)
  const possible = worthwhile.filter(({ feature }) => lacking(feature, wanted.atHand).length === 0)
  const next = possible.map(({ feature, bits, answers }): NextTest => ({
    feature: feature.id,
    part,
    bits,
    hazard: feature.hazard,
    text: reason(feature, answers),
  }))
  const out = worthwhile.find(({ feature }) => lacking(feature, wanted.atHand).length > 0)?.feature
  const isWhole = part === 'whole' && observations.every((one) => (one.part ?? 'whole') === 'whole')
  return { next, stop: stopWords(groups, next.length, out, wanted, isWhole) }
}

function lacking({ needs }: Feature, atHand: readonly Tool[]): Tool[] {
  return needs.filter((tool) => !atHand.includes(tool))
}

const TOOL_WORDS: Record<Tool, string> = {
  flame: 'a flame',
  loupe: 'a strong loupe',
  acetone: 'acetone',
  bleach: 'chlorine bleach',
}

function stopWords(
  groups: readonly Group[],
  offered: number,
  out: Feature | undefined,
  { atHand }: Wanted,
  isWhole: boolean,
): string | null {
  const [first, second] = groups
  if (first && first.probability >= ANSWERED) return `You can stop here: it is almost certainly ${first.label}.`
  if (offered > 0) return null
  const between = first && second ? `to tell ${first.label} from ${second.label}` : 'more'
  if (!out) {
    // A mixture woven of two yarns parts where a spun one does not.
    const isMixed = [first, second].some((group) => group?.members.some(({ mixed }) => mixed))
    const apart =
      isMixed && isWhole ? ' Burning a yarn of the warp and one of the weft separately may still help.' : ''
    return `Stop here: no other home test of the whole fabric would help ${between}. A laboratory could.${apart}`
  }
  const tool = itemAt(lacking(out, atHand), 0)
  return `Stop here, unless you can get ${TOOL_WORDS[tool]}: nothing else would help ${between}.`
}

interface Group {
  label: string
  probability: number
  members: { probability: number; tables: ReportTables; mixed: boolean }[]
}

interface GroupAnswers {
  label: string
  probability: number
  /** Probability of each state given this group. */
  states: Float64Array
}

function groupsOf(
  scored: readonly Scored[],
  { asks, claim }: Wanted,
  reporter: Reporter,
  vocabulary: Vocabulary,
): Group[] {
  const { keyOf, labelOf } = groupedBy(asks, claim, vocabulary)
  const groups = new Map<string, Group>()
  for (const { hypothesis, probability } of scored) {
    const key = keyOf(hypothesis)
    let group = groups.get(key)
    if (!group) groups.set(key, (group = { label: labelOf(hypothesis), probability: 0, members: [] }))
    group.probability += probability
    const mixed = hypothesis.components.length > 1
    group.members.push({ probability, tables: reporter.tables(hypothesis), mixed })
  }
  return [...groups.values()].sort((a, b) => b.probability - a.probability)
}

/** What each group would answer to the feature of that column. */
function answersOf(groups: readonly Group[], column: number): GroupAnswers[] {
  return groups.map(({ label, probability, members }) => {
    const states = new Float64Array(itemAt(itemAt(members, 0).tables.probabilities, column).length)
    for (const member of members) {
      const row = itemAt(member.tables.probabilities, column)
      const share = member.probability / probability
      for (let state = 0; state < states.length; state++)
        states[state] = floatAt(states, state) + share * floatAt(row, state)
    }
    return { label, probability, states }
  })
}

/** I(what was asked; answer) in bits. */
function mutualInformation(answers: readonly GroupAnswers[]): number {
  const total = answers.reduce((sum, { probability }) => sum + probability, 0)
  const overall = new Float64Array(answers[0]?.states.length ?? 0)
  for (const { probability, states } of answers) {
    for (let i = 0; i < states.length; i++)
      overall[i] = floatAt(overall, i) + (probability / total) * floatAt(states, i)
  }
  let bits = 0
  for (const { probability, states } of answers) {
    // Slips keep every probability above zero.
    for (let i = 0; i < states.length; i++)
      bits += (probability / total) * floatAt(states, i) * Math.log2(floatAt(states, i) / floatAt(overall, i))
  }
  return bits
}

/** In words: which of the likely cloths would answer what. */
function reason(feature: Feature, answers: readonly GroupAnswers[]): string {
  const first = itemAt(answers, 0)
  const rival = answers.slice(1, 8).find(({ states }) => likeliest(states) !== likeliest(first.states))
  const label = ({ states }: GroupAnswers) => `“${itemAt(feature.states, likeliest(states)).label.toLowerCase()}”`
  if (!rival)
    return `${capitalise(first.label)} would most often give ${label(first)}; anything else speaks against it.`
  return `${capitalise(first.label)} would most often give ${label(first)}, ${rival.label} ${label(rival)}.`
}

function likeliest(states: Float64Array): number {
  return states.indexOf(Math.max(...states))
}
