import { type Phrase, type TextWithId } from '../../text/text'
import { type Avoid, type Detail } from '../../vocabulary/choosing'

/** What a need and an offer are held together in: ids that stand in answers, beside those of the details. */
export type OfferProperty =
  | 'structure'
  | 'weight'
  | 'stretch-width'
  | 'stretch-length'
  | 'body'
  | 'opacity'
  | 'season'
  | 'water'
  | 'absorbency'
  | 'hot-wash'
  | 'rain'
  | 'smoothness'
  | 'slip'
  | 'loops'
  | 'washing'
  | 'called'
  | 'pile'
  | 'named'
  | 'fibre'
  | 'care'
  | 'creasing'
  | 'looks'
  | 'recovery'
  | 'print'
  | 'fastness'
export type MatchProperty = OfferProperty | Detail

export type Status = 'good' | 'near' | 'bad' | 'unknown'

/** How one property meets the need. */
export interface Assessment {
  property: MatchProperty
  /** How much it can take off the score, 0 to 1. */
  importance: number
  /** 0 to 1; null where the property is unknown. */
  fit: number | null
  /** 0 to 1: how surely the property is known. */
  certainty: number
  /** Which way it misses, where that means something. */
  miss: 'under' | 'over' | null
  detail?: Detail
  /** What the pattern is not suitable for and this fabric is. */
  avoided?: readonly Avoid[]
  text: Phrase
}

export interface Reason {
  property: MatchProperty
  status: Status
  text: Phrase
}

export interface Remedy {
  id: string
  text: Phrase
  scoreAfter: number
  /** What it makes worse, where it does. */
  costs?: string
}

/** Changes that are made together, the fewest and cheapest that do. */
export interface Rescue {
  ids: string[]
  text: Phrase
  scoreAfter: number
}

export type MatchVerdict = 'suits' | 'suits-with-changes' | 'risky' | 'unsuitable'

export interface Match {
  score: number
  /** Where the score lies in four cases of five, as far as the properties are known. */
  interval80: [number, number]
  /** The score with its spread and what makes most of it, in words. */
  spread: string
  /** 0 to 1: how much of what matters is known. */
  certainty: number
  verdict: MatchVerdict
  reasons: Reason[]
  remedies: Remedy[]
  /** The cheapest changes that together make it suit; null where none do, or none are needed. */
  together: Rescue | null
  measureNext: { property: OfferProperty; gain: number }[]
  /** What could hurt somebody, before everything else. */
  cautions: TextWithId[]
}
