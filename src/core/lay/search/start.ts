import { type Field, type Spot } from './field'
import { nearestRung } from './lattice'
import { lowestFree } from './lines'
import { type Shape } from './shape'

/** So many places across a bin are tried beside those at which something is touched. */
const ACROSS = 12

/** Items in the order in which they are laid first: the largest before the rest. */
export function bySize(field: Field): number[] {
  return [...field.items.keys()].sort((a, b) => sizeOf(field, b) - sizeOf(field, a))
}

function sizeOf(field: Field, item: number): number {
  const shape = field.items[item]!.choices.flat()[0]
  return shape ? shape.area : 0
}

/**
 * Lays items one after the other as low as each can lie, the further left the better (bottom-left).
 * @param isPlain each as it is drawn, in the first way it may lie: what the bench compares with
 * @returns those that found no place
 */
export function bottomLeft(field: Field, order: readonly number[], isPlain = false): number[] {
  return order.filter((item) => {
    const spot = lowestSpot(field, item, isPlain)
    if (spot) field.put(item, spot)
    return !spot
  })
}

/** The lowest free place of an item, in the first bin that has one. */
export function lowestSpot(field: Field, item: number, isPlain = false): Spot | undefined {
  for (let bin = 0; bin < field.plan.bins.length; bin++) {
    let best: Spot | undefined
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

function lowestAt(field: Field, item: number, bin: number, shape: Shape, x: number): number {
  const reach = field.reach(item, bin, shape)
  if (!reach) return NaN
  return lowestFree(field, { item, bin, shape, isUpright: true, at: x, from: reach.minY, to: reach.maxY })
}

/** Places across at which the item touches an edge or something that lies already, and some between. */
export function placesAcross(field: Field, item: number, bin: number, shape: Shape): number[] {
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
