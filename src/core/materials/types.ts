import { type Phrase } from '../text/text'
import { type Garment } from '../vocabulary/choosing'
import { type OneOrBoth } from '../vocabulary/words'

/** How a material that is neither woven nor knitted is handled. */
export interface Material {
  /** As it stands in a sentence. */
  name: OneOrBoth
  /** How it is told from what looks like it, without a flame. */
  recognise: readonly string[]
  /** What a flame would show, and whether one may be put to it at all. */
  burn: { allowed: boolean; text: string }
  /** What is measured of it. */
  measure: Phrase
  store: string
  clean: Phrase
  /** Hottest bath, °C; null where no water comes near it. */
  washCelsius: number | null
  cut: string
  mark: string
  /** Machine needle: its point, and its size by thickness (mm up to which it does). */
  needle: { point: 'leather' | 'sharp' | 'universal' | 'ball-point' | 'stretch'; text: Phrase }
  /** mm. */
  stitchLength: readonly [low: number, high: number]
  foot: string
  /** Pins leave holes that stay. */
  takesPins: boolean
  hold: string
  seam: Phrase
  /** How seams are opened and it is smoothed; without an iron for most. */
  press: Phrase
  ironDots: 0 | 1 | 2
  /** How parts are laid out on it. */
  layout: { turn: 'any' | 'along' | 'one-way'; text: Phrase }
  /** What it comes as: a skin has flaws and an outline of its own, a roll has not. */
  comesAs: 'skin' | 'roll' | 'sheet'
  suits: readonly Garment[]
  /** What of an old piece of it can be used again. */
  again: string
  source: string
}
