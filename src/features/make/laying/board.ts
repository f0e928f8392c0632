import { areaOf, boxOf, moved, turned, type Point } from '@/core/shapes/polygon'
import { overlapsOf, snapped } from '@/core/lay/snap'
import { type LayTask, type Placement } from '@/core/lay/types'

/** One piece on the board, by its kind and copies. */
export const keyOf = ({ id, copies }: Pick<Placement, 'id' | 'copies'>) => `${id} ${copies.join('+')}`

/** How near an edge or a neighbour a piece is drawn to it, mm. */
const SNAPS_MM = 12

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

/** A piece moved by hand, drawn to what is near. @param isLoose it goes just where it is put */
export function movedBy(
  placements: readonly Placement[],
  key: string,
  [dx, dy]: Point,
  { task, layers, isLoose = false }: { task: LayTask; layers: string; isLoose?: boolean },
): Placement[] {
  return placements.map((placement) => {
    if (keyOf(placement) !== key) return placement
    const polygon = moved(placement.polygon, dx, dy)
    const others = placements.filter((other) => isBeside(other, placement) && keyOf(other) !== key)
    const [snapX, snapY] = isLoose
      ? [0, 0]
      : snapped(
          polygon,
          others.map((other) => other.polygon),
          edgesOf(task, layers, placement),
          SNAPS_MM,
        )
    const at: Point = [placement.at[0] + dx + snapX, placement.at[1] + dy + snapY]
    return { ...placement, polygon: moved(polygon, snapX, snapY), at }
  })
}

const isBeside = (a: Placement, b: Placement) => a.panel === b.panel && a.panelCopy === b.panelCopy

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

/** What is wrong with pieces as they lie now, by hand or not: one upon another, off the cloth, against the nap. */
export function faultsOn(
  placements: readonly Placement[],
  { task, layers, names }: { task: LayTask; layers: string; names: ReadonlyMap<string, string> },
): Fault[] {
  const name = (i: number) => names.get(placements[i]!.id) ?? placements[i]!.id
  const on = overlapsOf(placements).map(([i, j]) => ({
    keys: [keyOf(placements[i]!), keyOf(placements[j]!)],
    words: `${name(i)} lies on ${name(j)}`,
  }))
  const off = placements.flatMap((placement, i) => {
    const { minX, minY, maxX, maxY } = boxOf(placement.polygon)
    const edges = edgesOf(task, layers, placement)
    const isOff =
      minX < edges.minX - 0.5 || maxX > edges.maxX + 0.5 || minY < -0.5 + edges.minY || maxY > edges.maxY + 0.5
    return isOff ? [{ keys: [keyOf(placement)], words: `${name(i)} is off the cloth` }] : []
  })
  return [...on, ...off, ...handed(placements, task, names), ...againstNap(placements, task, names)]
}

/** A pair that was turned over by hand till both were of one hand. */
function handed(placements: readonly Placement[], task: LayTask, names: ReadonlyMap<string, string>): Fault[] {
  return task.pieces.flatMap(({ id, pair, count }) => {
    const mine = placements.filter((placement) => placement.id === id && placement.copies.length === 1)
    if (!pair || mine.length < count) return []
    const over = mine.filter(({ mirrored }) => mirrored).length
    if (over === count / 2) return []
    return [{ keys: mine.map(keyOf), words: `${names.get(id) ?? id}: there must be one of each hand` }]
  })
}

function againstNap(placements: readonly Placement[], task: LayTask, names: ReadonlyMap<string, string>): Fault[] {
  if (!task.cloth?.oneWay) return []
  return placements.flatMap((placement) => {
    const piece = task.pieces.find(({ id }) => id === placement.id)
    if (!piece) return []
    const grain = placement.mirrored ? 180 - piece.warpDeg : piece.warpDeg
    const off = (((placement.degrees + grain - 90) % 360) + 360) % 360
    const isDown = off > 135 && off < 225
    return isDown
      ? [{ keys: [keyOf(placement)], words: `${names.get(piece.id) ?? piece.id} lies against the nap` }]
      : []
  })
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
