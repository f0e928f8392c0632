import { borderFault } from '@/core/lay/border'
import { snapPiece } from '@/core/lay/snapPiece'
import { type LayTask, type Placement } from '@/core/lay/types'
import { verifyLayout, type LayoutFaultKind } from '@/core/lay/verify/verifyLayout'
import { movePolygon, type Point } from '@/core/shapes/polygon'
import { type Layers } from '@/core/vocabulary/laying'
import { edgesOf, placementKeyOf, type Fault } from './boardGeometry'
import { itemAt, mustHave } from '@/core/lists/items'

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
    if (placementKeyOf(placement) !== key) return placement
    const polygon = movePolygon(placement.polygon, dx, dy)
    const others = placements.filter((other) => isBeside(other, placement) && placementKeyOf(other) !== key)
    const [snapX, snapY] = isLoose
      ? [0, 0]
      : snapPiece(
          polygon,
          others.map((other) => other.polygon),
          edgesOf(task, layers, placement),
          SNAPS_MM,
        )
    const at: Point = [placement.at[0] + dx + snapX, placement.at[1] + dy + snapY]
    return { ...placement, polygon: movePolygon(polygon, snapX, snapY), at }
  })
}

const isBeside = (a: Placement, b: Placement) => a.panel === b.panel && a.panelCopy === b.panelCopy

/** What is said of each thing that the check finds, after the name of the piece; a second name may follow. */
const SAID: Record<LayoutFaultKind, string> = {
  overlap: 'overlaps',
  gap: 'is too close to',
  edge: 'is off the fabric',
  hole: 'overlaps a hole or a flaw',
  grain: 'is off the grain',
  nap: 'is against the nap',
  fold: 'is not on the fold',
  shape: 'has changed in the pattern since: lay out again',
  border: 'is not placed as the border needs',
}

/** What is wrong with pieces as they lie now, by hand or not: what the check of every layout finds. */
export function faultsOn(
  placements: readonly Placement[],
  { task, layers, names }: { task: LayTask; layers: Layers; names: ReadonlyMap<string, string> },
): Fault[] {
  const name = (i: number) => names.get(itemAt(placements, i).id) ?? itemAt(placements, i).id
  const found = verifyLayout(task, { placements: [...placements], layers })
  // A border says for itself what is wrong with it.
  const own = found.filter(({ kind }) => kind !== 'border')
  return [
    ...own.map(({ kind, placements: [i, j] }) => ({
      keys: [mustHave(i), ...(j === undefined ? [] : [j])].map((at) => placementKeyOf(itemAt(placements, at))),
      words: `${name(mustHave(i))} ${SAID[kind]}${j === undefined ? '' : ` ${name(j)}`}`,
    })),
    ...handed(placements, task, names),
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
    return [{ keys: mine.map(placementKeyOf), words: `${names.get(id) ?? id}: you need a left and a right one` }]
  })
}

function offBorder(placements: readonly Placement[], task: LayTask, names: ReadonlyMap<string, string>): Fault[] {
  const { cloth } = task
  if (!cloth?.border) return []
  return placements.flatMap((placement) => {
    const piece = task.pieces.find(({ id }) => id === placement.id)
    const fault = piece && borderFault(piece, placement, cloth)
    return fault
      ? [{ keys: [placementKeyOf(placement)], words: `${names.get(placement.id) ?? placement.id} ${fault}` }]
      : []
  })
}
