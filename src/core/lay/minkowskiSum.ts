import { positiveOf } from './clip'
import { convexParts } from './convex'
import { boxOf, hullOf, type Outline, type Point } from '../shapes/polygon'

/** How far beside an edge of the sum the winding number is looked at, mm: more than the clipping rounds. */
const BESIDE = 0.02
/** So much of an edge may be wrong, mm: slivers narrower than the rounding leave such edges. */
const NO_EDGE = 0.5

/**
 * Every sum of a point of one region and a point of the other (their Minkowski sum). The sides of each are carried to
 * the corners of the other whose turn takes in their direction, forwards where that corner turns left and backwards
 * where it turns right; these sides join to closed lines, and the sum is where those wind about at least once (the
 * convolution of Guibas, Ramshaw and Stolfi 1983: it winds about a place as often as the two have parts in common).
 *
 * Parallel sides make the convolution run to and fro over itself, where a union of it can lose an area. So the spikes
 * are taken out first, and every edge of the union is checked against the winding number of the convolution; where
 * one fails, the sum is made of convex parts, and where that fails too, of what would be stretched about both: that is
 * larger than the sum, and so never lets two pieces overlap.
 * @param ones, other simple, anticlockwise; several of the first are taken together
 * @returns outer lines anticlockwise, holes clockwise
 */
export function minkowskiSum(ones: readonly Outline[], other: Outline): Point[][] {
  const cycles = ones.flatMap((one) => cyclesOf(one, other))
  const whole = positiveOf(cycles.map(withoutSpikes))
  if (isBoundary(whole, cycles)) return whole
  const parts = positiveOf(ones.flatMap((one) => convexSums(one, other)))
  if (isBoundary(parts, cycles)) return parts
  return positiveOf(ones.flatMap((one) => cyclesOf(hullOf(one), hullOf(other)).map(withoutSpikes)))
}

function convexSums(one: Outline, other: Outline): Point[][] {
  const others = convexParts(other)
  return convexParts(one).flatMap((part) => others.flatMap((second) => cyclesOf(part, second).map(withoutSpikes)))
}

/** A closed line without the stretches that it runs along and straight back. */
export function withoutSpikes(line: Outline): Point[] {
  const kept = [...line]
  for (let i = 0; i < kept.length && kept.length > 2;) {
    const [before, at, after] = [kept.at(i - 1)!, kept[i]!, kept[(i + 1) % kept.length]!]
    const [inX, inY, outX, outY] = [at[0] - before[0], at[1] - before[1], after[0] - at[0], after[1] - at[1]]
    const scale = Math.abs(inX * outX) + Math.abs(inY * outY)
    const isStraight = Math.abs(inX * outY - inY * outX) <= 1e-9 * (scale + 1)
    if (isStraight && inX * outX + inY * outY <= 0) {
      kept.splice(i, 1)
      i = Math.max(0, i - 2)
    } else i++
  }
  return kept
}

/**
 * Whether loops are the edge of where the cycles wind about: beyond each edge, on its right, they wind about nothing,
 * and no loop is missing at a side.
 */
export function isBoundary(loops: readonly Outline[], cycles: readonly Outline[]): boolean {
  const [own, all] = [boxOf(loops.flat()), boxOf(cycles.flat())]
  const near = (a: number, b: number) => Math.abs(a - b) < BESIDE
  const isAsWide = near(own.minX, all.minX) && near(own.maxX, all.maxX)
  if (!isAsWide || !near(own.minY, all.minY) || !near(own.maxY, all.maxY)) return false
  let wrong = 0
  for (const loop of loops) {
    for (let i = 0; i < loop.length && wrong <= NO_EDGE; i++) {
      const [[x, y], [toX, toY]] = [loop[i]!, loop[(i + 1) % loop.length]!]
      const length = Math.hypot(toX - x, toY - y)
      if (length < 2 * BESIDE) continue
      const off = BESIDE / length
      if (windingOf(cycles, (x + toX) / 2 + (toY - y) * off, (y + toY) / 2 - (toX - x) * off) > 0) wrong += length
    }
  }
  return wrong <= NO_EDGE
}

