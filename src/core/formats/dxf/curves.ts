import { type Point } from '../../shapes/polygon'
import { boundedTolerance } from '../../outlines/flatten'
import { boundPoints } from '../../outlines/types'
import { itemAt, lastOf } from '../../lists/items'

/** Halvings after which a stretch is straight enough, whatever it does. */
const DEEPEST = 10

/**
 * A curve as straight stretches that lie no further from it than said.
 * @param at the point at a parameter; @param knots parameters between which the curve is smooth
 * @returns its points, the first included
 */
export function flattenCurve(at: (t: number) => Point, knots: readonly number[], tolerance: number): Point[] {
  const ends = knots.map(at)
  const points = [itemAt(ends, 0)]
  const [xs, ys] = [ends.map(([x]) => x), ends.map(([, y]) => y)]
  const near = boundedTolerance(tolerance, Math.max(spread(xs), spread(ys)))
  const halve = (from: number, to: number, a: Point, b: Point, depth: number) => {
    const middle = (from + to) / 2
    const m = at(middle)
    // A curve that turns back on itself may cross its chord in the middle: a quarter is looked at, too.
    const q = at(from + (to - from) * 0.3)
    const isFlat = offLine(m, a, b) <= near && offLine(q, a, b) <= near
    if (depth >= DEEPEST || (isFlat && depth >= 2)) points.push(b)
    else {
      halve(from, middle, a, m, depth + 1)
      halve(middle, to, m, b, depth + 1)
    }
  }
  for (let i = 0; i + 1 < knots.length; i++) {
    boundPoints(points.length, 0)
    halve(itemAt(knots, i), itemAt(knots, i + 1), lastOf(points), itemAt(ends, i + 1), 0)
  }
  return points
}

/** From the least to the largest of many numbers. */
const spread = (all: readonly number[]) =>
  all.reduce((most, one) => Math.max(most, one), -Infinity) -
  all.reduce((least, one) => Math.min(least, one), Infinity)

function offLine([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay]
  const length = Math.hypot(dx, dy)
  return length === 0 ? Math.hypot(x - ax, y - ay) : Math.abs((x - ax) * dy - (y - ay) * dx) / length
}

/** A spline of a drawing: its control points, their weights and its knots. */
export interface Spline {
  degree: number
  control: readonly Point[]
  weights: readonly number[]
  knots: readonly number[]
}

/**
 * A rational B-spline as a function of its parameter (de Boor 1972, in homogeneous coordinates).
 * @returns the function, and the parameters between which it is smooth
 */
export function splineAt({ degree, control, weights, knots }: Spline): { at: (t: number) => Point; knots: number[] } {
  const n = control.length
  const usual = knots.length === n + degree + 1 ? knots : clampedKnots(n, degree)
  const [low, high] = [itemAt(usual, degree), itemAt(usual, n)]
  // The last span that begins at or before it: knots only grow.
  const spanOf = (u: number) => {
    let [from, to] = [degree, n - 1]
    while (from < to) {
      const middle = Math.ceil((from + to) / 2)
      if (u >= itemAt(usual, middle)) from = middle
      else to = middle - 1
    }
    return from
  }
  const at = (t: number): Point => {
    const u = Math.min(Math.max(t, low), high)
    const span = spanOf(u)
    const d = Array.from({ length: degree + 1 }, (_, j) => {
      const i = j + span - degree
      const w = weights[i] ?? 1
      return [itemAt(control, i)[0] * w, itemAt(control, i)[1] * w, w] as [number, number, number]
    })
    for (let r = 1; r <= degree; r++) {
      for (let j = degree; j >= r; j--) {
        const i = j + span - degree
        const width = itemAt(usual, i + degree - r + 1) - itemAt(usual, i)
        const share = width === 0 ? 0 : (u - itemAt(usual, i)) / width
        for (let k = 0; k < 3; k++)
          itemAt(d, j)[k] = (1 - share) * itemAt(itemAt(d, j - 1), k) + share * itemAt(itemAt(d, j), k)
      }
    }
    const [x, y, w] = itemAt(d, degree)
    return [x / w, y / w]
  }
  const inside = usual.slice(degree, n + 1)
  return { at, knots: inside.filter((knot, i) => i === 0 || knot > itemAt(inside, i - 1)) }
}

function clampedKnots(n: number, degree: number): number[] {
  return Array.from({ length: n + degree + 1 }, (_, i) => Math.min(Math.max(i - degree, 0), n - degree))
}

/** A smooth line through points, where a file has no control points (Catmull & Rom 1974). */
export function throughPoints(
  points: readonly Point[],
  isClosed: boolean,
): { at: (t: number) => Point; knots: number[] } {
  const n = points.length
  const last = isClosed ? n : n - 1
  const point = (i: number) =>
    isClosed ? itemAt(points, ((i % n) + n) % n) : itemAt(points, Math.min(Math.max(i, 0), n - 1))
  const at = (t: number): Point => {
    const i = Math.min(Math.floor(t), last - 1)
    const s = t - i
    const [a, b, c, d] = [point(i - 1), point(i), point(i + 1), point(i + 2)]
    const one = (k: 0 | 1) =>
      0.5 *
      (2 * b[k] +
        (c[k] - a[k]) * s +
        (2 * a[k] - 5 * b[k] + 4 * c[k] - d[k]) * s * s +
        (3 * b[k] - a[k] - 3 * c[k] + d[k]) * s * s * s)
    return [one(0), one(1)]
  }
  return { at, knots: Array.from({ length: last + 1 }, (_, i) => i) }
}

/** Part of an ellipse. @param major from the middle to its end; @param ratio of the minor axis to the major */
export function ellipseAt(middle: Point, major: Point, ratio: number): (t: number) => Point {
  const minor: Point = [-major[1] * ratio, major[0] * ratio]
  return (t) => [
    middle[0] + major[0] * Math.cos(t) + minor[0] * Math.sin(t),
    middle[1] + major[1] * Math.cos(t) + minor[1] * Math.sin(t),
  ]
}
