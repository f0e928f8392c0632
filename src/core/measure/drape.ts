import { BODIES, type Body } from '../vocabulary/cloth'
import { type Quantity } from '../units/quantity'
import { itemAt } from '../lists/items'

/** mg/cm² in one g/m². */
const MG_PER_CM2 = 0.1

/**
 * Bending length by the cantilever, cm: half the overhang where the slope stands at 41.5°, the angle of the standard
 * (ASTM D1388, Peirce 1930; from memory): 177 mm up over 200 mm along. A slope of nine in ten is 42.0°, which makes
 * the bending length about one per cent shorter: within what a hand reads.
 * @param overhangMm how far the strip stuck out when its tip reached the slope, mm
 */
export function bendingLength(overhangMm: Quantity): Quantity {
  if (!(overhangMm.value > 0)) throw new RangeError('bendingLength: needs an overhang of more than zero')
  return { value: overhangMm.value / 20, sd: overhangMm.sd / 20 }
}

/** Flexural rigidity, mg·cm: G = W · c³, W in mg/cm², c in cm (Peirce 1930); doubts by first-order propagation. */
export function flexuralRigidity(gsm: Quantity, bendingCm: Quantity): Quantity {
  if (!(gsm.value > 0 && bendingCm.value > 0))
    throw new RangeError('flexuralRigidity: needs a weight and a bending length of more than zero')
  const value = gsm.value * MG_PER_CM2 * bendingCm.value ** 3
  return { value, sd: value * Math.hypot(gsm.sd / gsm.value, (3 * bendingCm.sd) / bendingCm.value) }
}

/** Rigidity of the cloth as a whole: the geometric mean of warp and weft, mg·cm (ASTM D1388). */
export function overallRigidity(warp: Quantity, weft: Quantity): Quantity {
  const value = Math.sqrt(warp.value * weft.value)
  return { value, sd: (value / 2) * Math.hypot(warp.sd / warp.value, weft.sd / weft.value) }
}

/** A disc of cloth on a smaller round table. */
export interface DrapedDisc {
  clothRadiusMm: number
  tableRadiusMm: number
}

/**
 * Drape coefficient, per cent: shadow of the hanging ring over the whole ring (BS 5058, ISO 9073-9; from memory).
 * 0 hangs straight down, 100 stands out flat.
 * @param shadowMm2 the whole shadow from above, table included, mm²
 * @throws RangeError where the table is not smaller than the cloth, or the shadow not between the two
 */
export function drapeCoefficient({ clothRadiusMm, tableRadiusMm }: DrapedDisc, shadowMm2: number): number {
  if (!(tableRadiusMm > 0 && clothRadiusMm > tableRadiusMm))
    throw new RangeError('drapeCoefficient: the cloth must be larger than its table')
  const [table, cloth] = [Math.PI * tableRadiusMm ** 2, Math.PI * clothRadiusMm ** 2]
  // A picture's edge may lie a little inside of the table or outside of the cloth.
  if (!(shadowMm2 >= table * 0.97 && shadowMm2 <= cloth * 1.03))
    throw new RangeError('drapeCoefficient: the shadow must lie between the table and the whole cloth')
  return Math.max(0, Math.min(100, (100 * (shadowMm2 - table)) / (cloth - table)))
}

/** The same with paper and a scale: mass of the shadow cut from a paper ring over the mass of the whole ring. */
export function drapeFromPaper(shadowGrams: number, ringGrams: number): number {
  if (!(ringGrams > 0 && shadowGrams >= 0 && shadowGrams <= ringGrams))
    throw new RangeError('drapeFromPaper: the shadow is a part of the ring')
  return (100 * shadowGrams) / ringGrams
}

/** Upper limits; ours, set so that cloths of known behaviour fall where sewists put them; from memory. */
const BY_BENDING_CM = [1.4, 1.9, 2.6, 3.6]
const BY_COEFFICIENT = [25, 42, 62, 82]

const step = (limits: readonly number[], value: number) =>
  itemAt(BODIES, limits.filter((limit) => value >= limit).length)

/** The body that a bending length, cm, means. */
export function bodyFromBending(cm: number): Body {
  return step(BY_BENDING_CM, cm)
}

/** The body that a drape coefficient, per cent, means. */
export function bodyFromCoefficient(percent: number): Body {
  return step(BY_COEFFICIENT, percent)
}

/**
 * The middle of several judgements of body; the softer of two middles, since people call cloth stiffer than it wears.
 */
export function middleBody(bodies: readonly Body[]): Body {
  if (bodies.length === 0) throw new RangeError('middleBody: needs at least one judgement')
  return itemAt(
    [...bodies].sort((a, b) => BODIES.indexOf(a) - BODIES.indexOf(b)),
    Math.floor((bodies.length - 1) / 2),
  )
}
