import { type LayAnswer, type LayPiece, type LayTask, type Placement } from '../types'

/** Angles that differ by less are one, degrees. */
const SAME_ANGLE = 0.05
/** Turned by more than this from where its head should point, a piece lies against the nap, not off the grain. */
const UPSIDE_DOWN = 135

/** What is wrong with the direction of a piece's grain on the fabric, if anything is. */
export function grainFault(
  task: LayTask,
  piece: LayPiece,
  layers: LayAnswer['layers'],
  placement: Placement,
): 'grain' | 'nap' | undefined {
  // The border says which way these lie.
  if (task.cloth?.border && piece.onBorder) return undefined
  const isOneWay = task.cloth?.oneWay === true
  if (piece.turn === 'any' && !isOneWay) return undefined
  const off = offGrain(task, piece, placement)
  const isAcrossFold = piece.onFold && layers === 'folded-crosswise'
  const ways = piece.bias ? [45, -45] : piece.crosswise ? [0, 90, -90] : [0]
  // A grain across the fold runs both ways from it.
  const canTurn = isAcrossFold || (piece.turn !== 'none' && !isOneWay)
  const allowed = ways.flatMap((way) => (canTurn ? [way, way + 180] : [way]))
  if (allowed.some((way) => between(off, way) <= piece.toleranceDeg + SAME_ANGLE)) return undefined
  return isOneWay && between(off, 0) > UPSIDE_DOWN ? 'nap' : 'grain'
}

/** How far the piece's grain is turned from the warp, degrees. */
function offGrain(task: LayTask, { warpDeg }: LayPiece, { mirrored, degrees, panel }: Placement): number {
  const grain = (mirrored ? 180 - warpDeg : warpDeg) + degrees
  const warp = task.cloth
    ? 90 + (task.cloth.leanDeg ?? 0)
    : (task.panels?.find(({ id }) => id === panel)?.warpDeg ?? 90)
  return grain - warp
}

/** Between two directions, 0 to 180 degrees. */
function between(one: number, other: number): number {
  const off = (((one - other) % 360) + 360) % 360
  return Math.min(off, 360 - off)
}
