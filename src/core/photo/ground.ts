import { lightOf } from '../colour/light'
import { solveLinear } from '../numbers/solveLinear'
import { type Pixels } from './types'

// Taken out once: they stand in loops over every pixel.
const { sqrt, log } = Math

/** Of the picture's longest side: the band along its edge that is taken for ground to begin with. */
const BAND = 0.04
/** Samples that the ground is fitted to. */
const SAMPLES = 12_000
const ROUNDS = 6
/** Keeps the logarithm of black finite. */
const DARK = 0.01
/** A cast shadow takes up to so much of the light: natural logarithm of what is left. */
const SHADOW = log(0.3)
const LIGHTER = 0.12
/** Least distance from the ground that counts as something else, and how often the ground's own unevenness. */
const LEAST = 0.09
const OF_NOISE = 4.5

/** Light of a value 0 … 255 of a picture, 0 … 1. */
export const LIGHT = Float64Array.from({ length: 256 }, (_, value) => lightOf(value / 255))

/** How unlike the ground each pixel is, and from where on that means something else. */
export interface Unlike {
  data: Float32Array
  threshold: number
}

/**
 * How far each pixel is from the ground that the picture's edge shows, light changing slowly over it. Distances are
 * of logarithms of light: what is only darker by up to a shadow's share is ground, what has another colour is not.
 * @param shadows false: what is darker than the ground is something else too
 */
export function unlikeGround(picture: Pixels, shadows: boolean): Unlike {
  const logs = softened(picture)
  const { models, spread } = fitted(logs, picture)
  const { width, height } = picture
  const data = new Float32Array(width * height)
  const low = shadows ? SHADOW : -LIGHTER
  for (let y = 0, at = 0; y < height; y++) {
    for (let x = 0; x < width; x++, at++) {
      const [u, v] = [x / width, y / height]
      const r = logs[0]![at]! - slopeAt(models[0]!, u, v)
      const g = logs[1]![at]! - slopeAt(models[1]!, u, v)
      const b = logs[2]![at]! - slopeAt(models[2]!, u, v)
      const mean = (r + g + b) / 3
      const over = mean > LIGHTER ? mean - LIGHTER : mean < low ? low - mean : 0
      data[at] = sqrt((r - mean) ** 2 + (g - mean) ** 2 + (b - mean) ** 2 + over * over)
    }
  }
  return { data, threshold: Math.max(LEAST, OF_NOISE * spread) }
}

/** Logarithms of red, green and blue light, each the mean of the three by three pixels about it. */
function softened({ width, height, data }: Pixels): Float32Array[] {
  return [0, 1, 2].map((channel) => {
    const across = new Float32Array(width * height)
    const out = new Float32Array(width * height)
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        const at = y * width + x
        const [left, right] = [x > 0 ? at - 1 : at, x < width - 1 ? at + 1 : at]
        across[at] =
          LIGHT[data[left * 4 + channel]!]! + LIGHT[data[at * 4 + channel]!]! + LIGHT[data[right * 4 + channel]!]!
      }
    for (let y = 0; y < height; y++) {
      const [above, below] = [y > 0 ? -width : 0, y < height - 1 ? width : 0]
      for (let x = 0, at = y * width; x < width; x++, at++)
        out[at] = log((across[at + above]! + across[at]! + across[at + below]!) / 9 + DARK)
    }
    return out
  })
}

type Terms = readonly [number, number, number, number, number, number]
const termsAt = (u: number, v: number): Terms => [1, u, v, u * u, u * v, v * v]
const slopeAt = (m: readonly number[], u: number, v: number) =>
  m[0]! + m[1]! * u + m[2]! * v + m[3]! * u * u + m[4]! * u * v + m[5]! * v * v

/** A slope of second degree a channel, by least squares weighed anew each round so that what is no ground drops out. */
function fitted(logs: Float32Array[], { width, height }: Pixels): { models: number[][]; spread: number } {
  const band = Math.max(2, Math.round(Math.max(width, height) * BAND))
  const isEdge = (x: number, y: number) => x < band || y < band || x >= width - band || y >= height - band
  const step = Math.max(1, Math.floor(Math.sqrt((width * height) / SAMPLES)))
  const all: [number, number][] = []
  for (let y = 0; y < height; y += step) for (let x = 0; x < width; x += step) all.push([x, y])
  const edge = all.filter(([x, y]) => isEdge(x, y))
  let weights = edge.map(() => 1)
  let models: number[][] = []
  let spread = 0.1
  for (let round = 0; round < ROUNDS; round++) {
    models = logs.map((channel) => leastSquares(edge, weights, channel, width, height))
    const off = edge.map(([x, y]) => {
      const [u, v] = [x / width, y / height]
      return Math.hypot(...logs.map((channel, c) => channel[y * width + x]! - slopeAt(models[c]!, u, v)))
    })
    // The median of three channels' distance together is about 1.54 standard deviations of one.
    spread = Math.max(0.004, median(off) / 1.54)
    weights = off.map((one) => 1 / (1 + (one / (2 * spread)) ** 4))
  }
  return { models, spread }
}

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0
}

function leastSquares(
  at: readonly (readonly [number, number])[],
  weights: readonly number[],
  channel: Float32Array,
  width: number,
  height: number,
): number[] {
  const rows = Array.from({ length: 6 }, () => Array.from({ length: 7 }, () => 0))
  at.forEach(([x, y], k) => {
    const terms = termsAt(x / width, y / height)
    for (let i = 0; i < 6; i++) {
      for (let j = 0; j < 6; j++) rows[i]![j]! += weights[k]! * terms[i]! * terms[j]!
      rows[i]![6]! += weights[k]! * terms[i]! * channel[y * width + x]!
    }
  })
  // A trace keeps it solvable where the edge is all of one colour and nearly all of one place.
  for (let i = 0; i < 6; i++) rows[i]![i]! += 1e-6 * at.length
  return solveLinear(rows)
}
