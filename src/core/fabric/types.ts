import {
  type Body,
  type ColouredHow,
  type Construction,
  type Handling,
  type Interlacing,
  type Opacity,
} from '../vocabulary/cloth'
import { type MaterialId } from '../materials/materials'
import { type FibreId } from '../vocabulary/fibres'
import { type Share } from '../vocabulary/shares'
import { type Quantity } from '../units/quantity'

/** How a property of a cloth came to be known. */
export type HowKnown = 'measured' | 'said' | 'estimated'

export interface KnownValue<T> {
  value: T
  how: HowKnown
}

/** A fibre of a cloth, with its share where a label gave one. */
export interface SharedFibre {
  fibre: FibreId
  share: Share
}

/** A fibre's share of a cloth's mass, 0 to 1, with its doubt. */
export interface MixPart {
  fibre: FibreId
  fraction: Quantity
}

/** Per cent that a cloth still loses each way in its washes. */
export interface Shrink {
  length: Quantity
  width: Quantity
}

/** What is known of a cloth; whatever is left out is unknown. */
export interface Offer {
  /** What it is called, where that was understood. */
  called?: string
  gsm?: KnownValue<Quantity>
  fibres?: KnownValue<readonly FibreId[]>
  /** The same fibres by their share; even, with a wide doubt, where nobody said. The largest first. */
  mix?: readonly MixPart[]
  construction?: KnownValue<Construction>
  /** How its threads go together, where its name says so. */
  interlacing?: Interlacing
  /** Per cent. */
  stretchWidth?: KnownValue<Quantity>
  stretchLength?: KnownValue<Quantity>
  body?: KnownValue<Body>
  opacity?: KnownValue<Opacity>
  washed?: boolean
  /** Edge to edge, and what there is of it, mm. */
  widthMm?: number
  lengthMm?: number
  /** Still to come; said or measured. What it usually is, is worked out where it is needed (`shrinkOf`). */
  shrink?: KnownValue<Shrink>
  /** Per cent of a stretch that comes back, across. */
  recovery?: KnownValue<Quantity>
  /** How it came by its colour, and how long the repeat of its print or stripe is, mm; 0 where it has none. */
  coloured?: KnownValue<ColouredHow>
  repeatMm?: number
  /** By how much its print leans from the threads, degrees anticlockwise; 0 where it does not. */
  printLeanDeg?: number
  /** It has to be cut one way: pile, or a nap that shades. */
  nap?: KnownValue<boolean>
  /** How it behaves on the table, where somebody said it. */
  handling?: readonly Handling[]
  /** #rrggbb. */
  colour?: string
  /** Its surface or its openness lets a flame run over it, where it is of cellulose. */
  isRaisedOrOpen?: boolean
  /** Its face is brushed, as a rule. */
  isBrushed?: boolean
  /** What it is, where it is neither woven nor knitted, or is handled as if it were not. */
  material?: MaterialId
  /** A name that nobody knows. */
  unknownName?: string
}
