import { type Outline } from '../../shapes/polygon'
import { minkowskiSum } from '../minkowskiSum'

/**
 * The places at which one shape, moved, would lie upon another (the no-fit polygon), as sides in flat arrays, so that
 * millions of questions can be asked of it. Where a region has holes, so has this.
 */
export interface NoFit {
  count: number
  /**
   * Each side: from, to, by, and one over its squared length, mm. Its end is kept as it is, since from and by add up
   * to something a hair beside it, and a line between the two would slip through.
   */
  x: Float64Array
  y: Float64Array
  toX: Float64Array
  toY: Float64Array
  dx: Float64Array
  dy: Float64Array
  over: Float64Array
  minX: number
  minY: number
  maxX: number
  maxY: number
}

/**
 * @param still what lies; @param moving what is moved, about its own origin; both simple and anticlockwise
 * @returns the moves (of the origin) that make them overlap
 */
export function noFitOf(still: readonly Outline[], moving: Outline): NoFit {
  const about = moving.map(([x, y]) => [-x, -y] as const)
  return sidesOf(minkowskiSum(still, about))
}

function sidesOf(loops: readonly Outline[]): NoFit {
  const count = loops.reduce((sum, loop) => sum + loop.length, 0)
  const field = () => new Float64Array(count)
  const sides = { count, x: field(), y: field(), toX: field(), toY: field(), dx: field(), dy: field(), over: field() }
  const box = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity }
  let at = 0
  for (const loop of loops) {
    for (let i = 0; i < loop.length; i++, at++) {
      const [x, y] = loop[i]!
      const [toX, toY] = loop[(i + 1) % loop.length]!
      const [dx, dy] = [toX - x, toY - y]
      sides.x[at] = x
      sides.y[at] = y
      sides.toX[at] = toX
      sides.toY[at] = toY
      sides.dx[at] = dx
      sides.dy[at] = dy
      sides.over[at] = dx * dx + dy * dy > 0 ? 1 / (dx * dx + dy * dy) : 0
      box.minX = Math.min(box.minX, x)
      box.minY = Math.min(box.minY, y)
      box.maxX = Math.max(box.maxX, x)
      box.maxY = Math.max(box.maxY, y)
    }
  }
  return { ...sides, ...box }
}

/** The same for the other of the two being moved: every place turned about the origin. */
export function turnedAbout(noFit: NoFit): NoFit {
  const negative = (values: Float64Array) => values.map((value) => -value)
  return {
    count: noFit.count,
    x: negative(noFit.x),
    y: negative(noFit.y),
    toX: negative(noFit.toX),
    toY: negative(noFit.toY),
    dx: negative(noFit.dx),
    dy: negative(noFit.dy),
    over: noFit.over,
    minX: -noFit.maxX,
    minY: -noFit.maxY,
    maxX: -noFit.minX,
    maxY: -noFit.minY,
  }
}

/** How far a move lies inside the region: mm to its nearest edge, 0 outside. */
export function depthIn(noFit: NoFit, atX: number, atY: number): number {
  if (atX <= noFit.minX || atX >= noFit.maxX || atY <= noFit.minY || atY >= noFit.maxY) return 0
  const { count, x, y, toY, dx, dy, over } = noFit
  // Winding numbers, not even and odd: inside two loops that overlap is inside.
  let winding = 0
  for (let i = 0; i < count; i++) {
    const isUp = toY[i]! > atY
    if (y[i]! > atY !== isUp && atX < ((atY - y[i]!) * dx[i]!) / dy[i]! + x[i]!) winding += isUp ? 1 : -1
  }
  if (winding <= 0) return 0
  let nearest = Infinity
  for (let i = 0; i < count; i++) {
    const [px, py] = [atX - x[i]!, atY - y[i]!]
    let along = (px * dx[i]! + py * dy[i]!) * over[i]!
    along = along < 0 ? 0 : along > 1 ? 1 : along
    const [ex, ey] = [px - along * dx[i]!, py - along * dy[i]!]
    const squared = ex * ex + ey * ey
    if (squared < nearest) nearest = squared
  }
  return Math.sqrt(nearest)
}

/**
 * Where a line crosses the edges of the region.
 * @param isUpright along y at this x, else along x at this y
 * @param found takes the places of the crossings, unsorted
 * @param enters takes 1 where the line comes in at the crossing and −1 where it goes out
 * @returns how many crossings there are
 */
export function crossings(
  noFit: NoFit,
  at: number,
  isUpright: boolean,
  found: Float64Array,
  enters: Int8Array,
): number {
  const { count } = noFit
  const [from, along] = isUpright ? [noFit.x, noFit.y] : [noFit.y, noFit.x]
  const to = isUpright ? noFit.toX : noFit.toY
  const [step, rise] = isUpright ? [noFit.dx, noFit.dy] : [noFit.dy, noFit.dx]
  let n = 0
  for (let i = 0; i < count; i++) {
    const start = from[i]!
    const isBeyond = start > at
    if (isBeyond === to[i]! > at) continue
    found[n] = along[i]! + ((at - start) * rise[i]!) / step[i]!
    // The region lies to the left of its edges.
    enters[n++] = isUpright === isBeyond ? -1 : 1
  }
  return n
}
