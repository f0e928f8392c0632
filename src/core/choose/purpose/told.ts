import { type KnownValue, type HowKnown, type Offer } from '../../fabric/types'
import { type Assessment, type OfferProperty } from '../types'

/** What a thing is for, where that asks something of its fabric which no weight and no fall can tell. */
export type Purpose = 'swims' | 'soaks-up' | 'washed-hot' | 'sheds-rain' | 'on-skin' | 'slides' | 'dries-by-loops'

/** One purpose as it judges a cloth; and what of the cloth it depends on, so that a long list is judged once each. */
export interface PurposeRule {
  property: OfferProperty
  /** How much it can take off a score, 0 … 1; ours. */
  importance: number
  judge: (offer: Offer) => PurposeJudgement
  dependsOn: (offer: Offer) => unknown[]
}

/** How a cloth serves a purpose: 0 … 1, or null where that cannot be told. */
export interface PurposeJudgement {
  fit: number | null
  text: string
  /** What the answer rests on. */
  by?: KnownValue<unknown>
}

/** A rule's answer as every other property of a match is told. */
export function assessmentOf(
  { property, importance, judge }: PurposeRule,
  offer: Offer,
  certainties: Record<HowKnown, number>,
): Assessment {
  const { fit, text, by } = judge(offer)
  return { property, importance, fit, certainty: fit === null || !by ? 0 : certainties[by.how], miss: null, text }
}
