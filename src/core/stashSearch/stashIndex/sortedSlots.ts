import { itemAt } from '../../lists/items'

/** Slots in an order that is kept while single ones come and go: nothing is sorted anew. */
export class SortedSlots {
  private readonly slots: number[]

  /** @param compare of two slots; never 0 for two different ones */
  constructor(
    slots: readonly number[],
    private readonly compare: (a: number, b: number) => number,
  ) {
    this.slots = [...slots].sort(compare)
  }

  get all(): readonly number[] {
    return this.slots
  }

  insert(slot: number): void {
    this.slots.splice(this.placeOf(slot), 0, slot)
  }

  /** Takes a slot out; what it is ordered by must still be as it was. */
  remove(slot: number): void {
    const place = this.placeOf(slot)
    const at = this.slots[place] === slot ? place : this.slots.indexOf(slot)
    if (at !== -1) this.slots.splice(at, 1)
  }

  /** The first place whose slot does not come before it. */
  private placeOf(slot: number): number {
    let [low, high] = [0, this.slots.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (this.compare(itemAt(this.slots, middle), slot) < 0) low = middle + 1
      else high = middle
    }
    return low
  }
}
