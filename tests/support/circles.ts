/**
 * Groups of things that lead to one another in a loop, each of two or more (Tarjan 1972).
 * @param next where each thing leads
 */
export function circlesOf<T>(things: readonly T[], next: (thing: T) => Iterable<T>): T[][] {
  const order = new Map<T, number>()
  const [path, circles]: [T[], T[][]] = [[], []]
  const visit = (thing: T): number => {
    const own = order.size
    order.set(thing, own)
    let low = own
    path.push(thing)
    for (const one of next(thing)) {
      if (!order.has(one)) low = Math.min(low, visit(one))
      else if (path.includes(one)) low = Math.min(low, order.get(one)!)
    }
    if (low === own) {
      const circle = path.splice(path.indexOf(thing))
      if (circle.length > 1) circles.push(circle)
    }
    return low
  }
  for (const thing of things) if (!order.has(thing)) visit(thing)
  return circles
}
