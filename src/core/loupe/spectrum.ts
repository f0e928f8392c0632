import FFT from 'fft.js'
import { hann } from './phase'
import { meanOf, type Plane } from './plane'

// Taken out once: they stand in loops over every bin.
const { sqrt, floor } = Math

/** Power of a plane by frequency. Half of it is kept: the other half mirrors it. */
export interface FrequencySpectrum {
  /** Side of the transform, a power of two. */
  size: number
  /** Power at (u, v), u from 0 to size / 2 and v from −size / 2: `power[(v + size / 2) * (size / 2 + 1) + u]`. */
  power: Float64Array
  /** Median power by radius, cycles across the window: what a peak stands out from. */
  background: Float64Array
  /** Length of the window that was seen, pixels, before it was padded to the transform's side. */
  window: { width: number; height: number }
}

/**
 * Power spectrum of a plane under a Hann window, padded to the next power of two.
 * @throws RangeError where the plane is smaller than 32 pixels either way
 */
export function frequencySpectrumOf(plane: Plane): FrequencySpectrum {
  const { width, height, data } = plane
  if (width < 32 || height < 32) throw new RangeError('spectrumOf: needs at least 32 pixels each way')
  const size = 2 ** Math.ceil(Math.log2(Math.max(width, height)))
  const fft = new FFT(size)
  const half = size / 2
  const mean = meanOf(plane)
  const [hannX, hannY] = [hann(width), hann(height)]
  // Rows first; two real rows share one complex transform.
  const columns = Array.from({ length: half + 1 }, () => new Float64Array(size * 2))
  const input = new Float64Array(size * 2)
  const output = new Float64Array(size * 2)
  for (let y = 0; y < height; y += 2) {
    input.fill(0)
    const second = y + 1 < height
    for (let x = 0; x < width; x++) {
      input[2 * x] = (data[y * width + x]! - mean) * hannX[x]! * hannY[y]!
      if (second) input[2 * x + 1] = (data[(y + 1) * width + x]! - mean) * hannX[x]! * hannY[y + 1]!
    }
    fft.transform(output, input)
    for (let u = 0; u <= half; u++) {
      const mirror = (size - u) % size
      const re = output[2 * u]!
      const im = output[2 * u + 1]!
      const mirrorRe = output[2 * mirror]!
      const mirrorIm = output[2 * mirror + 1]!
      const column = columns[u]!
      column[2 * y] = (re + mirrorRe) / 2
      column[2 * y + 1] = (im - mirrorIm) / 2
      if (!second) continue
      column[2 * y + 2] = (im + mirrorIm) / 2
      column[2 * y + 3] = (mirrorRe - re) / 2
    }
  }
  const power = new Float64Array(size * (half + 1))
  columns.forEach((column, u) => {
    fft.transform(output, column)
    for (let k = 0; k < size; k++) {
      const v = k < half ? k : k - size
      power[(v + half) * (half + 1) + u] = output[2 * k]! * output[2 * k]! + output[2 * k + 1]! * output[2 * k + 1]!
    }
  })
  return { size, power, background: backgroundOf(power, size), window: { width, height } }
}

/**
 * No camera is quieter than this share of the strongest power: without it the harmonics of a clean picture would
 * tower.
 */
const CAMERA_FLOOR = 2e-6
/** Rings this wide share a background, cycles across the transform. */
const RING = 4

/** The median of each ring, smoothed over its neighbours so that one strong ring does not hide itself. */
function backgroundOf(power: Float64Array, size: number): Float64Array {
  const half = size / 2
  const rings = Array.from({ length: Math.ceil((half * Math.SQRT2) / RING) + 1 }, (): number[] => [])
  for (let v = -half; v < half; v++) {
    // Every third column is enough for a median.
    for (let u = 0; u <= half; u += 3)
      rings[floor(sqrt(u * u + v * v) / RING)]!.push(power[(v + half) * (half + 1) + u]!)
  }
  const medians = rings.map((ring) =>
    ring.length === 0 ? 0 : Float64Array.from(ring).sort()[Math.floor(ring.length / 2)]!,
  )
  let strongest = 0
  for (let i = 0; i < power.length; i++) if (power[i]! > strongest) strongest = power[i]!
  const quietest = strongest * CAMERA_FLOOR
  return Float64Array.from({ length: Math.ceil(half * Math.SQRT2) + RING }, (_, radius) => {
    const ring = Math.floor(radius / RING)
    const near = medians.slice(Math.max(0, ring - 2), ring + 3).filter((value) => value > 0)
    return Math.max(
      quietest,
      1e-12,
      near.length === 0 ? 0 : near.reduce((sum, value) => sum + value, 0) / near.length,
    )
  })
}

/**
 * Power at a frequency as a share of its ring's background; the strongest within `reach` bins. (u, v) and (−u, −v)
 * are one.
 */
export function prominence(spectrum: FrequencySpectrum, u: number, v: number, reach = 1.6): number {
  const { background } = spectrum
  const [a, b] = u < 0 ? [-u, -v] : [u, v]
  let best = 0
  for (let y = Math.ceil(b - reach); y <= Math.floor(b + reach); y++) {
    for (let x = Math.ceil(a - reach); x <= Math.floor(a + reach); x++) best = Math.max(best, powerAt(spectrum, x, y))
  }
  return best / background[Math.min(background.length - 1, Math.round(Math.hypot(a, b)))]! || 0
}

/** Power at whole frequencies; 0 outside of the spectrum. */
export function powerAt({ size, power }: FrequencySpectrum, u: number, v: number): number {
  const half = size / 2
  const [a, b] = u < 0 ? [-u, -v] : [u, v]
  if (a > half || b < -half || b >= half) return 0
  return power[(b + half) * (half + 1) + a]!
}
