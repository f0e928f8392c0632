import { type Need } from '../../notebook/schemas/need'
import { adaptedTo, assessBody, assessOpacity, assessStructure, assessWashing, withNamed } from '../assess'
import { RELIES_ON_STRETCH, stretchFit, weightFit } from '../fit'
import { fullNeed, type FullNeed } from '../need'
import { PURPOSE_RULES } from '../purpose/purposes'
import { assessmentOf } from '../purpose/told'
import { UNKNOWN_FIT } from '../score'
import { drynessOf, hasSeason, seasonFit, seasonImportance } from '../season'
import { type Assessment } from '../types'
import { CERTAINTY, IMPORTANCE } from '../weights'
import { WISH_RULES } from '../wishes'
import { encodeColumn, type Coded } from './coded'
import { scoreDetails } from './detailColumns'
import { CERTAINTY_BY_HOW, type Sums } from './sums'
import { UNKNOWN_HOW, type OfferColumns, type NumberColumn, type StashColumns } from './stashColumns'

/** Score and certainty of every cloth for one need, in the order of the columns. */
export interface ColumnScores {
  scores: Float64Array
  certainties: Float64Array
}

/**
 * Scores every cloth of a stash for one need in one pass, property by property: the same score and certainty as
 * `matchScore`, without a word about any of them.
 */
export function scoreColumns(need: Need, { ids, parts }: StashColumns): ColumnScores {
  const asked = fullNeed(need)
  const scores = new Float64Array(ids.length)
  const certainties = new Float64Array(ids.length)
  for (const { kind, places, columns } of parts) {
    const full = adaptedTo(kind, asked)
    const { score, importance, certain } = summed(full, columns, places.length)
    places.forEach((place, at) => {
      scores[place] = score[at]!
      certainties[place] = certain[at]! / importance[at]!
    })
  }
  return { scores, certainties }
}

// What is imported is bound to a name of its own before each long loop: a loader may put a call behind the import.

function summed(full: FullNeed, columns: OfferColumns, count: number): Sums {
  const sums: Sums = {
    score: new Float64Array(count).fill(1),
    importance: new Float64Array(count),
    certain: new Float64Array(count),
  }
  addCoded(sums, columns.construction, (offer) => assessStructure(full, offer))
  addWeight(sums, columns, full)
  addStretch(sums, columns.stretchWidth, full.stretchWidth, false)
  addStretch(sums, columns.stretchLength, full.stretchLength, true)
  addCoded(sums, columns.body, (offer) => assessBody(full, offer))
  addCoded(sums, columns.opacity, (offer) => assessOpacity(full, offer))
  if (hasSeason(full)) addSeason(sums, columns, full)
  for (const purpose of full.purposes) {
    const rule = PURPOSE_RULES[purpose]
    const codes = (columns.purposes[purpose] ??= encodeColumn(columns.offers, (one) =>
      JSON.stringify(rule.dependsOn(one)),
    ))
    addCoded(sums, codes, (offer) => assessmentOf(rule, offer, CERTAINTY))
  }
  scoreDetails(sums, columns, full)
  addWishes(sums, columns, full)
  addCoded(sums, columns.washed, assessWashing)
  return sums
}

/** A wish that a pattern does not have judges no cloth at all: it is tried on none. */
function addWishes(sums: Sums, columns: OfferColumns, { wishes }: FullNeed): void {
  const { pile, called, fibres, care, creases, avoid, recoveryPercent, print, fastness } = wishes
  // In the order of the rules.
  const asked = [pile, called, fibres, care, creases, avoid, recoveryPercent, print, fastness]
  const has = asked.map((wish) => wish !== undefined)
  WISH_RULES.forEach(({ judge, dependsOn }, index) => {
    if (!has[index]) return
    const codes = (columns.wishes[index] ??= encodeColumn(columns.offers, dependsOn))
    addCoded(sums, codes, (offer) => judge(wishes, offer, CERTAINTY[offer.fibres?.how ?? 'estimated']) ?? [])
  })
}

