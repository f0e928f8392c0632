import { positiveOf } from './clip'
import { type Outline, type Point } from '../shapes/polygon'

/**
 * Every sum of a point of one region and a point of the other (their Minkowski sum). The sides of each are carried to
 * the corners of the other whose turn takes in their direction, forwards where that corner turns left and backwards
 * where it turns right; these sides join to closed lines, and the sum is where those wind about at least once (the
 * convolution of Guibas, Ramshaw and Stolfi 1983: it winds about a place as often as the two have parts in common).
 * @param ones, other simple, anticlockwise; several of the first are taken together
 * @returns outer lines anticlockwise, holes clockwise
 */
export function sumOf(ones: readonly Outline[], other: Outline): Point[][] {
  return positiveOf(ones.flatMap((one) => cyclesOf(one, other)))
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
    return Math.atan2(nextY - y, nextX - x) / (2 * Math.PI)
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
