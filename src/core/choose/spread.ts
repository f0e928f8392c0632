import { formatFives, inFives } from '../units/fives'
import { COVERAGE_80 } from '../units/quantity'
import { UNKNOWN_FIT } from './fit/score'
import { type Assessment, type OfferProperty } from './fit/types'

/** Standard uncertainty of a fit that nothing is known of, and of one that is only guessed; ours. */
const UNKNOWN_SD = 0.25
const GUESSED_SD = 0.3

export interface Spread {
  interval80: [number, number]
  /** What makes most of the doubt; null where there is hardly any. */
  mostly: OfferProperty | null
}

/** Share of a score’s variance from which one property makes most of it. */
const MOSTLY = 0.4
/** A spread narrower than this is none. */
const NARROW = 0.06

/**
 * How far a score may be off by what is not known: each fit with a doubt by how surely its property is known, carried
 * to the product by first-order propagation of its logarithm.
 * @param score Π(1 − importance · (1 − fit)), as it stands
 */
export function scoreSpreadOf(assessments: readonly Assessment[], score: number): Spread {
  let variance = 0
  let most = { part: 0, property: null as OfferProperty | null }
  for (const { fit, importance, certainty, detail, property } of assessments) {
    const sd = fit === null ? UNKNOWN_SD : (1 - certainty) * GUESSED_SD
    const part = ((importance * sd) / Math.max(0.05, 1 - importance * (1 - (fit ?? UNKNOWN_FIT)))) ** 2
    variance += part
    if (part > most.part) most = { part, property: detail === undefined ? (property as OfferProperty) : null }
  }
  const factor = Math.exp(COVERAGE_80 * Math.sqrt(variance))
  const interval80: [number, number] = [score / factor, Math.min(1, score * factor)]
  const isWide = interval80[1] - interval80[0] >= NARROW
  return { interval80, mostly: isWide && most.part >= MOSTLY * variance ? most.property : null }
}

/** What of a cloth a doubt is about, as it ends a sentence. */
const DOUBT_WORDS: Readonly<Record<OfferProperty, string>> = {
  structure: 'whether it is woven or knit is not known',
  weight: 'its weight is not known',
  'stretch-width': 'its stretch is not known',
  'stretch-length': 'its stretch along the length is not known',
  body: 'its drape is not known',
  opacity: 'its opacity is not known',
  season: 'its fibre is not known',
  water: 'its fibre is not known',
  absorbency: 'its fibre is not known',
  'hot-wash': 'how to wash it is not known',
  rain: 'how close it is woven is not known',
  smoothness: 'its fibre is not known',
  slip: 'its fibre is not known',
  loops: 'its surface is not known',
  washing: 'it is not washed',
  called: 'its name is not known',
  pile: 'its pile is not known',
  named: 'its name is not known',
  fibre: 'its fibre is not known',
  care: 'how to wash it is not known',
  creasing: 'how it creases is not known',
  looks: 'its looks are not known',
  recovery: 'its recovery is not known',
  print: 'its print is not known',
  fastness: 'how it was coloured is not known',
}

/** “60 to 90 of 100, mostly because its stretch is not known”; in fives, for no more is known. */
export function scoreSpreadWords({ interval80: [low, high], mostly }: Spread): string {
  if (inFives(low) === inFives(high)) return `about ${inFives(low)} out of 100`
  return `${formatFives([low, high])}${mostly ? `, usually because ${DOUBT_WORDS[mostly]}` : ''}`
}
