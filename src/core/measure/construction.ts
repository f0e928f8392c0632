import { MM_PER_INCH } from '../units/constants'
import { type Quantity } from '../units/quantity'
import { cottonCountFromTex } from '../units/yarnCount'

/** One direction of a woven cloth. */
export interface ThreadDirection {
  threadsPerCm: Quantity
  /** Yarn count, tex (g per km). */
  tex: Quantity
  /** How much longer the pulled and straightened thread is than the cloth that it came from, per cent. */
  crimpPercent: Quantity
}

const MM_PER_CM = 10

/**
 * Mass per area from construction, g/m²: Σ threads per cm × tex × (1 + crimp) / 10, doubts by first-order propagation.
 * Textbook formula, from memory.
 * @throws RangeError where a count or a tex is not positive, or a crimp negative
 */
export function massFromConstruction(directions: readonly ThreadDirection[]): Quantity {
  let value = 0
  let variance = 0
  for (const { threadsPerCm, tex, crimpPercent } of directions) {
    if (!(threadsPerCm.value > 0 && tex.value > 0 && crimpPercent.value >= 0))
      throw new RangeError('massFromConstruction: needs threads and tex of more than zero, and no negative crimp')
    const stretched = 1 + crimpPercent.value / 100
    const mass = (threadsPerCm.value * tex.value * stretched) / 10
    value += mass
    variance +=
      (mass *
        Math.hypot(threadsPerCm.sd / threadsPerCm.value, tex.sd / tex.value, crimpPercent.sd / 100 / stretched)) **
      2
  }
  return { value, sd: Math.sqrt(variance) }
}

/** Crimp of a pulled thread, per cent: 100 × (straightened − in the cloth) / in the cloth. */
export function crimpPercent(inClothMm: number, straightenedMm: number): number {
  if (!(inClothMm > 0 && straightenedMm >= inClothMm))
    throw new RangeError('crimpPercent: the straightened thread is at least as long as the cloth that it came from')
  return (100 * (straightenedMm - inClothMm)) / inClothMm
}

/** tex of a bundle of pulled threads: g per km. */
export function texOfThreads(count: number, eachMm: number, grams: number): number {
  if (!(count > 0 && eachMm > 0 && grams > 0))
    throw new RangeError('texOfThreads: needs threads, a length and a mass of more than zero')
  return (grams * 1e6) / (count * eachMm)
}

/** Diameter of a cotton-like yarn, mm: 1 / (28 √Ne) inches (Peirce, 1937). */
export function yarnDiameterMm(tex: number): number {
  return MM_PER_INCH / (28 * Math.sqrt(cottonCountFromTex(tex)))
}

/** Cover factor of one direction: threads per inch / √Ne (Peirce, 1937); 28 is yarns that touch. */
export function coverFactor(threadsPerCm: number, tex: number): number {
  return (threadsPerCm * MM_PER_INCH) / MM_PER_CM / Math.sqrt(cottonCountFromTex(tex))
}

/** Cloth cover: K1 + K2 − K1·K2 / 28 (Peirce, 1937). */
export function clothCover(warp: number, weft: number): number {
  return warp + weft - (warp * weft) / 28
}
