import { type UnitSystem } from '../units/format'
import { type Need } from '../notebook/schemas/need'
import { assess } from './assess'
import { cautionsFor } from './flame'
import { fullNeed } from './need'
import { remediesFor } from './remedies'
import { statusOf, verdictOf } from './steps'
import { type Offer } from '../fabric/types'
import { type Assessment, type Match, type MatchProperty, type OfferProperty } from './types'

/** A property that is unknown is taken to fit about this well: neither a recommendation nor a refusal. */
const UNKNOWN_FIT = 0.85

/** From this certainty on, measuring a property again is not worth the trouble. */
const KNOWN_WELL = 0.85

/**
 * How well a cloth meets a pattern's need, why, what would rescue it, and what to measure next.
 * The score is the product over properties of 1 − importance · (1 − fit), so that one bad miss is not outvoted.
 */
export function match(need: Need, offer: Offer, system: UnitSystem = 'metric'): Match {
  const full = fullNeed(need)
  const assessments = assess(full, offer, system)
  const score = scoreOf(assessments)
  const remedies = remediesFor(assessments, offer.gsm?.value.value)
    .map(({ id, text, rescues }) => ({
      id,
      text,
      scoreAfter: scoreOf(assessments.map((a) => rescued(a, rescues(a)))),
    }))
    .filter(({ scoreAfter }) => scoreAfter > score + 0.01)
    .sort((a, b) => b.scoreAfter - a.scoreAfter)
  return {
    score,
    certainty: certaintyOf(assessments),
    verdict: verdictOf(score, assessments, Math.max(score, ...remedies.map(({ scoreAfter }) => scoreAfter))),
    reasons: [...assessments]
      .sort((a, b) => loss(b) - loss(a) || b.importance - a.importance)
      .map((assessment) => ({ property: assessment.property, status: statusOf(assessment), text: assessment.text })),
    remedies,
    measureNext: assessments
      .filter(isMeasurable)
      .filter(({ certainty }) => certainty < KNOWN_WELL)
      .map((a) => ({
        property: a.property,
        gain: (1 - a.certainty) * (scoreOf(assessments, a.property, 1) - scoreOf(assessments, a.property, 0)),
      }))
      .filter(({ gain }) => gain > 0.01)
      .sort((a, b) => b.gain - a.gain),
    cautions: cautionsFor(full, offer),
  }
}

/** A detail is judged by what the cloth is, and nothing more can be measured of it. */
function isMeasurable(assessment: Assessment): assessment is Assessment & { property: OfferProperty } {
  return assessment.detail === undefined
}

function rescued(assessment: Assessment, fit: number | undefined): Assessment {
  return fit === undefined || (assessment.fit !== null && fit <= assessment.fit) ? assessment : { ...assessment, fit }
}

/** The score, one property's fit replaced if named. */
function scoreOf(assessments: readonly Assessment[], property?: MatchProperty, as?: number): number {
  return assessments.reduce((score, a) => {
    const fit = a.property === property ? as! : (a.fit ?? UNKNOWN_FIT)
    return score * (1 - a.importance * (1 - fit))
  }, 1)
}

function certaintyOf(assessments: readonly Assessment[]): number {
  const total = assessments.reduce((sum, { importance }) => sum + importance, 0)
  return assessments.reduce((sum, { importance, certainty }) => sum + importance * certainty, 0) / total
}

function loss({ importance, fit }: Assessment): number {
  return importance * (1 - (fit ?? UNKNOWN_FIT))
}
