import { type Phrase } from '../text/text'
import { type Outline, type Point } from '../shapes/polygon'
import { type BorderSide, type Layers, type Turn } from '../vocabulary/laying'

export { BORDER_SIDES, LAYERS, TURNS, type BorderSide, type Layers, type Turn } from '../vocabulary/laying'

export const AXES = ['x', 'y', 'xy'] as const
export type Axes = (typeof AXES)[number]

/** A length of cloth. mm */
export interface LayCloth {
  widthMm: number
  selvedgeMm: number
  /** Left out: how much is needed is asked. */
  lengthMm?: number
  /** Its nap or print has one direction: nothing is turned head for foot. */
  oneWay: boolean
  layers: Layers | 'best'
  /** Of stripe, check or print; 0 where there is none. */
  repeatMm: { x: number; y: number }
  /** Stains, holes and worn places, which nothing may lie on. */
  flaws?: readonly Outline[]
  /**
   * By how much a print leans from the threads where pieces are laid by the print, degrees anticlockwise. Such cloth
   * lies in a single layer: folded, the under layer would lean the other way.
   */
  leanDeg?: number
  border?: ClothBorder
}

/**
 * A border print, along one selvedge or both: the feet of some pieces lie on it, their grain across the cloth (common
 * practice). Such cloth lies in a single layer.
 */
export interface ClothBorder {
  side: BorderSide
  /** From the cloth’s edge to where the border ends, mm. */
  reachMm: number
  /** From the cloth’s edge to where the feet lie, mm: what is turned up falls outside what is seen. */
  footMm: number
  /** Whether all other pieces are kept off it. */
  isKeptClear: boolean
}

/** An odd piece of cloth. */
export interface LayPanel {
  id: string
  outline: Outline
  /** Holes, stains, worn places. */
  holes: readonly Outline[]
  /** Direction of its warp, degrees anticlockwise from x. */
  warpDeg: number
  count: number
}

export interface Notch {
  id: string
  at: Point
}

/** A piece of the pattern. Its outline has the seam allowances. */
export interface LayPiece {
  id: string
  outline: Outline
  count: number
  /** Half of them are turned over. */
  pair: boolean
  /** Only half is drawn; its edge on x = 0 lies on a fold. */
  onFold: boolean
  /** Direction of the grain line in the drawing, degrees anticlockwise from x. */
  warpDeg: number
  toleranceDeg: number
  turn: Turn
  crosswise: boolean
  bias: boolean
  /** Its foot lies on the border of a cloth that has one. */
  onBorder?: boolean
  notches: readonly Notch[]
}

/** Two notches whose places agree, modulo the repeat. */
export interface NotchMatch {
  a: readonly [piece: string, notch: string]
  b: readonly [piece: string, notch: string]
  axes: Axes
}

export interface LayTask {
  cloth?: LayCloth
  panels?: readonly LayPanel[]
  pieces: readonly LayPiece[]
  match: readonly NotchMatch[]
  /** Least distance between two pieces, mm. */
  gapMm: number
  seed: number
  /** Pieces that stay where they are put, for the rest to be laid about them. */
  pinned?: readonly Pinned[]
}

/** A piece held where the person put it. */
export interface Pinned {
  id: string
  copies: readonly number[]
  panel: string | null
  panelCopy: number | null
  mirrored: boolean
  /** Turned so from its drawing, degrees. */
  degrees: number
  at: Point
}

/** A piece where it lies. */
export interface Placement {
  id: string
  copies: number[]
  panel: string | null
  panelCopy: number | null
  mirrored: boolean
  polygon: Point[]
  /** How it was turned from its drawing (after turning over), degrees, and where the drawing’s origin lies. */
  degrees: number
  at: Point
}

export interface Unplaced {
  id: string
  copies: number[]
  why: string
}

export interface LeftOver {
  panel: string | null
  panelCopy: number | null
  outline: Point[]
  areaMm2: number
  largestRectangle: { widthMm: number; lengthMm: number }
  /** Cut through two layers, there are two of it. */
  layers: 1 | 2
}

export interface LayAnswer {
  verdict: 'fits' | 'does-not-fit'
  layers: Layers
  placements: Placement[]
  usedLengthMm: number
  density: number
  lowerBoundMm: number
  unplaced: Unplaced[]
  leftOver: LeftOver[]
  buy: { metres: number; yards: number } | null
  text: Phrase
}
