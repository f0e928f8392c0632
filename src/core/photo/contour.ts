import { contours } from 'd3-contour'
import { areaOf, type Outline, type Point } from '../shapes/polygon'
import { LIGHT } from './ground'
import { type Regions } from './regions'
import { type Pixels } from './types'
import { floatAt, itemAt, mustHave } from '../lists/items'

/** Points of the edge on each side that say which way it runs. */
const ALONG = 5
/** How far to each side of an edge its light is read, pixels, and from where on it is no longer mixed. */
const [REACH, CLEAR] = [5, 2.5]
/** A change of light across the edge that can be told, 0 … 1. */
const TOLD = 0.02

/**
 * The outer edge of a region, pixel by pixel and then drawn to where the light is half way between the two sides.
 * @returns pixels of the picture, x from the left, y from the top
 */
export function edgeOf(picture: Pixels, labels: Regions['labels'], label: number): Point[] {
  const { width, height } = picture
  const mask = Array.from(labels, (one) => (one === label ? 1 : 0))
  const [shape] = contours().size([width, height]).thresholds([0.5])(mask)
  const rings = (shape?.coordinates ?? []).map(([outer]) => (outer as [number, number][]).slice(0, -1))
  const outer = rings.reduce<Point[]>((most, ring) => (areaOf(ring) > areaOf(most) ? ring : most), [])
  const smooth = rounded(outer, 2)
  return rounded(
    smooth.map((at, i) => halfWay(picture, at, across(smooth, i))),
    1,
  )
}

/** Each point the mean of itself and its neighbours so far each way. */
function rounded(ring: Outline, reach: number): Point[] {
  const n = ring.length
  return ring.map((_, i) => {
    let [x, y] = [0, 0]
    for (let k = -reach; k <= reach; k++) {
      const at = itemAt(ring, (i + k + n) % n)
      x += at[0]
      y += at[1]
    }
    return [x / (2 * reach + 1), y / (2 * reach + 1)]
  })
}

/** The direction across the edge, of length 1. */
function across(ring: Outline, i: number): Point {
  const n = ring.length
  const [before, after] = [itemAt(ring, (i - ALONG + n) % n), itemAt(ring, (i + ALONG) % n)]
  const [dx, dy] = [after[0] - before[0], after[1] - before[1]]
  const length = Math.hypot(dx, dy) || 1
  return [-dy / length, dx / length]
}

/** Light falls from one side's to the other's across a blurred edge: where it is half way, the edge is. */
function halfWay(picture: Pixels, [x, y]: Point, [nx, ny]: Point): Point {
  const at = (t: number) => lightAt(picture, x + nx * t, y + ny * t)
  const [one, other] = [-1, 1].map((side) => meanOf([CLEAR, (CLEAR + REACH) / 2, REACH].map((t) => at(side * t))))
  const apart = mustHave(other).map((value, c) => value - itemAt(mustHave(one), c))
  const whole = apart.reduce((sum, value) => sum + value * value, 0)
  if (whole < TOLD * TOLD) return [x, y]
  const share = (t: number) =>
    at(t).reduce((sum, value, c) => sum + (value - itemAt(mustHave(one), c)) * itemAt(apart, c), 0) / whole
  let [last, lastT] = [share(-CLEAR), -CLEAR]
  for (let t = -CLEAR + 0.5; t <= CLEAR; t += 0.5) {
    const now = share(t)
    if (last < 0.5 && now >= 0.5) {
      const exact = lastT + (0.5 * (0.5 - last)) / (now - last)
      return [x + nx * exact, y + ny * exact]
    }
    ;[last, lastT] = [now, t]
  }
  return [x, y]
}

function meanOf(lights: readonly (readonly number[])[]): number[] {
  return [0, 1, 2].map((c) => lights.reduce((sum, light) => sum + itemAt(light, c), 0) / lights.length)
}

/** Light between four pixels, their middles lying on halves. */
function lightAt({ width, height, data }: Pixels, x: number, y: number): number[] {
  const [px, py] = [Math.max(0, Math.min(width - 1.001, x - 0.5)), Math.max(0, Math.min(height - 1.001, y - 0.5))]
  const [left, top] = [Math.floor(px), Math.floor(py)]
  const [fx, fy] = [px - left, py - top]
  return [0, 1, 2].map((c) => {
    const of = (dx: number, dy: number) => floatAt(LIGHT, mustHave(data[((top + dy) * width + left + dx) * 4 + c]))
    return (of(0, 0) * (1 - fx) + of(1, 0) * fx) * (1 - fy) + (of(0, 1) * (1 - fx) + of(1, 1) * fx) * fy
  })
}
