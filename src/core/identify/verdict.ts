import { fibreById, isTrace } from '../fibres/catalogue'
import { FAMILIES, type FamilyId, type FibreId } from '../vocabulary/fibres'
import { formatPercent, capitalise } from '../units/format'
import { type Hypothesis, type Scored, type Verdict } from './types'
import { doubtWords, familyChoiceWords, fibreListWords, joinWithAnd } from './words'
import { type Vocabulary } from '../vocabulary/words'
import { itemAt, mustHave } from '../lists/items'

/** A verdict is the finest level whose probability reaches this. */
export const VERDICT_THRESHOLD = 0.8

/**
 * A fibre or pair must also reach this where its lookalikes are taken as equally common, so that a verdict never rests
 * on what is mostly sold: wool and mohair burn the same, and only the first being commoner is no evidence.
 */
export const EVIDENCE_ALONE = 0.75

/**
 * The verdict of the contract: fibre, blend, family, blend of families, group, undecided; the finest that is carried.
 */
export function fibreVerdictOf(
  scored: readonly Scored[],
  hasEvidence: boolean,
  vocabulary: Vocabulary = 'uk',
): Verdict {
  const sets = fibreSets(scored)
  const leaning = { leaning: itemAt(sets, 0).fibres, leaningProbability: itemAt(sets, 0).probability }
  const best = withHiddenTrace(sets)
  if (hasEvidence) {
    const carried = fineVerdict(best, sets) ?? familyVerdict(scored)
    if (carried) return { ...carried, ...leaning, text: verdictText(carried, best, vocabulary) }
  }
  const nothing = {
    level: 'undecided' as const,
    ids: [],
    sides: [],
    sure: null,
    probability: leaning.leaningProbability,
  }
  return { ...nothing, ...leaning, text: undecidedText(hasEvidence, itemAt(sets, 0), vocabulary) }
}

type Carried = Pick<Verdict, 'level' | 'ids' | 'sides' | 'sure' | 'probability'>

interface FibreSet {
  key: string
  fibres: readonly FibreId[]
  /** Families of the set, joined: the pool among which its lookalikes are sought. */
  pool: string
  probability: number
  /** Probability mass divided by prior mass: what the evidence alone makes of it. */
  support: number
  /** Probability that a trace of something else is in it, beside the fibres named. */
  trace: number
}

/**
 * A fibre may be named with a trace beside it left open, where the trace is this share of the belief at the most: a
 * few per cent of it burn unseen, and nobody should be told "some synthetic" of plain nylon for its sake.
 */
const TRACE_MAY_HIDE = 0.25

/** The fibres that a verdict names: a trace beside two others is left unsaid, since nobody could swear to it. */
function namedFibres({ components }: Hypothesis): FibreId[] {
  const all = components.map(({ fibre }) => fibre)
  const loud = all.filter((fibre) => !isTrace(fibre))
  return loud.length > 1 ? loud : all
}

/** What a verdict reads off a hypothesis whatever its probability: worked out once. */
interface Named {
  key: string
  fibres: readonly FibreId[]
  pool: string
  /** Families of all that is in it, joined. */
  familySet: string
  /** Whether a trace is left unsaid. */
  hidesTrace: boolean
}

const namedKept = new WeakMap<Hypothesis['components'], Named>()

function namedOf(hypothesis: Hypothesis): Named {
  const before = namedKept.get(hypothesis.components)
  if (before) return before
  const fibres = namedFibres(hypothesis)
  const made = {
    key: [...fibres].sort().join('+'),
    fibres,
    pool: fibres
      .map((fibre) => poolOf(fibreById(fibre).family))
      .sort()
      .join('+'),
    familySet: hypothesis.families.join('+'),
    hidesTrace: fibres.length < hypothesis.components.length,
  }
  namedKept.set(hypothesis.components, made)
  return made
}

/** Hypotheses put together by which fibres they name, likeliest first; the fibres with the larger share first. */
function fibreSets(scored: readonly Scored[]): FibreSet[] {
  const sets = new Map<string, FibreSet & { prior: number; top: number }>()
  for (const { hypothesis, probability } of scored) {
    const { key, fibres, pool, hidesTrace } = namedOf(hypothesis)
    let set = sets.get(key)
    if (!set) {
      set = { key, fibres, pool, probability: 0, support: 0, prior: 0, top: -1, trace: 0 }
      sets.set(key, set)
    }
    if (probability > set.top) {
      set.top = probability
      set.fibres = fibres
    }
    set.probability += probability
    set.prior += hypothesis.prior
    if (hidesTrace) set.trace += probability
  }
  const list = [...sets.values()]
  for (const set of list) set.support = set.prior > 0 ? set.probability / set.prior : 0
  return list.sort((a, b) => b.probability - a.probability)
}

