import { itemAt } from '../../lists/items'

/** A list in an order that is kept while single items come and go: nothing is sorted anew. */
export class SortedList<T> {
  private readonly items: T[]

  /** @param compare of two items; never 0 for two different ones */
  constructor(
    items: readonly T[],
    private readonly compare: (a: T, b: T) => number,
  ) {
    this.items = [...items].sort(compare)
  }

  get all(): readonly T[] {
    return this.items
  }

  insert(item: T): void {
    this.items.splice(this.placeOf(item), 0, item)
  }

  /** Takes an item out; what it is ordered by must still be as it was. */
  remove(item: T): void {
    const place = this.placeOf(item)
    const at = this.items[place] === item ? place : this.items.indexOf(item)
    if (at !== -1) this.items.splice(at, 1)
  }

  /** The first place whose item does not come before it. */
  private placeOf(item: T): number {
    let [low, high] = [0, this.items.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (this.compare(itemAt(this.items, middle), item) < 0) low = middle + 1
      else high = middle
    }
    return low
  }
}
