import { facets } from '../facets'
import { plainTests, type LeftMm } from '../filter'
import { compareBy } from '../orders'
import { type PieceSummary, type Summaries } from '../pieceSummary'
import { type ShelfQuery, type ShelfSort } from '../query'
import { FacetColumn } from './facetColumn'
import { runningPart, type RunningTotal } from './running'
import { SortedList } from './sortedList'
import { itemAt, mustHave } from '../../lists/items'

/** How many pieces each value of each facet would leave, everything else being asked as it is. */
export type FacetCounts = Readonly<Record<string, Readonly<Record<string, number>>>>

export interface ShelfAnswer {
  /** What answers to all that is asked, in the order that is asked for. */
  found: readonly PieceSummary[]
  counts: FacetCounts
}

/** Where more change at once, orders are sorted anew when they are next asked for. */
const MOVED_ONE_BY_ONE = 500
const AGE = facets.findIndex(({ id }) => id === 'age')
const ALL = 'all'

/**
 * The summaries of a stash, ready to be asked: each has a slot, its facets stand in columns, and orders, counts and all
 * that was once worked out of it follow every piece that comes, changes or goes.
 */
export class StashIndex implements Summaries {
  private readonly slots: (PieceSummary | undefined)[] = []
  private readonly slotOf = new Map<string, number>()
  private readonly free: number[] = []
  private readonly columns = facets.map(() => new FacetColumn())
  private readonly orders = new Map<ShelfSort, { sorted: SortedList<number>; pieces?: readonly PieceSummary[] }>()
  private readonly running = new Map<string, RunningTotal<unknown>>()

  /** @param today ISO 8601: ages are told by it */
  constructor(private today: string) {}

  get size(): number {
    return this.slotOf.size
  }

  find(id: string): PieceSummary | undefined {
    const slot = this.slotOf.get(id)
    return slot === undefined ? undefined : this.slots[slot]
  }

  all(): readonly PieceSummary[] {
    return this.follow(ALL, () => runningPart(() => true))
  }

  /** Puts pieces in, or in place of what was known of them. */
  putAll(pieces: readonly PieceSummary[]): void {
    if (pieces.length > MOVED_ONE_BY_ONE) this.orders.clear()
    for (const piece of pieces) this.put(piece)
  }

  private put(piece: PieceSummary): void {
    this.remove(piece.id)
    const slot = this.free.pop() ?? this.slots.length
    this.slots[slot] = piece
    this.slotOf.set(piece.id, slot)
    this.columns.forEach((column, i) => column.put(slot, itemAt(facets, i).of(piece, this.today)))
    for (const order of this.orders.values()) {
      order.sorted.insert(slot)
      order.pieces = undefined
    }
    for (const one of this.running.values()) one.add(piece)
  }

  remove(id: string): void {
    const slot = this.slotOf.get(id)
    if (slot === undefined) return
    const piece = this.at(slot)
    for (const one of this.running.values()) one.remove(piece)
    for (const order of this.orders.values()) {
      order.sorted.remove(slot)
      order.pieces = undefined
    }
    for (const column of this.columns) column.remove(slot)
    this.slots[slot] = undefined
    this.slotOf.delete(id)
    this.free.push(slot)
  }

  /** What is a week old today was not yesterday. @param today ISO 8601 */
  setDay(today: string): void {
    if (today.slice(0, 10) === this.today.slice(0, 10)) return
    this.today = today
    const [facet, column] = [itemAt(facets, AGE), itemAt(this.columns, AGE)]
    for (const [id, slot] of this.slotOf) {
      column.remove(slot)
      column.put(slot, facet.of(mustHave(this.find(id)), today))
    }
  }

  /**
   * Something that is worked out of all pieces: of all of them when it is first asked for, and from then on only of
   * what changes.
   * @param name one for each way of working it out
   */
  follow<T>(name: string, begin: () => RunningTotal<T>): T {
    let one = this.running.get(name)
    if (!one) {
      one = begin()
      for (const slot of this.slotOf.values()) one.add(this.at(slot))
      this.running.set(name, one)
    }
    return one.result() as T
  }

  /** All of it in an order; the same list until something changes. */
  inOrder(sort: ShelfSort): readonly PieceSummary[] {
    const order = this.ordered(sort)
    order.pieces ??= order.sorted.all.map((slot) => this.at(slot))
    return order.pieces
  }

  /**
   * What answers to a query: a piece that fails one facet alone still counts in it.
   * @param worded ids of the pieces that have the words; null where no words are asked
   * @param leftMm how much of a piece is not promised; all of it where that is not asked
   */
  ask(
    query: ShelfQuery,
    worded: ReadonlySet<string> | null,
    leftMm: LeftMm = ({ lengthMm }) => lengthMm,
  ): ShelfAnswer {
    const tests = plainTests(query, leftMm)
    if (worded) tests.push(({ id }) => worded.has(id))
    const asked = this.columns.map((column, i) => {
      const chosen = query.chosen[itemAt(facets, i).id]
      return chosen ? column.withAny(new Set(chosen)) : undefined
    })
    if (tests.length === 0 && asked.every((one) => one === undefined))
      return { found: this.inOrder(query.sort), counts: this.counted(this.columns.map(({ totals }) => totals)) }
    const found: PieceSummary[] = []
    const counts = this.columns.map(({ size }) => new Int32Array(size))
    for (const slot of this.ordered(query.sort).sorted.all) {
      const failed = this.failedFacet(slot, asked)
      if (failed === SEVERAL) continue
      const piece = this.at(slot)
      if (!tests.every((test) => test(piece))) continue
      if (failed === NONE) found.push(piece)
      this.columns.forEach((column, i) => {
        const own = itemAt(counts, i)
        if (failed === NONE || failed === i) own[column.at(slot)] = (own[column.at(slot)] ?? 0) + 1
      })
    }
    return { found, counts: this.counted(counts) }
  }

  /** The one facet that a piece fails, or none, or several. */
  private failedFacet(slot: number, asked: readonly (Uint8Array | undefined)[]): number {
    let failed = NONE
    for (let i = 0; i < asked.length; i++) {
      const passing = asked[i]
      if (!passing || passing[itemAt(this.columns, i).at(slot)] === 1) continue
      if (failed !== NONE) return SEVERAL
      failed = i
    }
    return failed
  }

  private counted(perCombination: readonly ArrayLike<number>[]): FacetCounts {
    return Object.fromEntries(
      this.columns.map((column, i) => [itemAt(facets, i).id, column.byValue(itemAt(perCombination, i))]),
    )
  }

  private ordered(sort: ShelfSort) {
    let order: { sorted: SortedList<number>; pieces?: readonly PieceSummary[] } | undefined = this.orders.get(sort)
    if (!order) {
      const compare = compareBy(sort)
      const slots = [...this.slotOf.values()]
      order = { sorted: new SortedList(slots, (a, b) => compare(this.at(a), this.at(b))) }
      this.orders.set(sort, order)
    }
    return order
  }

  private at(slot: number): PieceSummary {
    return mustHave(this.slots[slot])
  }
}

/** No facet, or more than one. */
const [NONE, SEVERAL] = [-1, -2]
