import { type Known, type Offer } from '../../fabric/types'
import { type Assessment } from '../types'
import { driesByLoops, soaksUp, washedHot } from './household'
import { assessmentOf, type Purpose, type PurposeRule } from './told'
import { swims } from './water'
import { onSkin, shedsRain, slides } from './worn'

/** Every purpose that decides over a fabric, whatever it weighs and however it falls. */
export const PURPOSE_RULES: Readonly<Record<Purpose, PurposeRule>> = {
  swims,
  'soaks-up': soaksUp,
  'washed-hot': washedHot,
  'sheds-rain': shedsRain,
  'on-skin': onSkin,
  slides,
  'dries-by-loops': driesByLoops,
}

/** How a cloth serves what the thing is for. */
export function assessPurposes(
  purposes: readonly Purpose[],
  offer: Offer,
  certainties: Record<Known, number>,
): Assessment[] {
  return purposes.map((one) => assessmentOf(PURPOSE_RULES[one], offer, certainties))
}
