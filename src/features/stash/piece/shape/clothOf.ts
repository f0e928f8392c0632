import { boxOf, rectangle, type Box, type Outline } from '@/core/shapes/polygon'
import { type PieceData } from '../types'

type Shaped = Pick<PieceData['piece'], 'outline' | 'flaws' | 'widthMm' | 'lengthMm'>

/** Of a length, so much of it is shown: a long one would be a line, mm. */
const MOST_SHOWN = 4000

/** The cloth itself: its outline, or the rectangle that it is. mm; undefined where its size is not known. */
export function layClothOf({
  outline,
  widthMm,
  lengthMm,
  flaws,
}: Shaped): { points: Outline; holes: Outline[] } | undefined {
  if (outline) return { points: outline.points, holes: outline.holes }
  if (!widthMm || !lengthMm) return undefined
  const far = Math.max(MOST_SHOWN, ...flaws.flat().map(([, y]) => y + 200))
  return { points: rectangle(widthMm, Math.min(lengthMm, far)), holes: [] }
}

/** The box about a flaw by its middle and its size, kept on the cloth. mm */
export function flawAt(cloth: Outline, [x, y]: readonly [number, number], size: readonly [number, number]): Box {
  const edge = boxOf(cloth)
  const [width, length] = [Math.min(size[0], edge.maxX - edge.minX), Math.min(size[1], edge.maxY - edge.minY)]
  const minX = Math.min(Math.max(x - width / 2, edge.minX), edge.maxX - width)
  const minY = Math.min(Math.max(y - length / 2, edge.minY), edge.maxY - length)
  return { minX, minY, maxX: minX + width, maxY: minY + length }
}
