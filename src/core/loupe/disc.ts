import { shrinkPlane, type Plane } from './plane'

/** The shadow of a draped disc in a picture from above. */
export interface Shadow {
  /** Pixels of the picture, squared. */
  areaPx: number
  middle: { x: number; y: number }
  /** Its edge, pixels of the picture, all the way round, so that an eye can check it. */
  edge: { x: number; y: number }[]
}

/** A picture in which no one shape stands out. */
export class NoShape extends Error {
  constructor(why: string) {
    super(
      `${why} Put it on a plain background much lighter or darker than the fabric, and photograph ` +
        'all of it from straight above.',
    )
    this.name = 'NoShape'
  }
}

/** Longest side that is looked at, pixels: an area needs no more. */
const SIDE = 800
const LEVELS = 64
/** Share of all variance that lies between the two tones; below it there are not two. Ours. */
const LEAST_PARTED = 0.6
const LEAST_SHARE = 0.02
/** Rays from the middle on which the edge is given. */
const RAYS = 180

/**
 * Finds the largest shape of another tone than the border, holes filled: the threshold that parts the tones best
 * (Otsu 1979,
 * IEEE Trans. SMC 9:62), then the largest connected shape.
 * @throws NoShape where the tones do not part, the shape is cut off by the border, or it is too small
 */
export function shadowOf(plane: Plane): Shadow {
  const factor = Math.max(1, Math.ceil(Math.max(plane.width, plane.height) / SIDE))
  const small = shrinkPlane(plane, factor)
  const { width, height, data } = small
  const { threshold, parted } = otsu(data)
  if (parted < LEAST_PARTED) throw new NoShape('The fabric does not stand out from its background.')
  const border = borderOf(width, height)
  const brightBorder = border.filter((at) => data[at]! > threshold).length * 2 > border.length
  const isShape = Uint8Array.from(data, (value) => (value > threshold === brightBorder ? 0 : 1))
  const shape = largest(isShape, width)
  if (border.filter((at) => shape[at]).length * 50 > border.length)
    throw new NoShape('The fabric runs out of the photo.')
  filled(shape, width, height)
  let [area, sumX, sumY] = [0, 0, 0]
  shape.forEach((inside, at) => {
    if (!inside) return
    area += 1
    sumX += at % width
    sumY += Math.floor(at / width)
  })
  if (area < LEAST_SHARE * shape.length) throw new NoShape('We found no shape that is large enough.')
  const middle = { x: sumX / area + 0.5, y: sumY / area + 0.5 }
  const edge = Array.from({ length: RAYS }, (_, ray) => {
    const [dx, dy] = [Math.cos((ray / RAYS) * 2 * Math.PI), Math.sin((ray / RAYS) * 2 * Math.PI)]
    let far = 0
    for (let r = 0; r < width + height; r += 0.5) {
      const [x, y] = [Math.floor(middle.x + r * dx), Math.floor(middle.y + r * dy)]
      if (x < 0 || y < 0 || x >= width || y >= height) break
      if (shape[y * width + x]) far = r
    }
    return { x: (middle.x + far * dx) * factor, y: (middle.y + far * dy) * factor }
  })
  return { areaPx: area * factor * factor, middle: { x: middle.x * factor, y: middle.y * factor }, edge }
}

function otsu(data: Float32Array): { threshold: number; parted: number } {
  const counts = new Float64Array(LEVELS)
  for (const value of data)
    counts[Math.max(0, Math.min(LEVELS - 1, Math.floor((value / 256) * LEVELS)))]! += 1 / data.length
  const mean = counts.reduce((sum, share, level) => sum + share * level, 0)
  const variance = counts.reduce((sum, share, level) => sum + share * (level - mean) ** 2, 0)
  let [below, belowSum, best, threshold] = [0, 0, 0, 0]
  counts.forEach((share, level) => {
    below += share
    belowSum += share * level
    if (below <= 0 || below >= 1) return
    const between = (mean * below - belowSum) ** 2 / (below * (1 - below))
    if (between > best) [best, threshold] = [between, ((level + 1) * 256) / LEVELS]
  })
  return { threshold, parted: variance > 0 ? best / variance : 0 }
}

function borderOf(width: number, height: number): number[] {
  return [
    ...Array.from({ length: width }, (_, x) => [x, (height - 1) * width + x]).flat(),
    ...Array.from({ length: height }, (_, y) => [y * width, y * width + width - 1]).flat(),
  ]
}

/** Marks all that is joined, side to side, to what is open, among what `may` holds; answers how many. */
function flood(
  marks: Int32Array,
  mark: number,
  may: (at: number) => boolean,
  from: readonly number[],
  width: number,
): number {
  const open = from.filter((at) => marks[at] === 0 && may(at))
  open.forEach((at) => {
    marks[at] = mark
  })
  let count = 0
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    count += 1
    const x = at % width
    for (const next of [x > 0 ? at - 1 : -1, x + 1 < width ? at + 1 : -1, at - width, at + width]) {
      if (next < 0 || next >= marks.length || marks[next] !== 0 || !may(next)) continue
      marks[next] = mark
      open.push(next)
    }
  }
  return count
}

function largest(isShape: Uint8Array, width: number): Uint8Array {
  const marks = new Int32Array(isShape.length)
  let [best, most] = [0, 0]
  let mark = 0
  isShape.forEach((inside, at) => {
    if (!inside || marks[at] !== 0) return
    mark += 1
    const count = flood(marks, mark, (next) => isShape[next] === 1, [at], width)
    if (count > most) [best, most] = [mark, count]
  })
  return Uint8Array.from(marks, (own) => (own !== 0 && own === best ? 1 : 0))
}

/** Whatever the border cannot reach is inside. */
function filled(shape: Uint8Array, width: number, height: number): void {
  const outside = new Int32Array(shape.length)
  flood(outside, 1, (at) => shape[at] === 0, borderOf(width, height), width)
  shape.forEach((_, at) => {
    shape[at] = outside[at] ? 0 : 1
  })
}
