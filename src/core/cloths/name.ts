import { type Phrase, phrase } from '../text/text'
import { FIBRE_WORDS, type FibreId } from '../vocabulary/fibres'
import { type Vocabulary } from '../vocabulary/words'
import { capitalise } from '../units/format'
import { namedCloths } from './catalogue'
import { inspectionById, inspectionFeatures, type InspectionFeature } from './inspection'
import { type InspectionId } from '../vocabulary/inspection'
import { logTableOf, markLikelihoodsOf, logNamedWeightDensity, logWidthDensity, logWeightDensity } from './likelihood'
import { substitutions } from './substitutions'
import { type NamedCloth } from './types'
import { floatAt, itemAt } from '../lists/items'
import { inGsm } from '../text/amounts'

/** What is known of a cloth that wants a name; every part may be missing. */
export interface Description {
  /** What was seen: one state a feature, several where the feature takes several. */
  inspection?: Partial<Record<InspectionId, readonly string[]>>
  gsm?: number
  stretchPercent?: { length?: number; width?: number }
  fibres?: readonly FibreId[]
}

export interface RankedName {
  id: string
  name: string
  also: readonly string[]
  probability: number
  for: Phrase[]
  against: Phrase[]
  makes: Phrase
}

export interface NextLook {
  feature: InspectionId
  bits: number
  text: Phrase
}

export interface NameAnswer {
  names: RankedName[]
  /** Probability that it is none of these: with the names', they sum to 1. */
  none: number
  next: NextLook[]
  warnings: string[]
}

/** One piece of evidence: its words, and its natural log-likelihood for each cloth. */
interface Sign {
  words: Phrase
  logs: Float64Array
  /** The logarithm of what it is worth to a cloth on average. */
  usual: number
  /** The same for a cloth that is none of them. */
  unknown: number
}

/** A sign this far above or below the mean of all cloths is given as a reason, nats. */
const A_REASON = 0.5
/** How often a cloth on the table is none of the list, and what such a cloth may be; from memory. */
const NONE_SHARE = 0.02
const ANY_GSM = [40, 700] as const
const ANY_STRETCH = [0, 60] as const
const ANY_FIBRE = 0.2
const MOST_REASONS = 4
/** Under this a look is not worth the turning over, bits. */
const WORTH_LOOKING_BITS = 0.05
/** Cloths below this probability cannot change what to look at next. */
const NEGLIGIBLE = 1e-3

/**
 * Which cloth is this called? Bayes over every named cloth, each answer independent given the cloth, and dulled by
 * slips.
 * @throws RangeError on a feature or state that is not in the vocabulary
 */
export function nameCloth(description: Description, vocabulary: Vocabulary = 'uk'): NameAnswer {
  const [signs, heads] = [signsOf(description, vocabulary), headsIn(vocabulary)]
  const masses = namedCloths.map(
    ({ common }, index) => Math.log(common) + signs.reduce((sum, { logs }) => sum + floatAt(logs, index), 0),
  )
  // A cloth outside the list answers anything: it is believed where every name of the list answers worse.
  const stranger =
    Math.log((NONE_SHARE * namedCloths.reduce((sum, { common }) => sum + common, 0)) / (1 - NONE_SHARE)) +
    signs.reduce((sum, { unknown }) => sum + unknown, 0)
  const highest = Math.max(stranger, ...masses)
  const total = masses.reduce((sum, mass) => sum + Math.exp(mass - highest), Math.exp(stranger - highest))
  const none = Math.exp(stranger - highest) / total
  const scored = namedCloths.map((cloth, index) => ({
    cloth,
    index,
    probability: Math.exp(itemAt(masses, index) - highest) / total,
  }))
  scored.sort((a, b) => b.probability - a.probability || a.index - b.index)
  return {
    names: scored.map(({ cloth, index, probability }) => {
      // Written out: spreading them into one another took a third of the whole.
      const { id, name, also } = itemAt(heads, index)
      const { good, bad } = reasons(signs, index)
      return { id, name, also, probability, makes: cloth.makes, for: good, against: bad }
    }),
    none,
    next: nextLooks(scored, description, vocabulary),
    warnings: noneWarning(none, itemAt(scored, 0).probability).concat(
      warningsFor(scored.filter(({ probability }) => probability >= 0.1).map(({ cloth }) => cloth.id)),
    ),
  }
}