/** The likeliest set, a lone fibre together with what may be it and a trace. */
function withHiddenTrace(sets: readonly FibreSet[]): FibreSet {
  const best = itemAt(sets, 0)
  if (best.fibres.length > 1) return best
  const hidden = sets.filter(
    ({ fibres }) =>
      fibres.length === 2 &&
      fibres.includes(itemAt(best.fibres, 0)) &&
      fibres.some((fibre) => fibre !== best.fibres[0] && isTrace(fibre)),
  )
  const trace = hidden.reduce((sum, { probability }) => sum + probability, 0)
  const together = best.probability + trace
  return trace / together > TRACE_MAY_HIDE ? best : { ...best, probability: together, trace }
}

/** Plant and regenerated cellulose burn alike, so that their fibres are each other's lookalikes. */
function poolOf(family: FamilyId): string {
  return family === 'plant' || family === 'regenerated' ? 'cellulose' : family
}

function fineVerdict(best: FibreSet, sets: readonly FibreSet[]): Carried | undefined {
  if (best.probability < VERDICT_THRESHOLD) return undefined
  const lookalikes = sets.filter(({ pool }) => pool === best.pool)
  const alone = best.support / lookalikes.reduce((sum, { support }) => sum + support, 0)
  if (alone < EVIDENCE_ALONE) return undefined
  const { fibres, probability } = best
  const level = fibres.length === 1 ? 'fibre' : 'blend'
  return {
    level,
    ids: fibres,
    sides: level === 'blend' ? fibres.map((fibre) => [fibre]) : [],
    sure: null,
    probability,
  }
}

interface FamilyMass {
  families: readonly FamilyId[]
  probability: number
  prior: number
}

/** Hypotheses put together by the families in them, by the families joined. */
function familyMasses(scored: readonly Scored[]): Map<string, FamilyMass> {
  const masses = new Map<string, FamilyMass>()
  for (const { hypothesis, probability } of scored) {
    const key = namedOf(hypothesis).familySet
    let entry = masses.get(key)
    if (!entry) masses.set(key, (entry = { families: hypothesis.families, probability: 0, prior: 0 }))
    entry.probability += probability
    entry.prior += hypothesis.prior
  }
  return masses
}

/** The finest verdict in families: one alone; a blend of two; a blend one side of which could be two; a group. */
function familyVerdict(scored: readonly Scored[]): Carried | undefined {
  const masses = familyMasses(scored)
  const entries = [...masses.values()]
  const mass = (test: (families: readonly FamilyId[]) => boolean) =>
    entries.reduce((sum, entry) => sum + (test(entry.families) ? entry.probability : 0), 0)
  // A family too must stand apart from its lookalikes by what was seen, not by being commoner.
  const support = (family: FamilyId) => {
    const own = masses.get(family)
    return own && own.prior > 0 ? own.probability / own.prior : 0
  }
  const standsApart = (family: FamilyId) =>
    support(family) >=
    EVIDENCE_ALONE * FAMILIES.reduce((sum, other) => sum + (poolOf(other) === poolOf(family) ? support(other) : 0), 0)

  const single = highest(
    FAMILIES.map((family) => [family]),
    ([family]) => mass((found) => found.length === 1 && found[0] === family),
  )
  if (single.probability >= VERDICT_THRESHOLD && standsApart(itemAt(single.item, 0)))
    return { level: 'family', ids: single.item, sides: [], sure: null, probability: single.probability }

  const pairs = FAMILIES.flatMap((a, i) => FAMILIES.slice(i + 1).map((b): [FamilyId, FamilyId] => [a, b]))
  // "A mixture of these" leaves room for a third, so that every cloth with both counts.
  const pureBlend = highest(pairs, ([a, b]) => mass((found) => found.includes(a) && found.includes(b)))
  if (pureBlend.probability >= VERDICT_THRESHOLD) {
    return {
      level: 'blend',
      ids: pureBlend.item,
      sides: pureBlend.item.map((family) => [family]),
      sure: null,
      probability: pureBlend.probability,
    }
  }
  const wide = pairs.flatMap((pair) =>
    FAMILIES.filter((other) => !pair.includes(other)).map((other) => ({ pair, other })),
  )
  const wideBlend = highest(wide, ({ pair, other }) => mass((found) => isBlendOf(found, pair, other)))
  if (wideBlend.probability >= VERDICT_THRESHOLD) {
    const { pair, other } = wideBlend.item
    return {
      level: 'blend',
      ids: [...pair, other],
      sides: [pair, [other]],
      sure: null,
      probability: wideBlend.probability,
    }
  }
  const group = highest(pairs, (pair) => mass((found) => found.every((family) => pair.includes(family))))
  if (group.probability < VERDICT_THRESHOLD) return undefined
  // "A, alone or with B in it" says more than "A or B": it is said where it is carried by itself.
  const within = (found: readonly FamilyId[]) => found.every((family) => group.item.includes(family))
  const surest = highest(
    group.item.map((family) => [family]),
    ([family]) => mass((found) => within(found) && found.includes(mustHave(family))),
  )
  const sure =
    surest.probability >= VERDICT_THRESHOLD && standsApart(itemAt(surest.item, 0)) ? itemAt(surest.item, 0) : null
  return {
    level: 'group',
    ids: group.item,
    sides: [],
    sure,
    probability: sure ? surest.probability : group.probability,
  }
}

