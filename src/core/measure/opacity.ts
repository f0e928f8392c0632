import { lightsOf } from '../colour/light'
import { OPACITIES, type Opacity } from '../vocabulary/cloth'
import { yarnDiameterMm } from './construction'

/** What is known of a cloth that one cannot hold against the light. */
export interface OpacityClues {
  gsm: number
  /** Standard uncertainty of the weight, g/m²; 0 where left out. */
  gsmUncertainty?: number
  /** Share of the area that is hole, 0 … 1: of the weave as it usually is, unless the threads were counted. */
  openShare: number
  /** Threads per cm and tex each way, where they are known: the holes then follow from geometry. */
  threads?: { endsPerCm: number; picksPerCm: number; warpTex: number; weftTex: number }
  /** Smooth filament scatters less light than fuzzy spun yarn. */
  filament: boolean | null
  /** Lightness of its colour, 0 black … 1 white; null where it is not known. */
  lightness: number | null
}

export interface ForetoldOpacity {
  /** Share of the light that is expected to come through. */
  transmission: number
  /** Central 95 % of it. */
  interval95: [number, number]
  /** Probability of each grade of the hand test. */
  grades: Record<Opacity, number>
  likeliest: Opacity
}

/**
 * Extinction of white spun cloth, m²/g, how much more a black one takes, and how much less filament scatters. Set so
 * that a gauze of
 * 3 oz/yd² shows through and a linen of 5 to 5½ oz/yd² does not even when it is pale (common practice); the rest from
 * memory.
 */
const EXTINCTION = 0.0125
const BLACK_TAKES_MORE = 1.1
const FILAMENT_SHARE = 0.8
/** Lightness where the colour is not known, and its standard deviation. */
const USUAL_LIGHTNESS = 0.6
const LIGHTNESS_DOUBT = 0.25
/** Where the grades change over, share of light; and the doubt of the model itself, in logits; ours. */
const SHEER_FROM = 0.46
const OPAQUE_BELOW = 0.21
const MODEL_DOUBT = 0.55

/**
 * Share of the area that is hole: (1 − c₁)(1 − c₂), c the share that each set of yarns covers (Peirce’s geometry,
 * 1937).
 */
export function openShareOf({
  endsPerCm,
  picksPerCm,
  warpTex,
  weftTex,
}: NonNullable<OpacityClues['threads']>): number {
  const bare = (perCm: number, tex: number) => Math.max(0, 1 - (perCm * yarnDiameterMm(tex)) / 10)
  return bare(endsPerCm, warpTex) * bare(picksPerCm, weftTex)
}

/**
 * How much shows through one layer, foretold from weight, weave, yarn and colour. Light goes through the holes, and
 * through the yarns by Beer and Lambert: T = o + (1 − o) · exp(−κ g / (1 − o)). Model and doubts ours.
 * @throws RangeError where the weight is not positive or the open share not within 0 … 1
 */
export function foretellOpacity({
  gsm,
  gsmUncertainty = 0,
  openShare,
  threads,
  filament,
  lightness,
}: OpacityClues): ForetoldOpacity {
  if (!(gsm > 0 && openShare >= 0 && openShare < 1))
    throw new RangeError('foretellOpacity: needs a weight of more than zero and an open share within 0 and 1')
  const open = Math.min(0.95, threads ? openShareOf(threads) : openShare)
  const at = (grams: number, light: number) => {
    const extinction = EXTINCTION * (1 + BLACK_TAKES_MORE * (1 - light)) * (filament ? FILAMENT_SHARE : 1)
    return open + (1 - open) * Math.exp((-extinction * grams) / (1 - open))
  }
  const light = lightness ?? USUAL_LIGHTNESS
  const transmission = at(gsm, light)
  const middle = logit(transmission)
  const byWeight = logit(at(gsm + gsmUncertainty, light)) - middle
  const byColour = lightness === null ? logit(at(gsm, light + LIGHTNESS_DOUBT)) - middle : 0
  const sd = Math.hypot(MODEL_DOUBT, byWeight, byColour)
  const above = (share: number) => 1 - normalBelow((logit(share) - middle) / sd)
  const sheer = above(SHEER_FROM)
  const opaque = 1 - above(OPAQUE_BELOW)
  const grades = { sheer, 'semi-sheer': 1 - sheer - opaque, opaque }
  const likeliest = OPACITIES.reduce((best, grade) => (grades[grade] > grades[best] ? grade : best))
  return { transmission, interval95: [unlogit(middle - 1.96 * sd), unlogit(middle + 1.96 * sd)], grades, likeliest }
}

/**
 * Relative luminance of a colour `#rrggbb` (Rec. 709 weights), as lightness: its cube root,
 * about how the eye sees it.
 */
export function lightnessOf(hex: string): number {
  const [red, green, blue] = lightsOf(hex)
  return Math.cbrt(0.2126 * red + 0.7152 * green + 0.0722 * blue)
}

function logit(share: number): number {
  const kept = Math.max(1e-4, Math.min(1 - 1e-4, share))
  return Math.log(kept / (1 - kept))
}

function unlogit(value: number): number {
  return 1 / (1 + Math.exp(-value))
}

/** The normal distribution function; Abramowitz & Stegun 26.2.17, error below 8e-8, from memory. */
function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z >= 0 ? 1 - tail : tail
}
