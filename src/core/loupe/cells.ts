import { phaseOf, type Wave } from './phase'
import { type Plane } from './plane'
import { floatAt, itemAt } from '../lists/items'

// Taken out once: they stand in loops over every pixel.
const { floor, cos, PI, abs, max, sqrt } = Math

/** What the cells between two sets of threads look like. */
export interface Cells {
  /** Share of what varies within the cells that two shapes explain, 0 … 1. */
  two: number
  /** The same where the shapes must be ridges, one along the ends, one along the picks. */
  ridges: number
  count: number
}

/**
 * Below these, cells are no crossings. Ours: clear pictures of weaves lie at 0.69 and 0.39 or more, noisy ones of
 * fine threads as low as 0.38 and 0.27.
 */
const [LEAST_TWO, LEAST_RIDGES] = [0.35, 0.25]
/** Fewer cells than this tell nothing. */
const FEWEST = 30

/** Whether cells look like crossings of threads. */
export function areCrossings({ two, ridges }: Cells): boolean {
  return two >= LEAST_TWO && ridges >= LEAST_RIDGES
}

/** Samples across a cell, each way. */
const SAMPLES = 6
/** Cells looked at each way from the middle. */
const REACH = 9
const ROUNDS = 4

/**
 * Cuts the middle of a picture along two sets of threads and asks whether its cells take two shapes: a ridge one way
 * where an end lies on top, a ridge the other way where a pick does. Woven threads are so explained; print, brickwork
 * and dots are not.
 * @returns null where the picture holds too few cells to say
 */
export function threadCellsOf(plane: Plane, ends: Wave, picks: Wave): Cells | null {
  const det = ends.u * picks.v - ends.v * picks.u
  if (abs(det) < 1e-9) return null
  const [cx, cy] = [plane.width / 2, plane.height / 2]
  const [endPhase, pickPhase] = [ends, picks].map((wave) => -phaseOf(plane, wave, 2 * REACH)) as [number, number]
  /** From threads to pixels. */
  const at = (a: number, b: number) => {
    const [p, q] = [a - endPhase, b - pickPhase]
    return { x: cx + (p * picks.v - q * ends.v) / det, y: cy + (q * ends.u - p * picks.u) / det }
  }
  const patches: Float64Array[] = []
  for (let j = -REACH; j <= REACH; j++) {
    for (let i = -REACH; i <= REACH; i++) {
      const values = patchOf(plane, at, i, j)
      if (values) patches.push(values)
    }
  }
  const whole = patches.reduce((sum, values) => sum + dot(values, values), 0)
  if (patches.length < FEWEST || whole === 0) return null
  const [alongEnd, alongPick] = [shape((a) => cos(2 * PI * a)), shape((_, b) => cos(2 * PI * b))]
  const free = (values: Float64Array) => values
  return {
    two: fitted(patches, [alongEnd, alongPick], [free, free]) / whole,
    ridges: fitted(patches, [alongEnd, alongPick], [meanAlongEnds, meanAlongPicks]) / whole,
    count: patches.length,
  }
}

/**
 * Shapes fitted to the cells in turn: each cell goes to the shape that it is most like, each shape becomes the mean
 * of its cells.
 * @param held what each shape is held to
 * @returns how much of the cells they explain
 */
function fitted(
  patches: readonly Float64Array[],
  start: readonly Float64Array[],
  held: readonly ((shape: Float64Array) => Float64Array)[],
): number {
  let shapes = start
  let explained = 0
  for (let round = 0; round < ROUNDS; round++) {
    const next = shapes.map((one) => new Float64Array(one.length))
    explained = 0
    for (const values of patches) {
      const shares = shapes.map((one) => dot(values, one))
      const share = max(0, ...shares)
      const sum = itemAt(next, shares.indexOf(max(...shares)))
      explained += share * share
      for (let s = 0; s < values.length; s++) sum[s]! += share * floatAt(values, s)
    }
    shapes = next.map((one, index) => {
      const own = itemAt(held, index)(one)
      return dot(own, own) > 0 ? unit(own) : itemAt(shapes, index)
    })
  }
  return explained
}

/** A cell, sampled, its mean taken out; null where it is not wholly in the picture. */
function patchOf(
  { width, height, data }: Plane,
  at: (a: number, b: number) => { x: number; y: number },
  i: number,
  j: number,
): Float64Array | null {
  const values = new Float64Array(SAMPLES * SAMPLES)
  let mean = 0
  for (let t = 0; t < SAMPLES; t++) {
    for (let s = 0; s < SAMPLES; s++) {
      const { x, y } = at(i + (s + 0.5) / SAMPLES - 0.5, j + (t + 0.5) / SAMPLES - 0.5)
      const [left, top] = [floor(x - 0.5), floor(y - 0.5)]
      if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) return null
      const [fx, fy] = [x - 0.5 - left, y - 0.5 - top]
      const from = top * width + left
      const value =
        (data[from]! * (1 - fx) + data[from + 1]! * fx) * (1 - fy) +
        (data[from + width]! * (1 - fx) + data[from + width + 1]! * fx) * fy
      values[t * SAMPLES + s] = value
      mean += value / values.length
    }
  }
  for (let s = 0; s < values.length; s++) values[s]! -= mean
  return values
}

function shape(value: (a: number, b: number) => number): Float64Array {
  const at = (index: number) => (index + 0.5) / SAMPLES - 0.5
  return unit(
    Float64Array.from({ length: SAMPLES * SAMPLES }, (_, index) =>
      value(at(index % SAMPLES), at(floor(index / SAMPLES))),
    ),
  )
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0
  for (let i = 0; i < a.length; i++) sum += floatAt(a, i) * floatAt(b, i)
  return sum
}

function unit(values: Float64Array): Float64Array {
  const length = sqrt(dot(values, values))
  return values.map((value) => value / length)
}

/** The mean along the end, in each sample: a ridge along it. */
function meanAlongEnds(values: Float64Array): Float64Array {
  return Float64Array.from(values, (_, index) => {
    let sum = 0
    for (let t = 0; t < SAMPLES; t++) sum += floatAt(values, t * SAMPLES + (index % SAMPLES))
    return sum / SAMPLES
  })
}

/** The same along the pick. */
function meanAlongPicks(values: Float64Array): Float64Array {
  return Float64Array.from(values, (_, index) => {
    let sum = 0
    for (let s = 0; s < SAMPLES; s++) sum += floatAt(values, floor(index / SAMPLES) * SAMPLES + s)
    return sum / SAMPLES
  })
}
