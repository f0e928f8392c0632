import { type PlacementField, type FieldSpot } from './field'
import { nearestRung } from './lattice'
import { lowestFree } from './lines'
import { separate, type Effort } from './separate'

/** How much shorter is tried for, as a share: at first, at most and at least. */
const FIRST_STEP = 0.03
const MOST_STEP = 0.06
const LEAST_STEP = 0.0015
/** So near the lower bound nothing is left to win, mm. */
const NEAR_BOUND = 0.05
/** Failures in a row, after which two pieces change places before it is tried again. */
const STUCK = 2
/**
 * Failures in a row, after which it is mostly tried far shorter, anywhere down to the bound: another order of the
 * pieces is a leap away, no step. Sooner it costs more than it finds where the bound is out of reach.
 */
const LEAPS_AFTER = 8
const LEAPS = 0.7
/** How often, then, all are scattered, and how often it goes on from what failed last. */
const SCATTERED = 0.3
const FROM_STUCK = 0.3

/**
 * Makes a legal lay shorter: the cloth is cut off a little below what is used, what stuck out is pushed back in, and
 * the pieces are parted again; over and over, till the effort is spent or the bound is reached.
 * @param field legal, everything on one strip; @param bound no lay is shorter, mm
 * @returns nothing; yields true each time that it has become shorter, and false between
 */
export function* squeeze(
  field: PlacementField,
  bound: number,
  chance: () => number,
  effort: Effort,
): Generator<boolean, void> {
  compact(field, effort)
  let best = field.copy()
  let length = field.length()
  let step = FIRST_STEP
  let failures = 0
  let stuck = best
  yield true
  while (length > bound + NEAR_BOUND && !effort.spend()) {
    field.restore(best)
    if (failures >= STUCK) disturb(field, stuck, chance)
    const least = Math.max(bound, length * (1 - step))
    const isLeap = failures >= LEAPS_AFTER && chance() < LEAPS
    field.limit = isLeap ? bound + (least - bound) * chance() : least
    field.resetWeights()
    if (!pushIn(field)) {
      if (step <= LEAST_STEP) break
      step = Math.max(LEAST_STEP, step / 2)
      continue
    }
    if (yield* separate(field, chance, effort)) {
      compact(field, effort)
      best = field.copy()
      length = field.length()
      step = Math.min(MOST_STEP, step * 1.3)
      failures = 0
      yield true
    } else {
      step = Math.max(LEAST_STEP, step * 0.6)
      failures++
      stuck = field.copy()
    }
  }
  field.limit = Infinity
  field.restore(best)
}

/** Moves what sticks out at the end back onto the cloth. @returns false where something no longer fits at all */
function pushIn(field: PlacementField): boolean {
  return field.items.every((_, item) => {
    const spot = field.spots[item]!
    if (field.held.has(item) || spot.bin < 0) return true
    const other = [spot.shape, ...field.items[item]!.choices[spot.bin]!]
      .map((shape) => clamped(field, item, { ...spot, shape }))
      .find((found) => found !== undefined)
    if (other) field.put(item, other)
    return other !== undefined
  })
}

/** The nearest place to a spot at which the item is on the cloth. */
function clamped(field: PlacementField, item: number, spot: FieldSpot): FieldSpot | undefined {
  const reach = field.reach(item, spot.bin, spot.shape)
  if (!reach) return undefined
  const lattice = field.lattice(item, spot.shape)
  const x = nearestRung(lattice.x, spot.x, reach.minX, reach.maxX)
  const y = nearestRung(lattice.y, spot.y, reach.minY, reach.maxY)
  return Number.isNaN(x) || Number.isNaN(y) ? undefined : { ...spot, x, y }
}

/** Leads out of where it is stuck: two pieces change places, in the best lay or in the last that failed, or all do. */
function disturb(field: PlacementField, stuck: readonly FieldSpot[], chance: () => number): void {
  const way = chance()
  if (way < SCATTERED) return scatter(field, chance)
  if (way < SCATTERED + FROM_STUCK) field.restore(stuck)
  swapTwo(field, chance)
}

/** Everything anywhere. */
function scatter(field: PlacementField, chance: () => number): void {
  const width = field.plan.bins[0]!.maxX
  const length = field.length()
  field.items.forEach((_, item) => {
    if (field.held.has(item) || field.spots[item]!.bin < 0) return
    const spot = { ...field.spots[item]!, x: chance() * width, y: chance() * length }
    field.put(item, clamped(field, item, spot) ?? field.spots[item]!)
  })
}

/** Two items change places, about their middles. */
function swapTwo(field: PlacementField, chance: () => number): void {
  const free = [...field.items.keys()].filter((item) => !field.held.has(item) && field.spots[item]!.bin >= 0)
  // Of three drawn the largest: moving something small changes little.
  const draw = () =>
    [0, 0, 0]
      .map(() => free[Math.floor(chance() * free.length)]!)
      .reduce((a, b) => (field.spots[a]!.shape.area >= field.spots[b]!.shape.area ? a : b))
  const [one, other] = [draw(), draw()]
  if (one === undefined || one === other) return
  const [a, b] = [field.spots[one]!, field.spots[other]!]
  const [middleA, middleB] = [middleOf(a), middleOf(b)]
  const swapped = [
    [one, { ...a, bin: b.bin, x: a.x + middleB[0] - middleA[0], y: a.y + middleB[1] - middleA[1] }],
    [other, { ...b, bin: a.bin, x: b.x + middleA[0] - middleB[0], y: b.y + middleA[1] - middleB[1] }],
  ] as const
  const places = swapped.map(([item, spot]) => clamped(field, item, spot))
  if (places.every((place) => place !== undefined)) swapped.forEach(([item], i) => field.put(item, places[i]!))
}

function middleOf({ shape, x, y }: FieldSpot): [number, number] {
  const { minX, maxX, minY, maxY } = shape.box
  return [x + (minX + maxX) / 2, y + (minY + maxY) / 2]
}

/** Lets everything fall towards the start of the cloth, and to the left, as far as it goes. */
function compact(field: PlacementField, effort: Effort): void {
  for (let round = 0; round < 3; round++) {
    const order = [...field.items.keys()]
      .filter((item) => !field.held.has(item) && field.spots[item]!.bin >= 0)
      .sort(
        (a, b) =>
          field.spots[a]!.y + field.spots[a]!.shape.box.minY - field.spots[b]!.y - field.spots[b]!.shape.box.minY,
      )
    const moves = order.map((item) => (effort.spend() ? 0 : fall(field, item, true) + fall(field, item, false)))
    if (moves.every((by) => by < 0.1)) return
  }
}

/** @returns by how much it fell, mm */
function fall(field: PlacementField, item: number, isUpright: boolean): number {
  const { bin, shape, x, y } = field.spots[item]!
  const reach = field.reach(item, bin, shape)
  if (!reach) return 0
  const line = isUpright
    ? { at: x, from: reach.minY, to: Math.min(y, reach.maxY) }
    : { at: y, from: reach.minX, to: Math.min(x, reach.maxX) }
  const place = lowestFree(field, { item, bin, shape, isUpright, ...line })
  const now = isUpright ? y : x
  if (Number.isNaN(place) || place >= now) return 0
  if (field.badness(item, bin, shape, isUpright ? x : place, isUpright ? place : y) > 0) return 0
  field.put(item, { bin, shape, x: isUpright ? x : place, y: isUpright ? place : y })
  return now - place
}
