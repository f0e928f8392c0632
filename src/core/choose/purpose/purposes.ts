import { type HowKnown, type Offer } from '../../fabric/types'
import { type Assessment } from '../types'
import { driesByLoops, soaksUp, washedHot } from './household'
import { assessmentOf, type Purpose, type PurposeRule } from './told'
import { swimsRule } from './water'
import { onSkin, shedsRain, slidesRule } from './worn'

/** Every purpose that decides over a fabric, whatever it weighs and however it falls. */
export const PURPOSE_RULES: Readonly<Record<Purpose, PurposeRule>> = {
  swims: swimsRule,
  'soaks-up': soaksUp,
  'washed-hot': washedHot,
  'sheds-rain': shedsRain,
  'on-skin': onSkin,
  slides: slidesRule,
  'dries-by-loops': driesByLoops,
}

/** How a cloth serves what the thing is for. */
export function assessPurposes(
  purposes: readonly Purpose[],
  offer: Offer,
  certainties: Record<HowKnown, number>,
): Assessment[] {
  return purposes.map((one) => assessmentOf(PURPOSE_RULES[one], offer, certainties))
}