function noneWarning(none: number, best: number): string[] {
  return none > best
    ? [
        'None of the names here fits all of this. Look again at what speaks against the first, or keep it ' +
          'without a name.',
      ]
    : []
}

type Head = Pick<RankedName, 'id' | 'name' | 'also'>

const headsKept = new Map<Vocabulary, readonly Head[]>()

/** What every named cloth is called, in their order. */
function headsIn(vocabulary: Vocabulary): readonly Head[] {
  const before = headsKept.get(vocabulary)
  if (before) return before
  const made = namedCloths.map((cloth) => ({
    id: cloth.id,
    name: capitalise(cloth.name[vocabulary]),
    also: otherWords(cloth, vocabulary),
  }))
  headsKept.set(vocabulary, made)
  return made
}

function otherWords({ name, also }: NamedCloth, vocabulary: Vocabulary): string[] {
  return [...new Set([vocabulary === 'uk' ? name.us : name.uk, ...also])].filter((word) => word !== name[vocabulary])
}

/** @param logs natural log-likelihood for each named cloth, in their order */
function signOf(words: Phrase, logs: Float64Array, unknown: number): Sign {
  return { words, logs, usual: Math.log(logs.reduce((sum, log) => sum + Math.exp(log), 0) / logs.length), unknown }
}

const perCloth = (logOf: (cloth: NamedCloth) => number) => Float64Array.from(namedCloths, logOf)

function signsOf(
  { inspection = {}, gsm, stretchPercent = {}, fibres = [] }: Description,
  vocabulary: Vocabulary,
): Sign[] {
  const signs: Sign[] = []
  for (const [id, states] of Object.entries(inspection)) {
    if (states.length === 0) continue
    const feature = inspectionById(id)
    const known = states.map((state) => {
      const found = feature.states.findIndex((one) => one.id === state)
      if (found < 0) throw new RangeError(`${id}: no state is called "${state}"`)
      return found
    })
    const words =
      `${feature.title.toLowerCase()}: ` +
      `${known.map((state) => itemAt(feature.states, state).label.toLowerCase()).join(' and ')}`
    const table = logTableOf(feature)
    const logs = new Float64Array(namedCloths.length)
    for (const state of known)
      for (let at = 0; at < logs.length; at++)
        logs[at] = floatAt(logs, at) + floatAt(table, at * feature.states.length + state)
    signs.push(signOf(words, logs, -known.length * Math.log(feature.states.length)))
  }
  if (gsm !== undefined)
    signs.push(
      signOf(
        phrase`${inGsm(Math.round(gsm))}`,
        perCloth(({ gsm: span }) => logNamedWeightDensity(gsm, span)),
        logWeightDensity(gsm, ANY_GSM),
      ),
    )
  if (stretchPercent.width !== undefined) {
    const width = stretchPercent.width
    signs.push(
      signOf(
        `${Math.round(width)} % stretch across`,
        perCloth(({ stretchWidth }) => logWidthDensity(width, stretchWidth)),
        logWidthDensity(width, ANY_STRETCH),
      ),
    )
  }
  if (fibres.length > 0)
    signs.push(
      signOf(
        fibres.map((fibre) => FIBRE_WORDS[fibre][vocabulary]).join(' and '),
        perCloth((cloth) => Math.log(fibreFit(cloth, fibres))),
        Math.log(ANY_FIBRE),
      ),
    )
  return signs
}

/** How often a cloth of that name is of these fibres: usual ones mostly, others now and then. */
function fibreFit({ fibres: usual }: NamedCloth, fibres: readonly FibreId[]): number {
  if (usual.length === 0) return 0.06
  const hits = fibres.filter((fibre) => usual.includes(fibre)).length / fibres.length
  return 0.06 + (0.5 / Math.sqrt(usual.length)) * hits
}

