import { type Phrase } from '../text/text'
import { type Body, type Construction, type Interlacing, type Opacity } from '../vocabulary/cloth'
import { type MaterialId } from '../materials/materials'
import { type FibreId } from '../vocabulary/fibres'
import { type InspectionId, type SeenState } from '../vocabulary/inspection'
import { type Words } from '../vocabulary/words'

/** The answers of an inspection that a cloth is known by, the likeliest first. */
export type Marks = { readonly [I in InspectionId]?: readonly SeenState<I>[] }

/** What can be so of a named cloth, whatever is known of the piece; rules ask for these. Common practice. */
export const CLOTH_TRAITS = [
  /** Coated or laid under a film: it neither breathes nor frays, and a pin leaves its hole. */
  'coated',
  /** Its threads lie loose or smooth, so that cut edges ravel. */
  'ravels',
  /** Milled or raised, so that its threads hold one another. */
  'milled',
  /** A knit that is raised or looped on one side. */
  'knitted-pile',
  /** Without a pile, but brushed or milled one way. */
  'shades',
  /** Its pile looks the same from either end. */
  'no-nap',
  /** Its pile bears handling: cords and towelling. */
  'firm-pile',
  /** A long pile on a knitted backing. */
  'furry',
  /** A knit whose cut edges lie flat. */
  'lies-flat',
  /** A net that does not catch and tear. */
  'firm',
  /** Raised or napped where its like is smooth. */
  'grips',
  /** Tailored and lined, or a pile: steamed and dry-cleaned where it is of wool, silk or the like, never washed. */
  'dry-cleaned',
  /** Its lines run aslant for all to see. */
  'diagonal-lines',
  /** Its stripes show. */
  'striped',
  /** Its checks show. */
  'checked',
  /** Its two faces are told apart at a glance. */
  'two-faced',
  /** A figure that an iron on its face would press flat. */
  'raised-figure',
  /** A face that an iron makes flat or dull. */
  'dulled-by-iron',
  /** A surface that fusing would press flat. */
  'flattened-by-glue',
  /** Drops of water leave rings. */
  'water-spots',
  /** Pins, and stitches that are undone, leave holes. */
  'pins-mark',
  /** Long floats or loops that catch. */
  'snags',
  /** Cut edges shed. */
  'sheds-when-cut',
  /** Hard bits in its seams. */
  'sequins',
  /** Fine threads, closely set, whatever its handle. */
  'fine-threads',
  /** A film on a ground, sewn as leather is. */
  'leather-like',
  /** Motifs on a ground. */
  'lacy',
  /** Chalk is lost in it. */
  'hides-chalk',
  /** Two layers slide over one another. */
  'creeps',
  /** Firm cotton that is felled and topstitched. */
  'workwear',
  /** Woven so close and heavy that a jeans needle goes through it best. */
  'dense',
  /** Flat, but its cells or floats take up water as loops do. */
  'dries-by-weave',
  /** Loops on one face or both. */
  'looped',
  /** Hairy and milled: a shower runs off it. */
  'sheds-showers',
] as const
export type ClothTrait = (typeof CLOTH_TRAITS)[number]

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
  traits?: readonly ClothTrait[]
  /** How close it lies, g/cm³ of the cloth with its air, where that is not as its kind; from memory. */
  density?: number
  /** What its making adds to how open it is, and to how it slides, beside its weave; −1 … 1. */
  openness?: number
  slide?: number
  /** How often it crosses the table against others. */
  common: number
  /** What makes it that and not its neighbour, a sentence. */
  makes: Phrase
}
