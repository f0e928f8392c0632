import { type Drawdown } from '@/core/weave/drafts'
import { type Plane } from '@/core/loupe/plane'
import { itemAt } from '@/core/lists/items'

// Taken out once: inside the test runner a look at `Math` costs more than the sum.
const { floor, sqrt, max, min, cos: cosine, sin: sine, log, PI } = Math

/** How a picture of a cloth was taken. */
export interface Taken {
  drawdown: Drawdown
  endsPerCm: number
  picksPerCm: number
  pixelsPerCm: number
  width: number
  height: number
  /** Clockwise, degrees. */
  turnDeg?: number
  /** How far the picks lean from square, degrees. */
  skewDeg?: number
  /** Share of the brightness that the light loses from one corner to the other. */
  unevenLight?: number
  /** Standard deviation of the noise, grey levels. */
  noise?: number
  /** Box blur, pixels each way. */
  blur?: number
  /** Brightness of warp and weft, 0 … 1. */
  warp?: number
  weft?: number
  /** Every so many ends another colour. */
  stripe?: number
}

/**
 * A camera that is none: each pixel is traced to its thread, shaded round like a thread, darker where the thread
 * dives under.
 * Its structure is geometry, not frequencies.
 */
export function weavePicture(
  {
    drawdown,
    endsPerCm,
    picksPerCm,
    pixelsPerCm,
    width,
    height,
    turnDeg = 0,
    skewDeg = 0,
    unevenLight = 0,
    noise = 0,
    blur = 0,
    warp = 0.62,
    weft = 0.5,
    stripe = 0,
  }: Taken,
  chance: () => number,
): Plane {
  const data = new Float32Array(width * height)
  const turn = (turnDeg * PI) / 180
  const lean = (skewDeg * PI) / 180
  const [cos, sin] = [cosine(turn), sine(turn)]
  const [leanCos, leanSin] = [cosine(lean), sine(lean)]
  const ends = Array.from({ length: 997 }, () => 1 + (chance() - 0.5) * 0.12)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      // Into the cloth's own axes, in threads.
      const [px, py] = [x - width / 2, y - height / 2]
      const [cx, cy] = [(px * cos + py * sin) / pixelsPerCm, (-px * sin + py * cos) / pixelsPerCm]
      const a = cx * endsPerCm
      // Picks may lean: they run along a line that is not quite level; their spacing across themselves stays.
      const b = (cy * leanCos - cx * leanSin) * picksPerCm
      const [end, pick] = [floor(a), floor(b)]
      const [ra, rb] = [a - end - 0.5, b - pick - 0.5]
      const up = itemAt(itemAt(drawdown, mod(pick, drawdown.length)), mod(end, itemAt(drawdown, 0).length))
      const across = up ? ra : rb
      const along = up ? rb : ra
      const round = sqrt(max(0, 1 - (across * 1.9) ** 2))
      const colour = up
        ? (stripe > 0 && mod(end, stripe) < stripe / 2 ? warp * 0.55 : warp) * itemAt(ends, mod(end, ends.length))
        : weft * itemAt(ends, mod(pick * 7, ends.length))
      const light = 1 - unevenLight * (x / width + y / height) * 0.5
      data[y * width + x] = 255 * colour * (0.35 + 0.65 * round) * (1 - 0.25 * (2 * along) ** 2) * light
    }
  }
  const soft = blur > 0 ? blurred(data, width, height, blur) : data
  if (noise > 0)
    for (let i = 0; i < soft.length; i++)
      soft[i] = max(0, min(255, soft[i]! + noise * sqrt(-2 * log(1 - chance())) * cosine(2 * PI * chance())))
  return { width, height, data: soft }
}

function mod(value: number, by: number): number {
  return ((value % by) + by) % by
}

function blurred(data: Float32Array, width: number, height: number, radius: number): Float32Array {
  const out = new Float32Array(data.length)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let [sum, count] = [0, 0]
      for (let dy = -radius; dy <= radius; dy++)
        for (let dx = -radius; dx <= radius; dx++) {
          const [sx, sy] = [x + dx, y + dy]
          if (sx < 0 || sy < 0 || sx >= width || sy >= height) continue
          sum += data[sy * width + sx]!
          count += 1
        }
      out[y * width + x] = sum / count
    }
  }
  return out
}
