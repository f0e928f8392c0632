import { ON_FOLD } from '../shapes/fold'
import { boxOf, turnPolygon, type Outline, type Point } from '../shapes/polygon'
import { type BorderSide } from '../vocabulary/laying'
import { grainAs } from './grain'
import { type LayCloth, type LayPiece } from './types'
import { itemAt, mustHave } from '../lists/items'

/** Along one edge of the cloth. */
export type Edge = Exclude<BorderSide, 'both'>

/** An edge of a foot that is steeper than this is a side, degrees from level. */
const STEEP = 50

/** A piece lying no nearer to where it should is off it, mm. */
const OFF_BY = 1

/** The edges that a border runs along. */
export function edgesWith(side: BorderSide): readonly Edge[] {
  return side === 'both' ? ['left', 'right'] : [side]
}

/** Whether a piece is laid with its foot on this cloth’s border. */
export function isOnBorder(piece: Pick<LayPiece, 'onBorder'>, cloth: LayCloth | undefined): boolean {
  return piece.onBorder === true && cloth?.border !== undefined
}

/** How a piece is turned from its drawing so that its foot lies at an edge, degrees. */
export function footTurn(warpDeg: number, isMirrored: boolean, edge: Edge): number {
  return (edge === 'left' ? 0 : 180) - grainAs(warpDeg, isMirrored)
}

/** Where feet lie, and between what all other pieces lie, mm across. */
export interface BorderLines {
  left: number
  right: number
  clearMinX: number
  clearMaxX: number
}

/** Of a cloth that has a border; undefined of any other. @param edges between what pieces lie at all */
export function borderLines(cloth: LayCloth, edges: { minX: number; maxX: number }): BorderLines | undefined {
  const { border, widthMm } = cloth
  if (!border) return undefined
  const at = edgesWith(border.side)
  const clear = (edge: Edge) => border.isKeptClear && at.includes(edge)
  return {
    left: Math.max(edges.minX, border.footMm),
    right: Math.min(edges.maxX, widthMm - border.footMm),
    clearMinX: clear('left') ? Math.max(edges.minX, border.reachMm) : edges.minX,
    clearMaxX: clear('right') ? Math.min(edges.maxX, widthMm - border.reachMm) : edges.maxX,
  }
}

/** What is wrong with a piece as it lies, for the border. @returns in words, after the piece’s name */
export function borderFault(
  piece: Pick<LayPiece, 'onBorder' | 'warpDeg'>,
  lies: { polygon: Outline; degrees: number; mirrored: boolean },
  cloth: LayCloth,
): string | undefined {
  const lines = borderLines(cloth, { minX: cloth.selvedgeMm, maxX: cloth.widthMm - cloth.selvedgeMm })
  if (!lines) return undefined
  const { minX, maxX } = boxOf(lies.polygon)
  if (!piece.onBorder) {
    const isOn = minX < lines.clearMinX - OFF_BY || maxX > lines.clearMaxX + OFF_BY
    return isOn ? 'overlaps the border' : undefined
  }
  const isThere = edgesWith(mustHave(cloth.border).side).some((edge) => {
    const off = Math.abs((edge === 'left' ? minX : maxX) - lines[edge])
    const turned = footTurn(piece.warpDeg, lies.mirrored, edge) - lies.degrees
    return off <= OFF_BY && Math.abs(Math.sin((turned * Math.PI) / 360)) < 0.01
  })
  return isThere ? undefined : 'does not have its bottom edge on the border'
}

/** The lowest edge of a piece as it is worn: its hem. mm */
export interface BorderFoot {
  /** How far its ends stand above its lowest place: so far a straight border runs off it. */
  bowMm: number
  widthMm: number
}

/** What lies about the lowest place of a piece, along its grain, up to where it becomes too steep to be a hem. */
export function footOf({ outline, warpDeg, onFold }: Pick<LayPiece, 'outline' | 'warpDeg' | 'onFold'>): BorderFoot {
  const worn = turnPolygon(outline, 90 - warpDeg)
  const n = worn.length
  const isFold = (i: number) => onFold && Math.abs(itemAt(outline, i)[0]) <= ON_FOLD
  const lowest = worn.reduce((best, [, y], i) => (y < itemAt(worn, best)[1] ? i : best), 0)
  const reached = (step: 1 | -1): Point[] => {
    const found: Point[] = []
    for (let i = lowest, k = 1; k < n; k++) {
      const next = (i + step + n) % n
      const [[fromX, fromY], [toX, toY]] = [itemAt(worn, i), itemAt(worn, next)]
      const slope = (Math.atan2(Math.abs(toY - fromY), Math.abs(toX - fromX)) * 180) / Math.PI
      if ((isFold(i) && isFold(next)) || slope > STEEP) break
      found.push(itemAt(worn, next))
      i = next
    }
    return found
  }
  const foot = [itemAt(worn, lowest), ...reached(1), ...reached(-1)]
  const { minX, maxX, minY, maxY } = boxOf(foot)
  return { bowMm: maxY - minY, widthMm: (maxX - minX) * (onFold ? 2 : 1) }
}

/** A foot this wide, mm, and this little curved for its width, is worth a border. */
const WORTH_MM = 200
const WORTH_BOW = 0.06

/** Which pieces are laid on a border where nobody said: those with a wide foot that is as good as straight. */
export function likelyOnBorder(pieces: readonly LayPiece[]): string[] {
  return pieces.flatMap((piece) => {
    const { bowMm, widthMm } = footOf(piece)
    return !piece.bias && widthMm >= WORTH_MM && bowMm <= WORTH_BOW * widthMm ? [piece.id] : []
  })
}