function reasons(signs: readonly Sign[], index: number): { good: Phrase[]; bad: Phrase[] } {
  const [good, bad]: [MovingSign[], MovingSign[]] = [[], []]
  for (const { words, logs, usual } of signs) {
    const by = floatAt(logs, index) - usual
    if (by >= A_REASON) good.push({ words, by })
    else if (by <= -A_REASON) bad.push({ words, by: -by })
  }
  return { good: strongest(good), bad: strongest(bad) }
}

interface MovingSign {
  words: Phrase
  by: number
}

function strongest(of: MovingSign[]): Phrase[] {
  if (of.length > 1) of.sort((a, b) => b.by - a.by)
  return of.slice(0, MOST_REASONS).map(({ words }) => words)
}

interface ScoredCloth {
  cloth: NamedCloth
  /** Its place among the named cloths. */
  index: number
  probability: number
}

/** The looks not taken yet, the most telling first: mutual information between the answer and the name, bits. */
function nextLooks(
  scored: readonly ScoredCloth[],
  { inspection = {} }: Description,
  vocabulary: Vocabulary,
): NextLook[] {
  const likely = scored.filter(({ probability }) => probability > NEGLIGIBLE)
  return inspectionFeatures
    .filter((feature) => inspection[feature.id] === undefined && isAsked(feature, inspection))
    .map((feature) => ({ feature, bits: informationIn(feature, likely) }))
    .filter(({ bits }) => bits >= WORTH_LOOKING_BITS)
    .sort((a, b) => b.bits - a.bits)
    .map(({ feature, bits }) => ({ feature: feature.id, bits, text: lookWords(feature, likely, vocabulary) }))
}

/** A question that its construction rules out is not asked; nor how deep a pile is before there is one. */
function isAsked({ id, only }: InspectionFeature, inspection: NonNullable<Description['inspection']>): boolean {
  const construction = inspection.construction?.[0]
  if (only && construction !== undefined && !only.some((one) => one === construction)) return false
  if (id === 'pile-height') return inspection.pile !== undefined && !inspection.pile.includes('none')
  if (id === 'twill-line')
    return inspection.interlacing === undefined || inspection.interlacing.some((weave) => weave.includes('twill'))
  return true
}

function informationIn(feature: InspectionFeature, likely: readonly ScoredCloth[]): number {
  const all = likely.reduce((sum, { probability }) => sum + probability, 0)
  const logs = logTableOf(feature)
  const states = feature.states.length
  const overall = new Float64Array(states)
  // Of each answer its share; of all of them, what knowing the cloth would tell of the answer, nats.
  let told = 0
  for (const { index, probability } of likely)
    for (let state = 0; state < states; state++) {
      const log = floatAt(logs, index * states + state)
      const share = (probability / all) * Math.exp(log)
      overall[state] = floatAt(overall, state) + share
      told += share * log
    }
  return overall.reduce((nats, share) => nats - share * Math.log(share), told) / Math.LN2
}

function lookWords(feature: InspectionFeature, likely: readonly ScoredCloth[], vocabulary: Vocabulary): string {
  const says = (cloth: NamedCloth) => {
    const row = markLikelihoodsOf(cloth, feature)
    return itemAt(feature.states, row.indexOf(Math.max(...row)))
  }
  const first = itemAt(likely, 0).cloth
  const rival = likely.slice(1).find(({ cloth }) => says(cloth).id !== says(first).id)?.cloth
  const shown = (cloth: NamedCloth) => `“${says(cloth).label.toLowerCase()}”`
  return rival
    ? `${feature.question} ${capitalise(first.name[vocabulary])} would show ${shown(first)}, ` +
        `${rival.name[vocabulary]} ${shown(rival)}.`
    : feature.question
}

/** Substitutions that shops make, where either cloth is in the running. */
function warningsFor(ids: readonly string[]): string[] {
  return [
    ...new Set(
      substitutions
        .filter(({ soldAs, often }) => ids.includes(soldAs) || ids.includes(often))
        .map(({ tell }) => tell),
    ),
  ]
}
