import { type FamilyId, type FibreId } from '../../vocabulary/fibres'
import { type FeatureId, type Tool } from '../../vocabulary/observations'

/** What one look tells: answers of one look share their mistakes, so they never count as independent. */
export type FeatureLook =
  | 'heat'
  | 'burning'
  | 'smell'
  | 'residue'
  | 'wetting'
  | 'yarn'
  | 'hand'
  | 'microscope'
  | 'drying-twist'
  | 'float'
  | 'acetone'
  | 'bleach'

export type Hazard = 'none' | 'flame' | 'solvent' | 'bleach'

export interface State {
  id: string
  /** A few words, as the person would say it. */
  label: string
  /** One sentence that helps to tell it from its neighbours. */
  help: string
}

/** Probability weights of each state, per cent; states left out get nothing but the slip. */
export type StateWeights = Readonly<Record<string, number>>

/** A row a fibre. */
export type FibreWeights = Readonly<Record<FibreId, StateWeights>>

/** How a test at the table is done; common practice. */
export interface Guide {
  /** What to do, in order. */
  steps: readonly string[]
  /** What it tells apart. */
  separates: string
  /** What makes it lie. */
  spoiledBy: string
  /** What can hurt; null where nothing can. */
  caution: string | null
}

/**
 * One thing that can be seen, smelt or tried. How likely each report of it is stands in the fibres' own files: what a
 * careful beginner *reports*, not only what the fibre does.
 */
export interface Feature {
  id: FeatureId
  kind: 'burn' | 'other'
  look: FeatureLook
  /** Several states may be reported at once. */
  multi: boolean
  /**
   * How often a person names more than one state of a cloth of one family, and of a mixture of two; multi features
   * only. A family that shows two by itself has its own figure.
   */
  several?: { alone: number; mixed: number; aloneIn?: Partial<Record<FamilyId, number>> }
  hazard: Hazard
  /** What it cannot be done without. */
  needs: readonly Tool[]
  /** Minutes of work at home, for weighing a test against what it tells; common practice. */
  minutes: number
  title: string
  question: string
  /** How to look, in a sentence or two. */
  hint: string
  /** Tests at the table have one; what is seen at the flame follows from holding it there. */
  guide?: Guide
  states: readonly State[]
  /** Share of reports that are plain mistakes, spread over all states. */
  slip: number
  /**
   * How alike the mistakes of two looks are, 0 … 1; where left out, as alike as two burns under one nose
   * (`REPEAT_CORRELATION`).
   */
  repeatCorrelation?: number
  /** How loudly a family, or a fibre against its family, shows in a mixture, against its share; 1 where not named. */
  salience: Partial<Record<FamilyId | FibreId, number>>
  /** Where the weights come from. */
  source: string
  /** How this person reports each fibre, where that differs from the common tables. */
  own?: FibreWeights
}