/** How often closed lines wind about a place, anticlockwise. */
function windingOf(lines: readonly Outline[], atX: number, atY: number): number {
  let winding = 0
  for (const line of lines) {
    for (let i = 0; i < line.length; i++) {
      const [[x, y], [toX, toY]] = [line[i]!, line[(i + 1) % line.length]!]
      const isUp = toY > atY
      if (y > atY !== isUp && atX < ((atY - y) * (toX - x)) / (toY - y) + x) winding += isUp ? 1 : -1
    }
  }
  return winding
}

interface Carried {
  at: Point
  /** The pair of corners at which it ends: corner of the one × corners of the other + corner of the other. */
  to: number
}

function cyclesOf(one: Outline, other: Outline): Point[][] {
  const from = new Map<number, Carried[]>()
  const m = other.length
  const carry = (start: readonly [number, number], end: readonly [number, number]) => {
    const [i, j] = [start[0] % one.length, start[1] % m]
    const key = i * m + j
    const at: Point = [one[i]![0] + other[j]![0], one[i]![1] + other[j]![1]]
    const side = { at, to: (end[0] % one.length) * m + (end[1] % m) }
    const known = from.get(key)
    if (known) known.push(side)
    else from.set(key, [side])
  }
  const [ownWays, otherWays] = [waysOf(one), waysOf(other)]
  // Where two sides run the same way, the first’s counts as the one before: so each is carried exactly once.
  for (let j = 0; j < m; j++) {
    const [before, after] = [otherWays[(j + m - 1) % m]!, otherWays[j]!]
    const turn = turnOf(before, after)
    for (let i = 0; i < one.length; i++) {
      const way = ownWays[i]!
      if (turn > 0 && isWithin(before, after, way, true)) carry([i, j], [i + 1, j])
      if (turn < 0 && isWithin(after, before, way, true)) carry([i + 1, j], [i, j])
    }
  }
  for (let i = 0; i < one.length; i++) {
    const [before, after] = [ownWays[(i + one.length - 1) % one.length]!, ownWays[i]!]
    const turn = turnOf(before, after)
    for (let j = 0; j < m; j++) {
      const way = otherWays[j]!
      if (turn > 0 && isWithin(before, after, way, false)) carry([i, j], [i, j + 1])
      if (turn < 0 && isWithin(after, before, way, false)) carry([i, j + 1], [i, j])
    }
  }
  return traced(from)
}

/** Directions of the sides, in turns from −½ to ½. */
function waysOf(outline: Outline): number[] {
  return outline.map(([x, y], i) => {
    const [nextX, nextY] = outline[(i + 1) % outline.length]!
    // Plus nought, since a rise of −0 would make the direction to the left −½ where it is ½ elsewhere.
    return Math.atan2(nextY - y + 0, nextX - x) / (2 * Math.PI)
  })
}

/** From one direction to the next, in turns from −½ to ½. */
function turnOf(before: number, after: number): number {
  const by = after - before
  return by > 0.5 ? by - 1 : by <= -0.5 ? by + 1 : by
}

/**
 * Whether a direction lies anticlockwise from one to another: the end counts and the start does not, or the other way
 * about. Told by comparing alone: a sum would round two directions that differ by a hair into one.
 */
function isWithin(from: number, to: number, way: number, isEndIn: boolean): boolean {
  const isBehind = isEndIn ? way > from : way >= from
  const isBefore = isEndIn ? way <= to : way < to
  return from < to ? isBehind && isBefore : isBehind || isBefore
}

/** Goes along the sides until each closed line is closed and each side is used. */
function traced(from: Map<number, Carried[]>): Point[][] {
  const cycles: Point[][] = []
  for (const [start, sides] of from) {
    while (sides.length > 0) {
      const cycle: Point[] = []
      let key = start
      for (;;) {
        const side = from.get(key)?.pop()
        if (!side) break
        cycle.push(side.at)
        key = side.to
        if (key === start) break
      }
      if (cycle.length > 2) cycles.push(cycle)
    }
  }
  return cycles
}
