import { type Outline, type Point } from '../../shapes/polygon'
import { type SeamMake, type WornPlace } from '../../vocabulary/upcycling'

export { SEAM_MAKES, WORN_PLACES, type SeamMake, type WornPlace } from '../../vocabulary/upcycling'

/** What a block is drawn from, mm: round the chest and the hips of the garment itself, and its length. */
export interface Measures {
  chest: number
  hip: number
  length: number
  /** Of a sleeve that was measured; left out, it follows from the chest. */
  sleeve?: number
}

/** What is done with a seam. */
export const SEAM_WAYS = ['leave', 'unpick', 'rip', 'cut-close'] as const
export type SeamWay = (typeof SEAM_WAYS)[number]

/** A seam of a garment as its block has it. */
export interface BlockSeam {
  /** What a sewist calls it. */
  id: string
  lengthMm: number
  count: number
  /**
   * Long seams part the panels; a hem is turned up; a fitting (collar, cuff, waistband) may be used again as it is;
   * a fixing (pocket, zip) is sewn onto a panel.
   */
  kind: 'long' | 'hem' | 'fitting' | 'fixing'
  /** Where it is usually made otherwise than the rest. */
  make?: SeamMake
  /** Sewn over on the outside: stitches leave holes. */
  isTopstitched?: boolean
  worn?: WornPlace
}

/** A panel of a garment as it is finished, warp along y, without allowances. */
export interface BlockPanel {
  id: string
  outline: Outline
  count: number
  /** Its lower edge is a hem. */
  hasHem: boolean
  /** What is cut out where it is worn, in its own place; parts of it may lie off the panel. */
  worn: readonly { place: WornPlace; outline: Outline }[]
}

/** A garment as one takes it apart. */
export interface Block {
  usual: Measures
  seams: (mm: Measures) => BlockSeam[]
  panels: (mm: Measures) => BlockPanel[]
  keep: readonly string[]
  /** A single layer of cloth with hems all round. */
  isFlat?: boolean
}

export interface Panel {
  id: string
  outline: Point[]
  holes: Point[][]
  /** Good cloth of another colour. */
  faded: Point[][]
  warpDeg: number
  count: number
  /** Its lower edge is the garment’s hem. */
  hasHem: boolean
  /** The largest upright rectangle in it, mm. */
  largest: { widthMm: number; lengthMm: number }
}
