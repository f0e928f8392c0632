/** Things by what they belong to, in their order; those that belong to nothing are left out. */
export function groupBy<T, K>(things: readonly T[], of: (thing: T) => K | null): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const thing of things) {
    const key = of(thing)
    if (key === null) continue
    const own = groups.get(key)
    if (own) own.push(thing)
    else groups.set(key, [thing])
  }
  return groups
}
