import { type FamilyId, type FibreId } from '../vocabulary/fibres'
import { type FeatureId, type StateOf } from '../vocabulary/observations'

/** Probability weights of each report of one feature, per cent; states left out get nothing but the slip. */
export type Weights<F extends FeatureId = FeatureId> = Readonly<Partial<Record<StateOf<F>, number>>>

/** What a careful beginner reports of a fibre, feature by feature. */
export type ReportRows = { readonly [F in FeatureId]: Weights<F> }

/** The same, told in full, or as another fibre's with what differs. */
export type Reports = ReportRows | { readonly like: FibreId; readonly except: Partial<ReportRows> }

/** How hot a fibre may be ironed, in the dots of a care label; none: not at all. */
export type IronDots = 0 | 1 | 2 | 3

/** How hot it may be tumbled, if at all. */
export type Tumble = 'normal' | 'low' | 'never'

/** One fibre, as its own file declares it. Its words stand in the vocabulary. */
export interface FibreKind {
  family: FamilyId
  /** Softens and melts when heated, so that it leaves something hard behind. */
  thermoplastic: boolean
  /** [low, high]. */
  density: { gramsPerCm3: readonly [number, number]; source: string }
  /** Commercial moisture regain, per cent of dry mass; null where no figure is at hand. */
  regain: { percent: number; source: string } | null
  /**
   * Conventional allowance, per cent of dry mass, the middle of a range where the source gives one; null where none.
   */
  allowance: { percent: number; range?: readonly [number, number]; source: string } | null
  /**
   * Earliest year in which cloth of it was sold anywhere: before it there is none, as far as anybody knows. Left out
   * where that is the year from which it was widely sold. From memory of published histories of man-made fibres.
   */
  firstSold?: number
  /** Year from which it was widely sold, the later end where sources differ; null where older than any garment here. */
  soldSince: number | null
  /** Is there another fibre that a flame cannot part it from? Words for the verdict. Common practice. */
  lookalike: string | null
  /** How hot it may be ironed. Common practice; where practice differs, the cooler one. */
  ironDots: IronDots
  /**
   * How it is washed, and what plain woven cloth of it loses in the first wash, per cent of its length: [low, high], in
   * which four of five fall. `celsius` is the hottest bath, null where it is not washed. Common practice, from memory.
   */
  care: { celsius: number | null; tumble: Tumble; shrinks: readonly [number, number] }
  /**
   * How its cloth handles, 0 to 1: softness on bare skin, how easily it slides over other cloth; and `bulk`, how thick
   * its cloth is for its weight beside the same cloth of cotton. From memory; wide spread between cloths.
   */
  handle: { softness: number; slide: number; bulk: number }
  /**
   * How often a cloth from a shop, a charity shop or a stash is made of it alone: parts in a hundred, before blends.
   * From memory of what is sold and given away; no survey stands behind it.
   */
  common: number
  /**
   * Where it is sold only as a trace in something else: its usual weight in what is seen, which is more than its few
   * per cent by mass. From memory; common practice.
   */
  traceWeight?: number
  reports: Reports
}

/** A fibre with its id and words. */
export interface Fibre extends FibreKind {
  id: FibreId
  /** UK and US words; the same where there is only one. */
  name: { uk: string; us: string }
  /** Other words that people write on labels; generic, lower case. */
  also: readonly string[]
}
