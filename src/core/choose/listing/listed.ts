import { type Offer } from '../../fabric/types'
import { type ForetoldOpacity } from '../../measure/opacity'
import { type FibreId } from '../../vocabulary/fibres'
import { type MatchVerdict } from '../fit/types'
import { type TextWithId } from '../../text/text'

/** What a shop gives a weight in. */
export const LISTED_WEIGHTS = {
  gsm: 'g/m²',
  oz: 'oz/yd²',
  momme: 'momme',
  'oz-yard': 'oz per running yard',
  'g-metre': 'g per running metre',
} as const
export type ListedWeight = keyof typeof LISTED_WEIGHTS
export const LISTED_WEIGHT_IDS = Object.keys(LISTED_WEIGHTS) as [ListedWeight, ...ListedWeight[]]

/** What an online shop says of a cloth; null where it does not. */
export interface Listed {
  called: string
  weight: number | null
  weightIn: ListedWeight
  widthMm: number | null
  /** As it is written: “95 % cotton, 5 % elastane”. */
  fibres: string
  price: number | null
  pricePer: 'metre' | 'yard'
}

export interface ListingChecked {
  gsm: { value: number; sd: number } | null
  opacity: ForetoldOpacity | null
  /** How it probably falls, where its name says. */
  body: NonNullable<Offer['body']> | null
  thicknessMm: number | null
  /** A square metre, in the shop’s own currency. */
  perM2: number | null
  hot: readonly [number, number]
  cold: readonly [number, number]
  fibres: readonly FibreId[]
  /** What to ask the seller, what matters most first. */
  asks: TextWithId[]
  patterns: SuitedPattern[]
}

/** A pattern that a listed cloth would suit; what it takes and comes to, where lengths and a width are known. */
export interface SuitedPattern {
  id: string
  name: string
  verdict: MatchVerdict
  spread: string
  buy: string | null
  /** In the shop’s own currency. */
  cost: number | null
}
