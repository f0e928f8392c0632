import { type PlacementField, type FieldSpot } from './field'
import { nearestRung } from './lattice'
import { lowestFree } from './lines'
import { type Shape } from './shape'

/** So many places across a bin are tried beside those at which something is touched. */
const ACROSS = 12

/** Items in the order in which they are laid first: the largest before the rest. */
export function bySize(field: PlacementField): number[] {
  return [...field.items.keys()].sort((a, b) => sizeOf(field, b) - sizeOf(field, a))
}

function sizeOf(field: PlacementField, item: number): number {
  const shape = field.items[item]!.choices.flat()[0]
  return shape ? shape.area : 0
}

/**
 * Lays items one after the other as low as each can lie, the further left the better (bottom-left).
 * @param isPlain each as it is drawn, in the first way it may lie: what the bench compares with
 * @param isOver once it is, the rest is not looked at
 * @returns those that found no place, and those that there was no time for; yields after each item
 */
export function* bottomLeft(
  field: PlacementField,
  order: readonly number[],
  { isPlain = false, isOver = () => false }: { isPlain?: boolean; isOver?: () => boolean } = {},
): Generator<void, { homeless: number[]; waiting: number[] }> {
  const homeless: number[] = []
  for (let i = 0; i < order.length; i++) {
    if (isOver()) return { homeless, waiting: order.slice(i) }
    const item = order[i]!
    const spot = lowestSpot(field, item, isPlain)
    if (spot) field.put(item, spot)
    else homeless.push(item)
    yield
  }
  return { homeless, waiting: [] }
}

/**
 * Lays items in rows by the boxes about them, above all that lies already: no better than it looks, but at once.
 * @returns those that found no place; none is laid where repeats have to agree, cloth is out of use
 * or has a border
 */
export function inRows(field: PlacementField, order: readonly number[], gapMm: number): number[] {
  const [bin] = field.plan.bins
  const isPlain =
    field.plan.bins.length === 1 &&
    bin!.off.length === 0 &&
    !bin!.border &&
    field.lattices.every(({ size }) => size === 0)
  if (!isPlain) return [...order]
  let [x, y, height] = [bin!.minX, field.length() > 0 ? field.length() + gapMm : bin!.minY, 0]
  return order.filter((item) => {
    const shape = field.items[item]!.choices[0]!.find((one) => field.reach(item, 0, one))
    const fold = field.items[item]!.onFold
    if (!shape || fold === 'y') return true
    const { minX, maxX, minY, maxY } = shape.box
    if (x + maxX - minX > bin!.maxX + 1e-6 || (fold === 'x' && x > bin!.minX)) {
      ;[x, y, height] = [bin!.minX, y + height + gapMm, 0]
    }
    if (y + maxY - minY > Math.min(bin!.maxY, field.limit)) return true
    field.put(item, { bin: 0, shape, x: x - minX, y: y - minY })
    x += maxX - minX + gapMm
    height = Math.max(height, maxY - minY)
    return false
  })
}

/** The lowest free place of an item, in the first bin that has one. */
function lowestSpot(field: PlacementField, item: number, isPlain = false): FieldSpot | undefined {
  for (let bin = 0; bin < field.plan.bins.length; bin++) {
    let best: FieldSpot | undefined
    let bestTop = Infinity
    const choices = field.items[item]!.choices[bin]!
    for (const shape of isPlain ? choices.slice(0, 1) : choices) {
      for (const x of placesAcross(field, item, bin, shape)) {
        const y = lowestAt(field, item, bin, shape, x)
        const top = y + shape.box.maxY
        if (top < bestTop - 1e-6) [best, bestTop] = [{ bin, shape, x, y }, top]
      }
    }
    if (best) return best
  }
  return undefined
}

function lowestAt(field: PlacementField, item: number, bin: number, shape: Shape, x: number): number {
  const reach = field.reach(item, bin, shape)
  if (!reach) return NaN
  return lowestFree(field, { item, bin, shape, isUpright: true, at: x, from: reach.minY, to: reach.maxY })
}

/** Places across at which the item touches an edge or something that lies already, and some between. */
function placesAcross(field: PlacementField, item: number, bin: number, shape: Shape): number[] {
  const reach = field.reach(item, bin, shape)
  if (!reach) return []
  const { minX, maxX } = reach
  const places = [minX, maxX]
  for (let i = 1; i < ACROSS; i++) places.push(minX + ((maxX - minX) * i) / ACROSS)
  const off = field.noFitOff(bin, shape)
  if (off) for (const x of off.x) places.push(x)
  field.spots.forEach((spot, other) => {
    if (other === item || spot.bin !== bin) return
    const noFit = field.noFit(spot.shape, shape)
    places.push(spot.x + noFit.minX, spot.x + noFit.maxX)
  })
  const { x: rungs } = field.lattice(item, shape)
  const within = places.filter((x) => x >= minX && x <= maxX).map((x) => nearestRung(rungs, x, minX, maxX))
  return [...new Set(within)].filter((x) => !Number.isNaN(x)).sort((a, b) => a - b)
}
