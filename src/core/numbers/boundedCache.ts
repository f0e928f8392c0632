import { mustHave } from '../lists/items'

/** Gives what was made for a key before, or makes it now. */
export type Bounded<V> = (key: string, make: () => V) => V

/**
 * A memory that forgets: beyond `most` entries, the one that was longest not asked for goes.
 * @throws RangeError where it could keep nothing
 */
export function boundedCache<V>(most: number): Bounded<V> {
  if (!(most >= 1)) throw new RangeError('bounded: keeps at least one entry')
  const kept = new Map<string, { value: V }>()
  return (key, make) => {
    const before = kept.get(key)
    const entry = before ?? { value: make() }
    // A map gives its keys in the order in which they were set.
    if (before) kept.delete(key)
    else if (kept.size >= most) kept.delete(mustHave(kept.keys().next().value))
    kept.set(key, entry)
    return entry.value
  }
}
