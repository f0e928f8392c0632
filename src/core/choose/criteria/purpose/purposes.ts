import { type FullNeed } from '../../need/need'
import { type Purpose } from '../../need/purpose'
import { CERTAINTY } from '../../fit/weights'
import { type Criterion } from '../criterion'
import { driesByLoops, soaksUp, washedHot } from './household'
import { type PurposeRule } from './rule'
import { swimsRule } from './water'
import { onSkin, shedsRain, slidesRule } from './worn'

/** Every purpose that decides over a fabric, whatever it weighs and however it falls. */
const CRITERIA: Readonly<Record<Purpose, Criterion>> = {
  swims: criterionOf(swimsRule),
  'soaks-up': criterionOf(soaksUp),
  'washed-hot': criterionOf(washedHot),
  'sheds-rain': criterionOf(shedsRain),
  'on-skin': criterionOf(onSkin),
  slides: criterionOf(slidesRule),
  'dries-by-loops': criterionOf(driesByLoops),
}

/** What a thing is for, as it is asked of its fabric. */
export function purposeCriteria({ purposes }: FullNeed): Criterion[] {
  return purposes.map((purpose) => CRITERIA[purpose])
}

function criterionOf({ property, importance, judge, reads }: PurposeRule): Criterion {
  return {
    id: property,
    reads: (offer) => JSON.stringify(reads(offer)),
    judge: (_need, offer) => {
      const { fit, text, by } = judge(offer)
      return { property, importance, fit, certainty: fit === null || !by ? 0 : CERTAINTY[by.how], miss: null, text }
    },
  }
}
