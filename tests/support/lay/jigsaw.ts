import { areaOf, boxOf, movePolygon, rectangle, tidyOutline, type Outline, type Point } from '@/core/shapes/polygon'
import { type LayPiece } from '@/core/lay/types'

/** A rectangle cut into so many pieces by straight and stepped cuts: the least length it takes is known. */
export function jigsaw(width: number, length: number, count: number, chance: () => number): LayPiece[] {
  let parts: Outline[] = [rectangle(width, length)]
  while (parts.length < count) {
    const [largest, ...rest] = [...parts].sort((a, b) => areaOf(b) - areaOf(a))
    parts = [...rest, ...halves(largest!, chance)]
  }
  return parts.map((part, i) => {
    const { minX, minY } = boxOf(part)
    return plainPiece(`piece ${i + 1}`, movePolygon(part, -minX, -minY))
  })
}

export function plainPiece(id: string, outline: Outline, rest: Partial<LayPiece> = {}): LayPiece {
  return {
    id,
    outline,
    count: 1,
    pair: false,
    onFold: false,
    warpDeg: 90,
    toleranceDeg: 0,
    turn: 'none',
    crosswise: false,
    bias: false,
    notches: [],
    ...rest,
  }
}

/** A convex part in two by a slanting cut through its middle. */
function halves(part: Outline, chance: () => number): [Point[], Point[]] {
  const { minX, minY, maxX, maxY } = boxOf(part)
  const isWide = maxX - minX > maxY - minY
  const angle = (isWide ? Math.PI / 2 : 0) + (chance() - 0.5) * 1.2
  const middle = [(minX + maxX) / 2 + (chance() - 0.5) * 0.2 * (maxX - minX), (minY + maxY) / 2] as const
  const normal = [-Math.sin(angle), Math.cos(angle)] as const
  const side = ([x, y]: Point) => (x - middle[0]) * normal[0] + (y - middle[1]) * normal[1]
  return [cut(part, side), cut(part, (at) => -side(at))]
}

function cut(part: Outline, side: (at: Point) => number): Point[] {
  const kept = part.flatMap((at, i): Point[] => {
    const next = part[(i + 1) % part.length]!
    const [here, there] = [side(at), side(next)]
    const own: Point[] = here >= 0 ? [at] : []
    if (here >= 0 === there >= 0) return own
    const share = here / (here - there)
    return [...own, [at[0] + (next[0] - at[0]) * share, at[1] + (next[1] - at[1]) * share]]
  })
  return tidyOutline(kept)
}
