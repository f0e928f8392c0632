import { type Plane } from './plane'
import { floatAt } from '../lists/items'

// Taken out once: they stand in loops over every pixel.
const { floor, ceil, cos, sin, PI, atan2, min } = Math

/** A frequency, cycles a pixel. */
export interface Wave {
  u: number
  v: number
}

/** Hann window: a raised cosine over so many samples, nothing at its ends, 1 in its middle. */
export function hann(length: number): Float64Array {
  return Float64Array.from({ length }, (_, index) => 0.5 - 0.5 * cos((2 * PI * (index + 0.5)) / length))
}

/**
 * How far the crest of a wave lies from the middle of a picture, in waves, −½ … ½, along the wave: its phase under a
 * Hann window, the mean taken out.
 * @param waves across the window
 */
export function phaseOf({ width, height, data }: Plane, { u, v }: Wave, waves: number): number {
  const half = floor(min(width, height, waves / Math.hypot(u, v)) / 2)
  const [cx, cy] = [width / 2, height / 2]
  const [left, top] = [ceil(cx - half), ceil(cy - half)]
  const window = hann(2 * half)
  // The wave is turned on from pixel to pixel: no sine for each.
  const [stepRe, stepIm] = [cos(2 * PI * u), sin(2 * PI * u)]
  let [re, im, bareRe, bareIm, sum, weights] = [0, 0, 0, 0, 0, 0]
  for (let y = 0; y < 2 * half && top + y < height; y++) {
    const angle = 2 * PI * (u * (left + 0.5 - cx) + v * (top + y + 0.5 - cy))
    let [waveRe, waveIm] = [cos(angle), sin(angle)]
    const from = (top + y) * width + left
    for (let x = 0; x < 2 * half && left + x < width; x++) {
      const weight = floatAt(window, x) * floatAt(window, y)
      const value = weight * data[from + x]!
      re += value * waveRe
      im += value * waveIm
      bareRe += weight * waveRe
      bareIm += weight * waveIm
      sum += value
      weights += weight
      const turned = waveRe * stepRe - waveIm * stepIm
      waveIm = waveRe * stepIm + waveIm * stepRe
      waveRe = turned
    }
  }
  const mean = sum / weights
  return atan2(im - mean * bareIm, re - mean * bareRe) / (2 * PI)
}
