import { type Body, type Construction, type Interlacing, type Opacity } from '../vocabulary/cloth'
import { type MaterialId } from '../materials/materials'
import { type FibreId } from '../vocabulary/fibres'
import { type InspectionId, type SeenState } from '../vocabulary/inspection'
import { type Words } from '../vocabulary/words'

/** The answers of an inspection that a cloth is known by, the likeliest first. */
export type Marks = { readonly [I in InspectionId]?: readonly SeenState<I>[] }

/** A named cloth: what shops mean by the word. */
export interface NamedCloth {
  id: string
  name: Words
  /** Other spellings and words, lower case. */
  also: readonly string[]
  construction: Construction
  interlacing: Interlacing
  /** g/m², the span in which it is usually sold. */
  gsm: readonly [number, number]
  /** Usual stretch across, per cent. */
  stretchWidth: readonly [number, number]
  body: Body
  opacity: Opacity
  fibres: readonly FibreId[]
  /** What an inspection sees of it. */
  marks: Marks
  /** What it is, where that is handled otherwise than cloth. */
  material?: MaterialId
  /** Usual stretch along, per cent, where it stretches that way. */
  stretchLength?: readonly [number, number]
  /** How often it crosses the table against others. */
  common: number
  /** What makes it that and not its neighbour, a sentence. */
  makes: string
}
