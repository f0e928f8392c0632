import { areaOf, boxOf, movePolygon, tidyOutline, type Box, type Outline, type Point } from '../shapes/polygon'
import { depthIn, noFitOf, type NoFit } from './search/noFit'
import { floatAt } from '../lists/items'

/** Two pieces that lie no deeper in one another than this lie beside one another, mm. */
const LIES_ON = 0.5

function between(still: Outline, moving: Outline): NoFit {
  return noFitOf([tidyOutline(still)], tidyOutline(moving))
}

/**
 * The little move that brings a piece up against its neighbours and the edges of the cloth, or off what it lies on by
 * little.
 * @param within how far it may be moved, mm; @param edges of the cloth
 */
export function snapPiece(moving: Outline, others: readonly Outline[], edges: Box, within: number): Point {
  const [dx, dy] = toEdges(moving, edges, within)
  const placed = movePolygon(moving, dx, dy)
  const box = boxOf(placed)
  const near = others.filter((other) => {
    const { minX, minY, maxX, maxY } = boxOf(other)
    const isFarX = minX > box.maxX + within || maxX < box.minX - within
    return !isFarX && minY <= box.maxY + within && maxY >= box.minY - within && areaOf(other) > 0
  })
  let best: Point = [0, 0]
  let least = Infinity
  for (const other of near) {
    const noFit = between(other, placed)
    const step = toEdge(noFit)
    const by = Math.hypot(step[0], step[1])
    const isOn = depthIn(noFit, 0, 0) > LIES_ON
    // What lies on something goes off it first; then the nearest neighbour counts.
    if (by <= within && by - (isOn ? within : 0) < least) [best, least] = [step, by - (isOn ? within : 0)]
  }
  return [dx + best[0], dy + best[1]]
}

function toEdges(moving: Outline, { minX, maxX, minY, maxY }: Box, within: number): Point {
  const box = boxOf(moving)
  const pull = (low: number, high: number, from: number, to: number) => {
    if (low < from || Math.abs(low - from) <= within) return from - low
    if (high > to || Math.abs(to - high) <= within) return to - high
    return 0
  }
  return [pull(box.minX, box.maxX, minX, maxX), pull(box.minY, box.maxY, minY, maxY)]
}

/** From the origin to the nearest place on a region’s edge. */
function toEdge({ count, x, y, dx, dy, over }: NoFit): Point {
  let nearest = Infinity
  let step: Point = [0, 0]
  for (let i = 0; i < count; i++) {
    const along = Math.min(
      1,
      Math.max(0, -(floatAt(x, i) * floatAt(dx, i) + floatAt(y, i) * floatAt(dy, i)) * floatAt(over, i)),
    )
    const [ex, ey] = [floatAt(x, i) + along * floatAt(dx, i), floatAt(y, i) + along * floatAt(dy, i)]
    if (ex * ex + ey * ey < nearest) [nearest, step] = [ex * ex + ey * ey, [ex, ey]]
  }
  return step
}