/** A property that takes few values: judged once for each of them. */
function addCoded(
  sums: Sums,
  { codes, samples }: Coded,
  judge: (offer: Coded['samples'][number]) => Assessment | Assessment[],
) {
  const factor = new Float64Array(samples.length)
  const importance = new Float64Array(samples.length)
  const certain = new Float64Array(samples.length)
  samples.forEach((offer, code) => {
    const all = [judge(offer)].flat()
    factor[code] = all.reduce((product, one) => product * (1 - one.importance * (1 - (one.fit ?? UNKNOWN_FIT))), 1)
    importance[code] = all.reduce((sum, one) => sum + one.importance, 0)
    certain[code] = all.reduce((sum, one) => sum + one.importance * one.certainty, 0)
  })
  const { score, importance: asked, certain: known } = sums
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    score[i]! *= factor[code]!
    asked[i]! += importance[code]!
    known[i]! += certain[code]!
  }
}

function addWeight({ score, importance, certain }: Sums, { gsm, called }: OfferColumns, full: FullNeed): void {
  const spans = called.samples.map((offer) => withNamed(full, offer.called))
  const [fitOf, certaintyOf, weight, unknown] = [weightFit, CERTAINTY_BY_HOW, IMPORTANCE.weight, UNKNOWN_FIT]
  const unsaid: number = UNKNOWN_HOW
  const { value, sd, how } = gsm
  for (let i = 0; i < value.length; i++) {
    const span = spans[called.codes[i]!]!
    const fit = how[i] === unsaid ? unknown : fitOf(value[i]!, sd[i]!, span[0], span[1])
    score[i]! *= 1 - weight * (1 - fit)
    importance[i]! += weight
    certain[i]! += weight * certaintyOf[how[i]!]!
  }
}

/** @param onlyKnown where it is not known, it is not asked for */
function addStretch(
  { score, importance, certain }: Sums,
  { value, sd, how }: NumberColumn,
  [least, most]: readonly [number, number],
  onlyKnown: boolean,
): void {
  const weight = least >= RELIES_ON_STRETCH ? IMPORTANCE.stretchRelied : IMPORTANCE.stretch
  const [fitOf, certaintyOf, unknown] = [stretchFit, CERTAINTY_BY_HOW, UNKNOWN_FIT]
  const unsaid: number = UNKNOWN_HOW
  for (let i = 0; i < value.length; i++) {
    const isUnknown = how[i] === unsaid
    if (isUnknown && onlyKnown) continue
    const fit = isUnknown ? unknown : fitOf(value[i]!, sd[i]!, least, most)
    score[i]! *= 1 - weight * (1 - fit)
    importance[i]! += weight
    certain[i]! += weight * certaintyOf[how[i]!]!
  }
}

function addSeason({ score, importance, certain }: Sums, { fibres, gsm }: OfferColumns, full: FullNeed): void {
  const { samples, codes } = fibres
  const dry = samples.map((offer) => (offer.fibres ? drynessOf(offer.fibres.value) : NaN))
  const certainty = samples.map((offer) => (offer.fibres ? CERTAINTY[offer.fibres.how] : 0))
  const weights = samples.map((offer) => (offer.fibres ? seasonImportance(full) : IMPORTANCE.season))
  const [fitOf, unknown] = [seasonFit, UNKNOWN_FIT]
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    const weight = weights[code]!
    const isWeighed = gsm.value[i] === gsm.value[i]
    // In heat and cold the weight decides as well: without it nothing is said.
    const isKnown = dry[code] === dry[code] && (isWeighed || full.season === 'mild')
    const fit = isKnown ? fitOf(full, dry[code]!, gsm.value[i]!, gsm.sd[i]!) : unknown
    score[i]! *= 1 - weight * (1 - fit)
    importance[i]! += weight
    if (isKnown) certain[i]! += weight * certainty[code]!
  }
}
