import { clothCalled } from '../../cloths/catalogue'
import { type NamedCloth } from '../../cloths/types'
import { type Offer } from '../../fabric/types'
import { formatWeight, formatWeightRange, type UnitSystem } from '../../units/format'
import { weightRamp } from '../fit/fit'
import { type FullNeed } from '../need/need'
import { GOOD_FIT } from '../fit/steps'
import { type Assessment } from '../fit/types'
import { IMPORTANCE, unknownAssessment } from '../fit/weights'
import { calledKey, worstSide, type Criterion, type NumberScore } from './criterion'
import { estimateWords } from './estimateWords'

/** g/m², against what the pattern asks for. */
export const WEIGHT: Criterion = {
  id: 'weight',
  reads: calledKey,
  judge: judgeWeight,
  score: scoreWeight,
}

function scoreWeight(need: FullNeed, { called }: Offer): NumberScore {
  return {
    importance: IMPORTANCE.weight,
    gsm: { ramp: weightRamp(withNamed(need, called)) },
    isAlwaysAsked: true,
  }
}

/** Every sentence names the one range that the pattern asks for, whatever else is allowed. */
function judgeWeight(need: FullNeed, offer: Offer, system: UnitSystem): Assessment {
  const { askedGsm: asked } = need
  const { gsm, called } = offer
  const wanted = formatWeightRange(asked, system)
  const score = scoreWeight(need, offer)
  const worst = worstSide(score, offer)
  if (!gsm || !worst)
    return unknownAssessment(
      'weight',
      score.importance,
      `The pattern needs ${wanted}; you have not weighed this fabric.`,
    )
  const { fit, miss, certainty } = worst
  const { value } = gsm.value
  const is = `${formatWeight(gsm.value, system)}${estimateWords(gsm.how)}`
  const isAsked = value >= asked[0] && value <= asked[1]
  const text =
    miss === null
      ? isAsked
        ? `${is}, within the ${wanted} that the pattern needs.`
        : `${is}: ${allowedWords(need, called)}, although the pattern needs ${wanted} in general.`
      : fit >= GOOD_FIT
        ? `${is}, close enough to the ${wanted} that the pattern needs.`
        : `${is} is ${miss === 'under' ? 'lighter' : 'heavier'} than the ${wanted} that the pattern needs.`
  return { property: 'weight', importance: score.importance, fit, certainty, miss, text }
}

/** Why a weight beside those that are asked for does. */
function allowedWords({ wishes }: FullNeed, called: string | undefined): string {
  const named = wishes.called && called !== undefined && namedIn(wishes.called, called)
  if (clothCalled(called ?? '')?.material) return 'its thickness matters more than its weight'
  return named ? 'the usual weight of a fabric that the pattern names' : 'net, laid over a lining or in layers'
}

/** A cloth that the pattern names is as heavy as that cloth is: its usual weights count as asked for. */
function withNamed({ gsm: [low, high], wishes }: FullNeed, called: string | undefined): readonly [number, number] {
  if (called === undefined || !wishes.called) return [low, high]
  const named = namedIn(wishes.called, called)
  return named ? [Math.min(low, named.gsm[0]), Math.max(high, named.gsm[1])] : [low, high]
}

function namedIn(words: readonly string[], called: string): NamedCloth | undefined {
  return words.map((word) => clothCalled(word)).find((cloth) => cloth?.id === called)
}
