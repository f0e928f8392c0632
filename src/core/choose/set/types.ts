import { type Phrase, type TextWithId } from '../../text/text'
import { type Offer } from '../../fabric/types'
import { type MatchVerdict, type Status } from '../fit/types'
import { type IronDots, type Tumble } from '../../fibres/types'

export const SET_PARTS = ['main', 'lining', 'interfacing', 'wadding'] as const
export type SetPart = (typeof SET_PARTS)[number]
export type Partner = Exclude<SetPart, 'main'>

export const PAIR_PROPERTIES = ['weight', 'shrinkage', 'care', 'slide', 'opacity', 'stretch', 'body', 'heat'] as const
export type PairProperty = (typeof PAIR_PROPERTIES)[number]

/** What is laid behind a cloth to hold it. */
export interface Interfacing {
  gsm?: number
  construction?: 'woven' | 'knit' | 'nonwoven'
  attach?: 'fusible' | 'sew-in'
  /** Layers of it. */
  count?: number
}

/** What is laid between two cloths to fill them. */
export interface Wadding {
  gsm?: number
  loftMm?: number
  offer: Offer
}

export interface ClothSet {
  main: Offer
  lining?: Offer
  interfacing?: Interfacing
  wadding?: Wadding
}

export interface PairRemedy {
  id: string
  text: Phrase
  /** The pair’s fit after it. */
  fit: number
  /** It takes another cloth instead: that would be another set. */
  swaps?: boolean
}

/** How two cloths of a set agree in one thing. */
export interface SetPair {
  between: readonly [SetPart, SetPart]
  property: PairProperty
  status: Status
  /** The rule that says so. */
  id: string
  text: Phrase
  /** 0 … 1, null where it is not known. */
  fit: number | null
  /** How much it can take off the score. */
  importance: number
  /** What would put it right, where something does. */
  remedy?: PairRemedy
}

export interface SetCare {
  washCelsius: number | null
  tumble: Tumble
  ironDots: IronDots
  text: Phrase
}

export interface SetAnswer {
  score: number
  verdict: MatchVerdict
  /** The pair that agrees worst; null where none disagrees. */
  worst: readonly [SetPart, SetPart] | null
  pairs: SetPair[]
  care: SetCare
  remedies: (TextWithId & { scoreAfter: number })[]
}
