import { type Phrase } from '../../../text/text'
import { type KnownValue, type Offer } from '../../../fabric/types'
import { type OfferProperty } from '../../fit/types'

/** One purpose as it judges a fabric. */
export interface PurposeRule {
  property: OfferProperty
  /** How much it can take off a score, 0 … 1; ours. */
  importance: number
  judge: (offer: Offer) => PurposeJudgement
  /** What of the fabric it depends on: a long list is judged once for each such value. */
  reads: (offer: Offer) => unknown[]
}

/** How a cloth serves a purpose: 0 … 1, or null where that cannot be told. */
export interface PurposeJudgement {
  fit: number | null
  text: Phrase
  /** What the answer rests on. */
  by?: KnownValue<unknown>
}