/** One or both of `pair`, together with `other`. */
function isBlendOf(found: readonly FamilyId[], pair: readonly FamilyId[], other: FamilyId): boolean {
  return found.includes(other) && pair.some((family) => found.includes(family))
}

function highest<T extends object>(
  items: readonly T[],
  probabilityOf: (item: T) => number,
): { item: T; probability: number } {
  let best = { item: itemAt(items, 0), probability: -1 }
  for (const item of items) {
    const probability = probabilityOf(item)
    if (probability > best.probability) best = { item, probability }
  }
  return best
}

function verdictText(carried: Carried, best: FibreSet, vocabulary: Vocabulary): string {
  const how = capitalise(doubtWords(carried.probability))
  const lean = `Most likely ${fibreListWords(best.fibres, vocabulary)}, but this doesn’t prove it.`
  switch (carried.level) {
    case 'fibre':
      return best.trace / best.probability >= TRACE_LEFT_OPEN
        ? `${how} ${fibreListWords(best.fibres, vocabulary)}. We can’t rule out a trace of something ` +
            'stretchy or shiny.'
        : `${how} ${fibreListWords(best.fibres, vocabulary)} and nothing else.`
    case 'family':
      return `${how} ${familyChoiceWords(carried.ids as FamilyId[])} and nothing else. ${lean}`
    case 'group': {
      const others = carried.ids.filter((id) => id !== carried.sure) as FamilyId[]
      return carried.sure
        ? `${how} ${familyChoiceWords([carried.sure])}, alone or with ${familyChoiceWords(others)} in ` +
            `it: this can’t tell which. ${lean}`
        : `${how} ${familyChoiceWords(others)}, or both: this can’t tell them apart. ${lean}`
    }
    default:
      break
  }
  if (carried.sides.every(([first]) => best.fibres.some((fibre) => fibre === first))) {
    const trace =
      best.trace / best.probability >= TRACE_WORTH_SAYING
        ? ' A little of something stretchy or shiny may be in it too.'
        : ''
    const parents = joinWithAnd(best.fibres.map((id) => fibreListWords([id], vocabulary)))
    return `${how} a blend of ${parents}.${trace} A flame can’t show how much of each.`
  }
  const sides = carried.sides.map((side) => familyChoiceWords(side as FamilyId[])).join(', with ')
  return `${how} a blend: ${sides}. ${lean} A flame can’t show how much of each.`
}

/** From this share of a lone fibre's probability a trace that may be in it is mentioned. */
const TRACE_LEFT_OPEN = 0.05

/** From this share of a blend's probability a trace beside it is mentioned. */
const TRACE_WORTH_SAYING = 0.4

/** A verdict in a few words, as it stands in a sentence: `very probably a protein fibre`. */
export function verdictBriefly(
  { level, sides, ids, sure, leaning, probability }: Verdict,
  vocabulary: Vocabulary = 'uk',
): string {
  if (level === 'undecided') return `not known, most like ${fibreListWords(leaning, vocabulary)}`
  const how = doubtWords(probability)
  if (level === 'fibre') return `${how} ${fibreListWords(leaning, vocabulary)}`
  if (sure)
    return (
      `${how} ${familyChoiceWords([sure])}, alone or with ` +
      `${familyChoiceWords(ids.filter((id) => id !== sure) as FamilyId[])}`
    )
  if (level !== 'blend') return `${how} ${familyChoiceWords(ids as FamilyId[])}`
  const isFine = sides.every(([first]) => leaning.some((fibre) => fibre === first))
  const parents = isFine
    ? leaning.map((id) => fibreListWords([id], vocabulary))
    : sides.map((side) => familyChoiceWords(side as FamilyId[]))
  return `${how} a blend of ${joinWithAnd(parents)}`
}

function undecidedText(hasEvidence: boolean, best: FibreSet, vocabulary: Vocabulary): string {
  if (!hasEvidence) return 'No answers yet; these are typical odds.'
  return (
    `Not clear yet. The likeliest so far is ${fibreListWords(best.fibres, vocabulary)}, at ` +
    `${formatPercent(best.probability)}.`
  )
}
