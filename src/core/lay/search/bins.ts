import { borderLines, type BorderLines } from '../border'
import { inflatePolygon, subtractPolygons } from '../clip'
import { convexParts } from '../convex'
import {
  boxOutline,
  boxOf,
  anticlockwise,
  isWithin,
  signedArea,
  type Outline,
  type Point,
} from '../../shapes/polygon'
import { stripEdges } from '../strip'
import { type LayCloth, type LayPanel, type Layers } from '../types'

/** Somewhere that pieces can lie: a length of cloth as it is folded, or one odd piece. mm */
export interface Bin {
  panel: string | null
  panelCopy: number | null
  /** Direction of the warp, degrees anticlockwise from x. */
  warpDeg: number
  minX: number
  maxX: number
  minY: number
  /** Without end where it is asked how much is needed. */
  maxY: number
  /** What is off the cloth or must not be used, in convex parts. */
  off: readonly Outline[]
  /** Where feet lie on a border, and what of the width is left to all other pieces. */
  border?: BorderLines
  /** What can be used, mm²; without end where its length is. */
  area: number
}

/** How wide a frame about an odd piece counts as off the cloth, mm: wider than any piece is deep in it. */
const FRAME = 3000

/** By how much an odd piece of cloth counts as wider all round, mm. */
const ROOM = 0.02

/** @throws RangeError where the selvedges leave nothing of the width */
export function stripOf(cloth: LayCloth, layers: Layers): Bin {
  const edges = stripEdges(cloth, layers)
  const { minX, maxX, maxY } = edges
  if (maxX <= minX) throw new RangeError('the selvedges leave nothing of the width')
  const flaws = (cloth.flaws ?? []).map((flaw) => asItLies(flaw, cloth, layers))
  return {
    panel: null,
    panelCopy: null,
    warpDeg: 90 + (cloth.leanDeg ?? 0),
    ...edges,
    border: borderLines(cloth, edges),
    off: flaws.flat().flatMap((flaw) => convexParts(flaw)),
    area: (maxX - minX) * maxY,
  }
}

/** A flaw of the open cloth, as both layers show it once the cloth is folded. */
function asItLies(flaw: Outline, { widthMm, lengthMm }: LayCloth, layers: Layers): Point[][] {
  if (layers === 'single') return [anticlockwise(flaw)]
  const over = (at: (point: Point) => Point) => anticlockwise(flaw.map(at))
  if (layers === 'folded-lengthwise') {
    const middle = widthMm / 2
    return [over(([x, y]) => [x - middle, y]), over(([x, y]) => [middle - x, y])]
  }
  const middle = (lengthMm ?? 0) / 2
  return [over(([x, y]) => [x, y - middle]), over(([x, y]) => [x, middle - y])]
}

/** A bin for each of the panel’s copies. */
export function panelBins(panel: LayPanel): Bin[] {
  const box = boxOf(panel.outline)
  const frame = boxOutline({
    minX: box.minX - FRAME,
    minY: box.minY - FRAME,
    maxX: box.maxX + FRAME,
    maxY: box.maxY + FRAME,
  })
  const cloth = subtractPolygons([anticlockwise(panel.outline)], panel.holes.map(anticlockwise))
  // What just fits has room of its own: else the place for it would be a point, which clipping loses.
  const roomy = inflatePolygon(cloth, ROOM, true)
  const off = withHoles(subtractPolygons([frame], roomy))
  const area = cloth.reduce((sum, outline) => sum + signedArea(outline), 0)
  return Array.from({ length: panel.count }, (_, copy) => ({
    panel: panel.id,
    panelCopy: copy + 1,
    warpDeg: panel.warpDeg,
    ...box,
    off,
    area,
  }))
}

/** A region of outer lines and holes, in convex parts. */
function withHoles(region: readonly Outline[]): Point[][] {
  const outers = region.filter((outline) => signedArea(outline) > 0)
  const holes = region.filter((outline) => signedArea(outline) < 0)
  return outers.flatMap((outer) =>
    convexParts(
      outer,
      holes.filter((hole) => isWithin(hole[0]!, outer)),
    ),
  )
}

/** What of a bin can be used, up to a length. Outer lines anticlockwise, holes clockwise. */
export function usableBins(bin: Bin, upTo: number): Point[][] {
  return subtractPolygons([boxOutline({ ...bin, maxY: Math.min(bin.maxY, upTo) })], bin.off)
}
