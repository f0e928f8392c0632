import { itemAt } from '../../lists/items'

/**
 * The values that each piece has of one facet, as a column of small numbers: one for each combination of values that
 * there is. How many pieces have each is kept up to date with every piece that comes and goes.
 */
export class FacetColumn {
  private readonly numberOf = new Map<string, number>()
  private readonly combinations: (readonly string[])[] = []
  /** By slot. */
  private readonly numbers: number[] = []
  /** Pieces that have each combination. */
  readonly totals: number[] = []

  put(slot: number, values: readonly string[]): void {
    const number = this.numberFor(values)
    this.numbers[slot] = number
    this.totals[number] = (this.totals[number] ?? 0) + 1
  }

  remove(slot: number): void {
    const number = this.at(slot)
    this.totals[number] = itemAt(this.totals, number) - 1
  }

  /** The number of the combination that a piece has. */
  at(slot: number): number {
    return itemAt(this.numbers, slot)
  }

  /** Combinations that there are. */
  get size(): number {
    return this.combinations.length
  }

  /** By each combination, 1 where one of these values is among it. */
  withAny(values: ReadonlySet<string>): Uint8Array {
    return Uint8Array.from(this.combinations, (some) => Number(some.some((value) => values.has(value))))
  }

  /** Adds up pieces by value. @param perCombination pieces that have each combination */
  byValue(perCombination: ArrayLike<number>): Record<string, number> {
    const counts: Record<string, number> = {}
    this.combinations.forEach((values, number) => {
      const pieces = perCombination[number] ?? 0
      if (pieces > 0) for (const value of values) counts[value] = (counts[value] ?? 0) + pieces
    })
    return counts
  }

  private numberFor(values: readonly string[]): number {
    const [only] = values
    const key = values.length === 1 && only !== undefined ? only : values.join('\u0000')
    const known = this.numberOf.get(key)
    if (known !== undefined) return known
    const number = this.combinations.length
    this.numberOf.set(key, number)
    this.combinations.push([...values])
    this.totals.push(0)
    return number
  }
}
