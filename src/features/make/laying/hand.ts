import { borderFault, isOnBorder } from '@/core/lay/border'
import { overlapsOf, snapped } from '@/core/lay/snap'
import { grainAs } from '@/core/lay/grain'
import { type LayTask, type Placement } from '@/core/lay/types'
import { boxOf, moved, type Point } from '@/core/shapes/polygon'
import { type Layers } from '@/core/vocabulary/laying'
import { edgesOf, keyOf, type Fault } from './board'

// Loaded when the first lay is there: it brings the clipping along.

/** How near an edge or a neighbour a piece is drawn to it, mm. */
const SNAPS_MM = 12

/** A piece moved by hand, drawn to what is near. @param isLoose it goes just where it is put */
export function movedBy(
  placements: readonly Placement[],
  key: string,
  [dx, dy]: Point,
  { task, layers, isLoose = false }: { task: LayTask; layers: Layers; isLoose?: boolean },
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

/** What is wrong with pieces as they lie now, by hand or not: one upon another, off the cloth, against the nap. */
export function faultsOn(
  placements: readonly Placement[],
  { task, layers, names }: { task: LayTask; layers: Layers; names: ReadonlyMap<string, string> },
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
  return [
    ...on,
    ...off,
    ...handed(placements, task, names),
    ...againstNap(placements, task, names),
    ...offBorder(placements, task, names),
  ]
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

function offBorder(placements: readonly Placement[], task: LayTask, names: ReadonlyMap<string, string>): Fault[] {
  const { cloth } = task
  if (!cloth?.border) return []
  return placements.flatMap((placement) => {
    const piece = task.pieces.find(({ id }) => id === placement.id)
    const fault = piece && borderFault(piece, placement, cloth)
    return fault ? [{ keys: [keyOf(placement)], words: `${names.get(placement.id) ?? placement.id} ${fault}` }] : []
  })
}

function againstNap(placements: readonly Placement[], task: LayTask, names: ReadonlyMap<string, string>): Fault[] {
  if (!task.cloth?.oneWay) return []
  return placements.flatMap((placement) => {
    const piece = task.pieces.find(({ id }) => id === placement.id)
    // With its foot on a border it lies across: the border says which way round.
    if (!piece || isOnBorder(piece, task.cloth)) return []
    const grain = grainAs(piece.warpDeg, placement.mirrored)
    const off = (((placement.degrees + grain - 90) % 360) + 360) % 360
    const isDown = off > 135 && off < 225
    return isDown
      ? [{ keys: [keyOf(placement)], words: `${names.get(piece.id) ?? piece.id} lies against the nap` }]
      : []
  })
}
