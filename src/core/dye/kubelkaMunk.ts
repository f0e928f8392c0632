import { type ReflectanceSpectrum } from './spectrum'
import { itemAt } from '../lists/items'

/** Absorption over scattering, K/S, at each wavelength. */
export type Absorption = readonly number[]

/** No cloth gives back less, nor more, of a wavelength. */
const DARKEST = 0.004
const BRIGHTEST = 0.9995

/**
 * Absorption over scattering of a cloth that no light goes through, from its reflectance: K/S = (1 − R)² / 2R
 * (Kubelka and Munk, 1931).
 */
export function absorptionOf(spectrum: ReflectanceSpectrum): Absorption {
  return spectrum.map((one) => {
    const held = Math.min(BRIGHTEST, Math.max(DARKEST, one))
    return (1 - held) ** 2 / (2 * held)
  })
}

/** The reflectance of such a cloth: R = 1 + K/S − √(K/S² + 2 K/S). */
export function reflectanceOf(absorption: Absorption): ReflectanceSpectrum {
  return absorption.map((one) => 1 + one - Math.sqrt(one * one + 2 * one))
}

/**
 * What a dye adds to a cloth's own absorption: in the single-constant theory absorptions add up in proportion to how
 * much dye there is, since the fibre alone scatters.
 * @param strength of the dye, 1 where it is as deep as on white
 */
export function dyedReflectance(cloth: Absorption, dye: Absorption, strength: number): Absorption {
  return cloth.map((one, i) => one + strength * itemAt(dye, i))
}

/** The constant of the formula for blends, as its authors fitted it. */
const BLEND = 0.15

/**
 * Fibres of several colours spun or woven together, too fine to be seen apart: between what their light adds up to and
 * what their absorptions do. Formula: E. I. Stearns and F. Noechel, "Spectrophotometric prediction of color of wool
 * blends", American Dyestuff Reporter 33, 1944, with their constant of 0.15; from memory.
 */
export function blendReflectances(
  parts: readonly { spectrum: ReflectanceSpectrum; share: number }[],
): ReflectanceSpectrum {
  const whole = parts.reduce((sum, { share }) => sum + share, 0)
  return itemAt(parts, 0).spectrum.map((_, i) => {
    const mean = parts.reduce((sum, { spectrum, share }) => sum + share * darkness(itemAt(spectrum, i)), 0) / whole
    return (1 - 0.01 * mean * (1 - BLEND)) / (1 + BLEND * mean)
  })
}

const darkness = (reflectance: number) => (1 - reflectance) / (BLEND * (reflectance - 0.01) + 0.01)
