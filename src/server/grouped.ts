/** Things by what they belong to, in their order. */
export function grouped<From, T>(
  things: readonly From[],
  of: (thing: From) => number,
  read: (thing: From) => T,
): Map<number, T[]> {
  const groups = new Map<number, T[]>()
  for (const thing of things) {
    const own = groups.get(of(thing))
    if (own) own.push(read(thing))
    else groups.set(of(thing), [read(thing)])
  }
  return groups
}
