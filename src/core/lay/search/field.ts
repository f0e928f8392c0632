import { type Box } from '../../shapes/polygon'
import { type Bin } from './bins'
import { FREE, type Lattice } from './lattice'
import { depthIn, noFitOf, turnedAbout, type NoFit } from './noFit'
import { type LayItem, type LayItems } from './items'
import { type Shape } from './shape'

/** Pieces lying no deeper in one another than this lie beside one another, mm. */
export const TOUCHING = 0.03

/** What rounding may leave over where a piece is just as wide as the cloth, mm. */
const SLACK = 1e-6

/** Moves that take as long as finding where two shapes meet. */
const TICKS = 3

/** Where one item lies. A bin of −1: nowhere. */
export interface FieldSpot {
  bin: number
  shape: Shape
  x: number
  y: number
}

/** The reach of a shape’s origin in a bin, mm. */
export interface Reach {
  minX: number
  maxX: number
  minY: number
  maxY: number
}

/**
 * Everything that lies on the cloth, and how badly. Every pair has a weight, which grows while the two lie upon one
 * another, so that a search that only ever makes things better is led out of where it is stuck (guided local search).
 */
export class PlacementField {
  readonly items: readonly LayItem[]
  readonly spots: FieldSpot[]
  /** Of pairs, item by item; of an item and what is off the cloth on the diagonal. */
  readonly weights: Float64Array
  /** How far up the cloth pieces may lie, mm. */
  limit: number
  readonly held = new Set<number>()
  /** By the moving shape, then by the one that lies: a row is read at every step of the search. */
  private readonly between: (NoFit | undefined)[][]
  private readonly off: (NoFit | null | undefined)[]

  constructor(
    readonly plan: LayItems,
    readonly lattices: readonly Map<Shape, Lattice>[],
    limit: number,
    /** Told of what is worked out once: it takes as long as a few moves. */
    private readonly tick: () => void = () => undefined,
  ) {
    this.items = plan.items
    this.spots = plan.items.map(({ choices }) => ({ bin: -1, shape: choices.flat()[0]!, x: 0, y: 0 }))
    this.weights = new Float64Array(plan.items.length ** 2).fill(1)
    this.limit = limit
    this.between = plan.shapes.map(() => new Array<NoFit | undefined>(plan.shapes.length))
    this.off = new Array<NoFit | null | undefined>(plan.shapes.length * plan.bins.length)
  }

  lattice(item: number, shape: Shape): Lattice {
    return this.lattices[item]!.get(shape) ?? FREE
  }

  /** Moves of `moving` from `still` at which the two overlap. */
  noFit(still: Shape, moving: Shape): NoFit {
    const known = this.between[moving.index]![still.index]
    if (known) return known
    const made = noFitOf([still.taken], moving.taken)
    for (let i = 0; i < TICKS; i++) this.tick()
    this.between[moving.index]![still.index] = made
    if (still !== moving) this.between[still.index]![moving.index] = turnedAbout(made)
    return made
  }

  /** Places of a shape at which it lies off the cloth within a bin’s bounds; null where nothing is in its way. */
  noFitOff(bin: number, shape: Shape): NoFit | null {
    const at = bin * this.plan.shapes.length + shape.index
    const known = this.off[at]
    if (known !== undefined) return known
    const { off } = this.plan.bins[bin]!
    const made = off.length > 0 ? noFitOf(off, shape.bare) : null
    this.off[at] = made
    return made
  }

  /** Where the origin of an item may lie; undefined where it fits nowhere in the bin. */
  reach(item: number, bin: number, { box, foot }: Shape): Reach | undefined {
    const { minX, maxX, minY, maxY } = withinOf(this.plan.bins[bin]!, foot)
    const fold = this.items[item]!.onFold
    const top = Math.min(maxY, this.limit)
    const reach = { minX: minX - box.minX, maxX: maxX - box.maxX, minY: minY - box.minY, maxY: top - box.maxY }
    if (reach.maxX < reach.minX - SLACK || reach.maxY < reach.minY - SLACK) return undefined
    // What lies on a fold or a border does not leave it.
    if (foot === 'right') reach.minX = reach.maxX
    const farX = fold === 'x' || foot === 'left' ? reach.minX : reach.maxX
    const farY = fold === 'y' ? reach.minY : reach.maxY
    return { ...reach, maxX: Math.max(farX, reach.minX), maxY: Math.max(farY, reach.minY) }
  }

  /** How badly an item would lie there, weighted; stops counting beyond a bound. */
  badness(item: number, bin: number, shape: Shape, x: number, y: number, bound = Infinity): number {
    const n = this.items.length
    const { weights, spots } = this
    const row = this.between[shape.index]!
    let sum = 0
    const off = this.noFitOff(bin, shape)
    if (off) sum += weights[item * n + item]! * clear(depthIn(off, x, y))
    for (let other = 0; other < n && sum <= bound; other++) {
      const spot = spots[other]!
      if (spot.bin !== bin || other === item) continue
      const noFit = row[spot.shape.index] ?? this.noFit(spot.shape, shape)
      const localX = x - spot.x
      if (localX <= noFit.minX || localX >= noFit.maxX) continue
      const localY = y - spot.y
      if (localY <= noFit.minY || localY >= noFit.maxY) continue
      const depth = depthIn(noFit, localX, localY)
      if (depth > TOUCHING) sum += weights[item * n + other]! * depth
    }
    return sum
  }

  /** How deep an item lies off the cloth, mm. */
  depthOff(item: number): number {
    const { bin, shape, x, y } = this.spots[item]!
    const off = bin < 0 ? null : this.noFitOff(bin, shape)
    return off ? clear(depthIn(off, x, y)) : 0
  }

  /** How deep two items lie in one another, mm. */
  depth(one: number, other: number): number {
    const [a, b] = [this.spots[one]!, this.spots[other]!]
    if (one === other || a.bin < 0 || a.bin !== b.bin) return 0
    return clear(depthIn(this.noFit(a.shape, b.shape), b.x - a.x, b.y - a.y))
  }

  /** The longest reach of what lies on a strip, mm. */
  length(): number {
    return this.spots.reduce((far, { bin, shape, y }) => (bin < 0 ? far : Math.max(far, y + shape.box.maxY)), 0)
  }

  put(item: number, spot: FieldSpot): void {
    this.spots[item] = spot
  }

  copy(): FieldSpot[] {
    return this.spots.map((spot) => ({ ...spot }))
  }

  restore(spots: readonly FieldSpot[]): void {
    spots.forEach((spot, item) => (this.spots[item] = { ...spot }))
  }

  resetWeights(): void {
    this.weights.fill(1)
  }
}

/** Between what an item lies: a foot at its line on the border, all others beside the border where that is wished. */
function withinOf(bin: Bin, foot: Shape['foot']): Box {
  const { border } = bin
  if (!border) return bin
  if (foot === null) return { ...bin, minX: border.clearMinX, maxX: border.clearMaxX }
  return foot === 'left' ? { ...bin, minX: border.left } : { ...bin, maxX: border.right }
}

const clear = (depth: number) => (depth > TOUCHING ? depth : 0)
