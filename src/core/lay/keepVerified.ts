import { movePolygon } from '../shapes/polygon'
import { lengthsTaken } from '../vocabulary/laying'
import { type FieldSpot } from './search/field'
import { type LayItems } from './search/items'
import { type LayTask, type Placement } from './types'
import { verifyLayout } from './verify/verifyLayout'
import { itemAt, mustHave } from '../lists/items'

/** A lay as the search has it. */
export interface LaidPieces {
  plan: LayItems
  spots: readonly FieldSpot[]
  /** mm along the strip as it is folded */
  bound: number
}

const NOT_VERIFIED = 'the place found for it did not pass our check'

/** What lies somewhere, by the number of its item. */
export function placementsOf({
  plan,
  spots,
}: Pick<LaidPieces, 'plan' | 'spots'>): { item: number; placement: Placement }[] {
  return plan.items.flatMap(({ id, copies }, item) => {
    const { bin, shape, x, y } = itemAt(spots, item)
    const on = plan.bins[bin]
    if (!on) return []
    const placement: Placement = {
      id,
      copies: [...copies],
      panel: on.panel,
      panelCopy: on.panelCopy,
      mirrored: shape.isMirrored,
      polygon: movePolygon(shape.outline, x, y),
      degrees: shape.degrees,
      at: [x, y],
    }
    return [{ item, placement }]
  })
}

/**
 * The layout without whatever fails the check (`verifyLayout`). A piece that fails goes behind all others where the
 * fabric has room for that; else it is reported as not placed. No layout is told without this.
 */
export function keepVerified(task: LayTask, laid: LaidPieces): LaidPieces {
  const { plan } = laid
  const spots = laid.spots.map((spot) => ({ ...spot }))
  const refused = new Map<number, number>()
  for (;;) {
    const placed = placementsOf({ plan, spots })
    const faults = verifyLayout(task, { placements: placed.map(({ placement }) => placement), layers: plan.layers })
    if (faults.length === 0) return { ...laid, plan: withReasons(plan, spots, refused), spots }
    const worst = worstOf(faults.map(({ placements }) => placements.map((i) => itemAt(placed, i).item)))
    const times = (refused.get(worst) ?? 0) + 1
    refused.set(worst, times)
    const behind = times === 1 ? spotBehind(task, plan, spots, worst) : undefined
    spots[worst] = behind ?? { ...itemAt(spots, worst), bin: -1 }
  }
}

/** The item that is in most faults; of several the one that was laid last. */
function worstOf(faults: readonly (readonly number[])[]): number {
  const counts = new Map<number, number>()
  for (const item of faults.flat()) counts.set(item, (counts.get(item) ?? 0) + 1)
  const most = Math.max(...counts.values())
  return Math.max(...[...counts].flatMap(([item, count]) => (count === most ? [item] : [])))
}

/** A place behind all that lies on a plain length of fabric. */
function spotBehind({ cloth, gapMm, match }: LayTask, plan: LayItems, spots: readonly FieldSpot[], item: number) {
  const [bin] = plan.bins
  const { shape } = itemAt(spots, item)
  const isPlain = cloth !== undefined && !cloth.border && mustHave(bin).off.length === 0 && match.length === 0
  if (!isPlain || itemAt(plan.items, item).onFold === 'y') return undefined
  const far = Math.max(0, ...spots.map((spot, i) => (i === item || spot.bin < 0 ? 0 : spot.y + spot.shape.box.maxY)))
  const y = far + gapMm - shape.box.minY
  const end = cloth.lengthMm === undefined ? Infinity : cloth.lengthMm / lengthsTaken(plan.layers)
  const isRoom =
    y + shape.box.maxY <= end && shape.box.maxX - shape.box.minX <= mustHave(bin).maxX - mustHave(bin).minX
  return isRoom ? { bin: 0, shape, x: mustHave(bin).minX - shape.box.minX, y } : undefined
}

function withReasons(plan: LayItems, spots: readonly FieldSpot[], refused: ReadonlyMap<number, number>): LayItems {
  if (refused.size === 0) return plan
  const items = plan.items.map((item, i) =>
    refused.has(i) && itemAt(spots, i).bin < 0 ? { ...item, why: NOT_VERIFIED } : item,
  )
  return { ...plan, items }
}
