import { type Field } from './field'
import { betterSpot } from './move'
import { separate, type Effort } from './separate'

/** How often each piece that found no place is tried, before it is left out. */
const TRIES = 4

/**
 * Brings what found no place in among what lies, the largest first, and parts everything again.
 * @param left items that found no place
 * @returns those that are left still; yields what is left now and then
 */
export function* fillIn(
  field: Field,
  left: readonly number[],
  chance: () => number,
  effort: Effort,
): Generator<number[], number[]> {
  let waiting = [...left]
  const tries = new Map<number, number>()
  while (waiting.length > 0) {
    const item = waiting.find((other) => (tries.get(other) ?? 0) < TRIES)
    if (item === undefined || effort.spend()) break
    tries.set(item, (tries.get(item) ?? 0) + 1)
    const before = field.copy()
    field.resetWeights()
    const spot = betterSpot(field, item, chance)
    if (spot) field.put(item, spot)
    const search = separate(field, chance, effort)
    let isIn = false
    for (;;) {
      const { done, value } = search.next()
      if (done) {
        isIn = spot !== undefined && value
        break
      }
      yield waiting
    }
    if (isIn) {
      waiting = waiting.filter((other) => other !== item)
      tries.clear()
    } else field.restore(before)
    yield waiting
  }
  return waiting
}
