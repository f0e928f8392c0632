import { type PlacementField } from './field'
import { betterSpot } from './move'
import { separate, type Effort } from './separate'

/** How often each piece that found no place is tried, before it is left out. */
const TRIES = 4

/**
 * Brings what found no place in among what lies, the largest first, and parts everything again. What finds none even
 * so stays off the cloth.
 * @param left items that found no place
 * @returns nothing; yields true each time that one more lies, and false between
 */
export function* fillIn(
  field: PlacementField,
  left: readonly number[],
  chance: () => number,
  effort: Effort,
): Generator<boolean, void> {
  const waiting = [...left]
  const tries = new Map<number, number>()
  while (waiting.length > 0) {
    const item = waiting.find((other) => (tries.get(other) ?? 0) < TRIES)
    if (item === undefined || effort.spend()) return
    tries.set(item, (tries.get(item) ?? 0) + 1)
    const before = field.copy()
    field.resetWeights()
    const spot = betterSpot(field, item, chance)
    if (spot) field.put(item, spot)
    const isParted = yield* separate(field, chance, effort)
    const isIn = spot !== undefined && isParted
    if (isIn) {
      waiting.splice(waiting.indexOf(item), 1)
      tries.clear()
    } else field.restore(before)
    yield isIn
  }
}
