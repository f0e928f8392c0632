import { areaOf, boxOf, moved, turned, type Point } from '@/core/shapes/polygon'
import { type LayTask, type Placement } from '@/core/lay/types'

/** One piece on the board, by its kind and copies. */
export const keyOf = ({ id, copies }: Pick<Placement, 'id' | 'copies'>) => `${id} ${copies.join('+')}`

/** The bounds of the cloth under a piece. */
export function edgesOf(task: LayTask, layers: string, { panel }: Pick<Placement, 'panel'>) {
  if (!task.cloth) {
    const box = boxOf(task.panels!.find(({ id }) => id === panel)!.outline)
    return box
  }
  const { widthMm, selvedgeMm, lengthMm = Infinity } = task.cloth
  const isLengthwise = layers === 'folded-lengthwise'
  return {
    minX: isLengthwise ? 0 : selvedgeMm,
    maxX: isLengthwise ? widthMm / 2 - selvedgeMm : widthMm - selvedgeMm,
    minY: 0,
    maxY: layers === 'folded-crosswise' ? lengthMm / 2 : lengthMm,
  }
}

/** A piece turned head for foot where it lies, about its middle. */
export function turnedOver(placements: readonly Placement[], key: string, isFlipped: boolean): Placement[] {
  return placements.map((placement) => {
    if (keyOf(placement) !== key) return placement
    const { minX, minY, maxX, maxY } = boxOf(placement.polygon)
    const [middleX, middleY] = [(minX + maxX) / 2, (minY + maxY) / 2]
    const about = (points: readonly Point[]) => {
      const local = moved(points, -middleX, -middleY)
      const done = isFlipped ? local.map(([x, y]): Point => [-x, y]) : turned(local, 180)
      return moved(done, middleX, middleY)
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

/** How much of the length is used, mm along the cloth, all layers together. */
export function usedOf(placements: readonly Placement[], layers: string): number {
  const far = Math.max(0, ...placements.map(({ polygon }) => boxOf(polygon).maxY))
  return far * (layers === 'folded-crosswise' ? 2 : 1)
}

/** The share of the cloth used that is in pieces. */
export function densityOf(placements: readonly Placement[], task: LayTask, layers: string): number {
  const area = placements.reduce((sum, { polygon }) => sum + areaOf(polygon), 0)
  const far = Math.max(0, ...placements.map(({ polygon }) => boxOf(polygon).maxY))
  const [first] = placements
  if (!first) return 0
  const { minX, maxX } = edgesOf(task, layers, first)
  const ground = task.cloth
    ? (maxX - minX) * far
    : task.panels!.reduce((sum, { outline }) => sum + areaOf(outline), 0)
  return ground > 0 ? Math.min(1, area / ground) : 0
}
