import { type PlacementField, type FieldSpot } from './field'
import { nearestRung, type Lattice, type Rungs } from './lattice'
import { lookAlong, stretchFrom, stretchTo, stretchWeight, type SearchLine } from './lines'
import { type Shape } from './shape'

/** Lines that are looked along for each item that is to move, upright and level. */
const LINES = 4
/** A place may be so much worse than where the item lies, before it is settled. */
const WORSE_AT_FIRST = 1.5
/** Stretches that weigh so little more than the freest count as free as it. */
const SAME_WEIGHT = 1.0001
/** How finely a place is settled, mm. */
const FINEST = 0.1
/** The first step to the side, mm; and a step counts as better where it takes at least this much off. */
const FIRST_HOP = 20
const ENOUGH_BETTER = 0.999
/** How far a place may be from where the item lies, as a share of the bin’s width, when it looks near by. */
const NEAR = 0.08

/**
 * Where an item would lie better than it does: looked for along lines through places near by, at random and at the
 * edges of others; the best is settled.
 * @returns undefined where nothing better was found
 */
export function betterSpot(field: PlacementField, item: number, chance: () => number): FieldSpot | undefined {
  const now = field.spots[item]!
  const isPlaced = now.bin >= 0
  const bad = isPlaced ? field.badness(item, now.bin, now.shape, now.x, now.y) : Infinity
  let best: { spot: FieldSpot; bad: number } | undefined
  const note = (spot: FieldSpot) => {
    const bound = best?.bad ?? bad * WORSE_AT_FIRST
    const value = field.badness(item, spot.bin, spot.shape, spot.x, spot.y, bound)
    if (value <= bound) best = { spot, bad: value }
  }
  for (let i = 0; i < 2 * LINES && best?.bad !== 0; i++) {
    for (const spot of alongLine(field, item, i, chance)) note(spot)
  }
  if (isPlaced) note(now)
  const settled = best && settle(field, item, best.spot, best.bad)
  return settled && settled.bad < bad ? settled.spot : undefined
}

/** Candidates along one line: the ends of its freest stretches, and a place between. */
function alongLine(field: PlacementField, item: number, i: number, chance: () => number): FieldSpot[] {
  const isUpright = i % 2 === 0
  const now = field.spots[item]!
  const { choices } = field.items[item]!
  const bins = field.plan.bins.length
  const bin = bins === 1 ? 0 : now.bin >= 0 && chance() < 0.6 ? now.bin : Math.floor(chance() * bins)
  const shapes = choices[bin]!
  const isSame = now.bin === bin && (i < 4 || chance() < 0.5) && shapes.includes(now.shape)
  const shape = isSame ? now.shape : shapes[Math.floor(chance() * shapes.length)]
  const reach = shape && field.reach(item, bin, shape)
  if (!reach) return []
  const lattice = field.lattice(item, shape)
  const [low, high] = isUpright ? [reach.minX, reach.maxX] : [reach.minY, reach.maxY]
  const at = nearestRung(isUpright ? lattice.x : lattice.y, across(), low, high)
  if (Number.isNaN(at)) return []
  const [from, to] = isUpright ? [reach.minY, reach.maxY] : [reach.minX, reach.maxX]
  const line: SearchLine = { item, bin, shape, isUpright, at, from, to }
  return freest(field, line, lattice, isUpright ? now.y : now.x, chance)

  function across(): number {
    const own = isUpright ? now.x : now.y
    if (i < 2 && now.bin === bin) return own
    const way = chance()
    if (way < 0.35 && now.bin === bin) return own + (chance() + chance() - 1) * NEAR * (high - low + 200)
    if (way < 0.7) return touching(field, item, { bin, shape: shape!, isUpright }, chance) ?? low
    return low + chance() * (high - low)
  }
}

/** A place on the axis at which the item touches an edge of another’s reach. */
function touching(
  field: PlacementField,
  item: number,
  { bin, shape, isUpright }: { bin: number; shape: Shape; isUpright: boolean },
  chance: () => number,
): number | undefined {
  const other = Math.floor(chance() * field.items.length)
  const spot = field.spots[other]!
  if (other === item || spot.bin !== bin) return undefined
  const noFit = field.noFit(spot.shape, shape)
  const corner = Math.floor(chance() * noFit.count)
  return isUpright ? spot.x + noFit.x[corner]! : spot.y + noFit.y[corner]!
}

/** Places on the freest stretches of a line: nearest to where the item lies, and at both ends of another. */
function freest(
  field: PlacementField,
  line: SearchLine,
  lattice: Lattice,
  near: number,
  chance: () => number,
): FieldSpot[] {
  const count = lookAlong(field, line)
  let least = Infinity
  for (let i = 0; i < count; i++) least = Math.min(least, stretchWeight[i]!)
  let nearest = 0
  let nearestGap = Infinity
  let any = 0
  let seen = 0
  for (let i = 0; i < count; i++) {
    if (stretchWeight[i]! > least * SAME_WEIGHT) continue
    const gap = Math.max(stretchFrom[i]! - near, near - stretchTo[i]!, 0)
    if (gap < nearestGap) [nearest, nearestGap] = [i, gap]
    if (chance() * ++seen < 1) any = i
  }
  if (seen === 0) return []
  const places = [
    Math.min(Math.max(near, stretchFrom[nearest]!), stretchTo[nearest]!),
    stretchFrom[any]!,
    stretchTo[any]!,
  ]
  if (least > 0) places.push((stretchFrom[any]! + stretchTo[any]!) / 2)
  const { bin, shape, isUpright, at, from, to } = line
  const rungs = isUpright ? lattice.y : lattice.x
  const spots: FieldSpot[] = []
  for (const place of places) {
    const on = nearestRung(rungs, place, from, to)
    if (!Number.isNaN(on)) spots.push({ bin, shape, x: isUpright ? at : on, y: isUpright ? on : at })
  }
  return spots
}

const WAYS = [
  [1, 0],
  [0, 1],
  [-1, 0],
  [0, -1],
] as const

/** Steps to the side as long as it gets better, in ever smaller steps. */
function settle(field: PlacementField, item: number, spot: FieldSpot, bad: number): { spot: FieldSpot; bad: number } {
  const { bin, shape } = spot
  const reach = field.reach(item, bin, shape)!
  const lattice = field.lattice(item, shape)
  let { x, y } = spot
  let value = bad
  let step = FIRST_HOP
  let way = 0
  while (value > 0 && step > FINEST) {
    let isBetter = false
    for (let i = 0; i < WAYS.length && !isBetter; i++) {
      const [dx, dy] = WAYS[(way + i) % WAYS.length]!
      const nextX = hop(lattice.x, x, dx * step, reach.minX, reach.maxX)
      const nextY = hop(lattice.y, y, dy * step, reach.minY, reach.maxY)
      if (nextX === x && nextY === y) continue
      const other = field.badness(item, bin, shape, nextX, nextY, value)
      if (other >= value * ENOUGH_BETTER) continue
      ;[x, y, value, isBetter] = [nextX, nextY, other, true]
      way = (way + i) % WAYS.length
    }
    step = isBetter ? step * 1.5 : step * 0.4
  }
  return { spot: { bin, shape, x, y }, bad: value }
}

/** One step along an axis: at least one rung where there are rungs, and not beyond either end. */
function hop(rungs: Rungs, at: number, by: number, from: number, to: number): number {
  if (rungs.step === 0) return Math.min(Math.max(at + by, from), to)
  if (by === 0) return at
  const next = nearestRung(rungs, at + Math.sign(by) * Math.max(Math.abs(by), rungs.step), from, to)
  return Number.isNaN(next) ? at : next
}
