import { hexOfLinear, linearOf, type Lights } from '../colour/colour'
import { LIGHT_WEIGHTS, WAVELENGTHS } from './observer'
import { solveLinear } from '../numbers/solveLinear'
import { itemAt } from '../lists/items'

/** Reflectance at each of `WAVELENGTHS`, 0 … 1. */
export type ReflectanceSpectrum = readonly number[]

const BANDS = WAVELENGTHS.length
/** No cloth reflects less light of a colour than this. */
const LEAST_LIGHT = 0.002
const MOST_LIGHT = 0.998
const ROUNDS = 60
const NEAR_ENOUGH = 1e-7

/** The linear light that a reflectance gives back under daylight. */
export function lightsOfSpectrum(spectrum: ReflectanceSpectrum): Lights {
  const [red, green, blue] = LIGHT_WEIGHTS
  const light = (row: readonly number[]) => row.reduce((sum, by, i) => sum + by * (spectrum[i] ?? 0), 0)
  return [light(red), light(green), light(blue)]
}

/** The colour `#rrggbb` of a reflectance under daylight. */
export function hexOfSpectrum(spectrum: ReflectanceSpectrum): string {
  return hexOfLinear(lightsOfSpectrum(spectrum))
}

const known = new Map<string, ReflectanceSpectrum>()
const MOST_KNOWN = 200

/**
 * The smoothest reflectance between 0 and 1 that shows as a colour: of all that do, the one whose slope is least, on
 * the scale of the hyperbolic tangent, which keeps it between 0 and 1. Method: S. A. Burns, "Numerical methods for
 * smoothest reflectance reconstruction", Color Research and Application 45, 2020 (LHTSS), from memory.
 * @param hex #rrggbb
 */
export function spectrumReflectance(hex: string): ReflectanceSpectrum {
  const found = known.get(hex)
  if (found) return found
  const lights = linearOf(hex).map((one) => Math.min(MOST_LIGHT, Math.max(LEAST_LIGHT, one)))
  const spectrum = smoothest(lights)
  if (known.size >= MOST_KNOWN) known.clear()
  known.set(hex, spectrum)
  return spectrum
}

/** By so much a colour is drawn towards grey where no reflectance shows as bright and as pure. */
const TOWARDS_GREY = [0, 0.01, 0.03, 0.08, 0.2, 0.5, 1]

function smoothest(lights: readonly number[]): ReflectanceSpectrum {
  const grey = 0.2126 * itemAt(lights, 0) + 0.7152 * itemAt(lights, 1) + 0.0722 * itemAt(lights, 2)
  for (const share of TOWARDS_GREY) {
    const found = newton(lights.map((one) => one + share * (grey - one)))
    if (found) return found
  }
  return WAVELENGTHS.map(() => grey)
}

/** Newton's method on the conditions of Lagrange. @returns undefined where it finds no way */
function newton(lights: readonly number[]): ReflectanceSpectrum | undefined {
  const z = new Array<number>(BANDS).fill(0)
  const forces = [0, 0, 0]
  for (let round = 0; round < ROUNDS; round++) {
    const tanh = z.map(Math.tanh)
    const reflectance = tanh.map((one) => (one + 1) / 2)
    const first = tanh.map((one) => (1 - one * one) / 2)
    const pull = z.map((_, i) => LIGHT_WEIGHTS.reduce((sum, row, k) => sum + itemAt(row, i) * itemAt(forces, k), 0))
    const slope = z.map((_, i) => roughness(z, i) + itemAt(first, i) * itemAt(pull, i))
    const off = LIGHT_WEIGHTS.map(
      (row, k) => row.reduce((sum, by, i) => sum + by * itemAt(reflectance, i), 0) - itemAt(lights, k),
    )
    if ([...slope, ...off].every((one) => Math.abs(one) < NEAR_ENOUGH)) return reflectance
    const matrix = z.map((_, i) => [
      ...z.map((__, j) => second(i, j) + (i === j ? -2 * itemAt(first, i) * itemAt(tanh, i) * itemAt(pull, i) : 0)),
      ...LIGHT_WEIGHTS.map((row) => itemAt(first, i) * itemAt(row, i)),
    ])
    for (const row of LIGHT_WEIGHTS) matrix.push([...z.map((_, i) => itemAt(row, i) * itemAt(first, i)), 0, 0, 0])
    const right = [...slope, ...off]
    const step = solveLinear(matrix.map((row, i) => [...row, itemAt(right, i)]))
    // Held back where the tangent is steep, so that it does not run away.
    const most = Math.max(...step.slice(0, BANDS).map(Math.abs))
    const by = most > MOST_STEP ? MOST_STEP / most : 1
    for (let i = 0; i < BANDS; i++) z[i]! -= by * itemAt(step, i)
    for (let k = 0; k < 3; k++) forces[k]! -= by * itemAt(step, BANDS + k)
  }
  return undefined
}

const MOST_STEP = 2

/** Row i of the second difference of z: the slope of Σ (z[i+1] − z[i])². */
function roughness(z: readonly number[], i: number): number {
  const [before, after] = [z[i - 1] ?? itemAt(z, i), z[i + 1] ?? itemAt(z, i)]
  return 2 * (2 * itemAt(z, i) - before - after)
}

function second(i: number, j: number): number {
  if (i === j) return i === 0 || i === BANDS - 1 ? 2 : 4
  return Math.abs(i - j) === 1 ? -2 : 0
}
