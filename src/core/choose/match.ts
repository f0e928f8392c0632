import { type Offer } from '../fabric/types'
import { type UnitSystem } from '../units/format'
import { type Need } from '../notebook/schemas/need'
import { assess } from './assess'
import { cautionsFor } from './flame'
import { fullNeed } from './need/need'
import { remediesFor } from './remedies'
import { effectsOf, findRescues, combineRescues } from './rescue'
import { matchScoreOf, UNKNOWN_FIT } from './fit/score'
import { scoreSpreadOf, scoreSpreadWords } from './spread'
import { statusOf, matchVerdictOf } from './fit/steps'
import { type Assessment, type Match, type OfferProperty } from './fit/types'

/** From this certainty on, measuring a property again is not worth the trouble. */
const KNOWN_WELL = 0.85

/**
 * How well a cloth meets a pattern's need, why, what would rescue it, and what to measure next.
 * The score is the product over properties of 1 − importance · (1 − fit), so that one bad miss is not outvoted.
 */
export function match(need: Need, offer: Offer, system: UnitSystem = 'metric'): Match {
  const full = fullNeed(need)
  const assessments = assess(full, offer, system)
  const score = matchScoreOf(assessments)
  const effects = effectsOf(remediesFor(assessments, offer), assessments)
  const remedies = findRescues(effects, score)
  const best = Math.max(score, ...remedies.map(({ scoreAfter }) => scoreAfter))
  const spread = scoreSpreadOf(assessments, score)
  return {
    score,
    interval80: spread.interval80,
    spread: scoreSpreadWords(spread),
    certainty: certaintyOf(assessments),
    verdict: matchVerdictOf(score, assessments, best),
    reasons: [...assessments]
      .sort((a, b) => loss(b) - loss(a) || b.importance - a.importance)
      .map((assessment) => ({ property: assessment.property, status: statusOf(assessment), text: assessment.text })),
    remedies,
    together: combineRescues(effects, assessments, score),
    measureNext: measureNext(assessments),
    cautions: cautionsFor(full, need.garment, offer),
  }
}

/** The score and the verdict alone, for a long list: nothing is put into words that nobody reads. */
export function matchScore(need: Need, offer: Offer): Pick<Match, 'score' | 'certainty' | 'verdict'> {
  const full = fullNeed(need)
  const assessments = assess(full, offer)
  const score = matchScoreOf(assessments)
  const effects = effectsOf(remediesFor(assessments, offer), assessments)
  return {
    score,
    certainty: certaintyOf(assessments),
    verdict: matchVerdictOf(score, assessments, Math.max(score, ...effects.map((effect) => effect.scoreAfter))),
  }
}

/** The score and how certain it is, and no verdict: that is given to what is shown. */
export function scoreAlone(need: Need, offer: Offer): Pick<Match, 'score' | 'certainty'> {
  const assessments = assess(fullNeed(need), offer)
  return { score: matchScoreOf(assessments), certainty: certaintyOf(assessments) }
}

function measureNext(assessments: readonly Assessment[]): Match['measureNext'] {
  return assessments
    .filter(isMeasurable)
    .filter(({ certainty }) => certainty < KNOWN_WELL)
    .map((a) => ({
      property: a.property,
      gain: (1 - a.certainty) * (matchScoreOf(assessments, a.property, 1) - matchScoreOf(assessments, a.property, 0)),
    }))
    .filter(({ gain }) => gain > 0.01)
    .sort((a, b) => b.gain - a.gain)
}

/** A detail is judged by what the cloth is, and nothing more can be measured of it. */
function isMeasurable(assessment: Assessment): assessment is Assessment & { property: OfferProperty } {
  return assessment.detail === undefined
}

function certaintyOf(assessments: readonly Assessment[]): number {
  const total = assessments.reduce((sum, { importance }) => sum + importance, 0)
  return assessments.reduce((sum, { importance, certainty }) => sum + importance * certainty, 0) / total
}

function loss({ importance, fit }: Assessment): number {
  return importance * (1 - (fit ?? UNKNOWN_FIT))
}
