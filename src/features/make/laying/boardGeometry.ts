import { edgesWith } from '@/core/lay/border'
import {
  areaOf,
  boxOutline,
  boxOf,
  movePolygon,
  turnPolygon,
  type Box,
  type Outline,
  type Point,
} from '@/core/shapes/polygon'
import { stripEdges } from '@/core/lay/strip'
import { type LayCloth, type LayTask, type Placement } from '@/core/lay/types'
import { lengthsTaken, type Layers } from '@/core/vocabulary/laying'
import { mustHave } from '@/core/lists/items'

/** One piece on the board, by its kind and copies. */
export const placementKeyOf = ({ id, copies }: Pick<Placement, 'id' | 'copies'>) => `${id} ${copies.join('+')}`

/** The bounds of the cloth under a piece. */
export function edgesOf(task: LayTask, layers: Layers, { panel }: Pick<Placement, 'panel'>): Box {
  if (task.cloth) return stripEdges(task.cloth, layers)
  return boxOf(mustHave(mustHave(task.panels).find(({ id }) => id === panel)).outline)
}

/** A border print, as far as it reaches in. */
export function bandsOf({ border, widthMm }: LayCloth, length: number): Outline[] {
  if (!border) return []
  const { reachMm } = border
  return edgesWith(border.side).map((edge) => {
    const minX = edge === 'left' ? 0 : widthMm - reachMm
    return boxOutline({ minX, maxX: minX + reachMm, minY: 0, maxY: length })
  })
}

/** A piece turned head for foot where it lies, about its middle. */
export function turnedOver(placements: readonly Placement[], key: string, isFlipped: boolean): Placement[] {
  return placements.map((placement) => {
    if (placementKeyOf(placement) !== key) return placement
    const { minX, minY, maxX, maxY } = boxOf(placement.polygon)
    const [middleX, middleY] = [(minX + maxX) / 2, (minY + maxY) / 2]
    const about = (points: readonly Point[]) => {
      const local = movePolygon(points, -middleX, -middleY)
      const done = isFlipped ? local.map(([x, y]): Point => [-x, y]) : turnPolygon(local, 180)
      return movePolygon(done, middleX, middleY)
    }
    const [at] = about([placement.at]) as [Point]
    const degrees = isFlipped ? (360 - placement.degrees) % 360 : (placement.degrees + 180) % 360
    const mirrored = isFlipped ? !placement.mirrored : placement.mirrored
    return { ...placement, polygon: about(placement.polygon), at, degrees, mirrored }
  })
}

export interface Fault {
  keys: string[]
  words: string
}

/** How far along the cloth, as it is folded, the pieces reach. mm */
function farOf(placements: readonly Placement[]): number {
  return Math.max(0, ...placements.map(({ polygon }) => boxOf(polygon).maxY))
}

/** How much of the length is used, mm along the cloth, all layers together. */
export function usedOf(placements: readonly Placement[], layers: Layers): number {
  return farOf(placements) * lengthsTaken(layers)
}

/** The share of the cloth used that is in pieces. */
export function densityOf(placements: readonly Placement[], task: LayTask, layers: Layers): number {
  const area = placements.reduce((sum, { polygon }) => sum + areaOf(polygon), 0)
  const [first] = placements
  if (!first) return 0
  const { minX, maxX } = edgesOf(task, layers, first)
  const ground = task.cloth
    ? (maxX - minX) * farOf(placements)
    : mustHave(task.panels).reduce((sum, { outline }) => sum + areaOf(outline), 0)
  return ground > 0 ? Math.min(1, area / ground) : 0
}
