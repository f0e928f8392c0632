import { type Bath, type DyeClass } from '../vocabulary/dyes'
import { type FamilyId, type FibreId } from '../vocabulary/fibres'
import { type FeatureId, type StateOf } from '../vocabulary/observations'
import { inCelsius } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

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

/**
 * How a fibre behaves, as far as rules ask for it: what hangs together with the kind of fibre and not with one name.
 * Common practice.
 */
export const FIBRE_TRAITS = {
  cellulose: 'of plants, grown or spun anew',
  bast: 'of a stem',
  coarse: 'thick and stiff in the yarn',
  'softens-with-washing': 'rough when new, softens with each wash and dries well',
  felts: 'has scales, that lock with heat, wet and rubbing',
  hairy: 'hairs stand off its yarn',
  silken: 'a fine, smooth, strong thread without end',
  'eaten-by-moths': 'moths and carpet beetles eat it',
  'weak-when-wet': 'loses much of its strength in water',
  'falls-softly': 'its light fabrics are limp',
  'gentle-wash': 'washed without rubbing and wringing',
  'shrinks-first': 'its fabrics lose length in their first wash',
  'iron-damp': 'creases come out only damp and hot',
  'shines-when-pressed': 'a bare iron leaves a shine',
  'dulls-in-heat': phrase`goes dull above ${inCelsius(80)} in water`,
  'flares-up': 'a brushed or open fabric of it flares',
  'goes-out': 'goes out by itself away from the flame',
  'heat-set': 'shaped for good by heat',
  'keeps-pleats': 'pleats set by heat stay through washes',
  'holds-its-dye': 'was dyed so that hardly any comes off in a home wash',
  fades: 'fades in daylight before others',
  'bears-bleach': 'tolerates weak chlorine bleach for minutes',
  elastic: 'stretches to several times its length and springs back',
  splinters: 'breaks into splinters that hurt skin and lungs',
} as const
export type FibreTrait = keyof typeof FIBRE_TRAITS

/** How a fibre takes dye. */
export interface Dyeing {
  dyeClass: DyeClass
  /** Share of a full shade that it takes of its own kind of dye, at home, 0 … 1. */
  own: number
  /** The same of other kinds of dye, where it takes any worth speaking of. */
  other?: Partial<Record<Bath, number>>
  text: Phrase
}

/** One fibre, as its own file declares it. Its words stand in the vocabulary. */
export interface FibreKind {
  family: FamilyId
  traits: readonly FibreTrait[]
  /** How it takes dye; the classes as every handbook of dyeing has them, the shares at home. From memory. */
  dye: Dyeing
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
