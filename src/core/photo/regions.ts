import { type Unlike } from './ground'
import { type Pixels } from './types'
import { mustHave } from '../lists/items'

/** One thing that lies on the ground. */
export interface Region {
  /** Its number in the labels. */
  label: number
  pixels: number
  /** Whether it reaches the picture's edge. */
  isCutOff: boolean
}

export interface Regions {
  /** The number of the thing that each pixel belongs to; 0 is ground. */
  labels: Int32Array
  found: Region[]
  /** The number of the hole that each pixel belongs to; 0 where there is none. */
  holeLabels: Int32Array
  holes: Hole[]
}

/** Within a thing, where what shows looks like the ground: a hole, or a print of its colour. */
export interface Hole {
  label: number
  pixels: number
  /** The thing that it is in. */
  of: number
}

/** Of the picture's longest side: gaps in a thing so wide are closed. */
const GAP = 0.003
/** Least share of the picture that is a thing. */
const LEAST = 0.003
/** Least share of a thing that is a hole in it, and least pixels: less is grain of the picture. */
const [LEAST_HOLE, LEAST_PIXELS] = [0.0008, 40]

/** What lies on the ground: all that ground joined to the picture's edge does not reach, holes filled. */
export function regionsOf({ width, height }: Pixels, { data, threshold }: Unlike): Regions {
  const isThing = Uint8Array.from(data, (value) => (value > threshold ? 1 : 0))
  const radius = Math.max(1, Math.round(Math.max(width, height) * GAP))
  const closed = closedOver(isThing, width, height, radius)
  const ground = fromEdge(closed, width, height)
  const labels = new Int32Array(width * height)
  const found: Region[] = []
  for (let at = 0; at < labels.length; at++) {
    if (ground[at] || labels[at]) continue
    const region = filled(labels, ground, found.length + 1, at, width, height)
    found.push(region)
  }
  const things = found.filter(({ pixels }) => pixels >= LEAST * width * height)
  return { labels, found: things, ...holesIn({ closed, ground, labels }, things, width) }
}

/** What looks like the ground and is not joined to it. */
function holesIn(
  { closed, ground, labels }: { closed: Uint8Array; ground: Uint8Array; labels: Int32Array },
  things: readonly Region[],
  width: number,
): Pick<Regions, 'holes' | 'holeLabels'> {
  const holeLabels = new Int32Array(closed.length)
  const holes: Hole[] = []
  for (let start = 0; start < closed.length; start++) {
    if (closed[start] || ground[start] || holeLabels[start]) continue
    const hole = { label: holes.length + 1, pixels: 0, of: labels[start]! }
    const waiting = [start]
    holeLabels[start] = hole.label
    for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
      hole.pixels++
      // Never at the picture’s edge: what is like the ground there is the ground.
      for (const next of [at - 1, at + 1, at - width, at + width]) {
        if (closed[next] || holeLabels[next]) continue
        holeLabels[next] = hole.label
        waiting.push(next)
      }
    }
    holes.push(hole)
  }
  const sizes = new Map(things.map(({ label, pixels }) => [label, pixels]))
  const isHole = ({ of, pixels }: Hole) =>
    sizes.has(of) && pixels >= Math.max(LEAST_PIXELS, LEAST_HOLE * mustHave(sizes.get(of)))
  return { holeLabels, holes: holes.filter(isHole) }
}

/** Grown by a square and shrunk by it again: gaps close, edges stay. */
function closedOver(mask: Uint8Array, width: number, height: number, radius: number): Uint8Array {
  const turn = (from: Uint8Array, wanted: 0 | 1) =>
    spread(spread(from, width, height, radius, 1, wanted), width, height, radius, width, wanted)
  return turn(turn(mask, 1), 0)
}

/** Each pixel that has a wanted value within reach along rows (stride 1) or columns (stride width) takes it. */
function spread(
  from: Uint8Array,
  width: number,
  height: number,
  radius: number,
  stride: number,
  wanted: 0 | 1,
): Uint8Array {
  const out = new Uint8Array(from.length)
  const [lines, length, jump] = stride === 1 ? [height, width, width] : [width, height, 1]
  for (let line = 0; line < lines; line++) {
    let last = -Infinity
    const start = line * jump
    for (let i = 0; i < length + radius; i++) {
      if (i < length && from[start + i * stride] === wanted) last = i
      const at = i - radius
      if (at >= 0) out[start + at * stride] = last >= at - radius ? wanted : ((1 - wanted) as 0 | 1)
    }
  }
  return out
}

/** The ground that is joined to the picture's edge. */
function fromEdge(mask: Uint8Array, width: number, height: number): Uint8Array {
  const ground = new Uint8Array(mask.length)
  const waiting: number[] = []
  const reach = (at: number) => {
    if (mask[at] || ground[at]) return
    ground[at] = 1
    waiting.push(at)
  }
  for (let x = 0; x < width; x++) [x, (height - 1) * width + x].forEach(reach)
  for (let y = 0; y < height; y++) [y * width, y * width + width - 1].forEach(reach)
  for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
    const x = at % width
    if (x > 0) reach(at - 1)
    if (x < width - 1) reach(at + 1)
    if (at >= width) reach(at - width)
    if (at < mask.length - width) reach(at + width)
  }
  return ground
}

function filled(
  labels: Int32Array,
  ground: Uint8Array,
  label: number,
  from: number,
  width: number,
  height: number,
): Region {
  const waiting = [from]
  labels[from] = label
  const region: Region = { label, pixels: 0, isCutOff: false }
  for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
    const [x, y] = [at % width, Math.floor(at / width)]
    region.pixels++
    if (x === 0 || y === 0 || x === width - 1 || y === height - 1) region.isCutOff = true
    for (let dy = -1; dy <= 1; dy++)
      for (let dx = -1; dx <= 1; dx++) {
        const [nx, ny] = [x + dx, y + dy]
        if (nx < 0 || ny < 0 || nx >= width || ny >= height) continue
        const next = ny * width + nx
        if (ground[next] || labels[next]) continue
        labels[next] = label
        waiting.push(next)
      }
  }
  return region
}
