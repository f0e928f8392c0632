import { type Minutes } from './minutes'
import { type Timed } from './schedule'
import { type Step } from './step'
import { mustHave } from '../lists/items'

/** Who is in the shop already takes so long for one project more, minutes. */
const ONE_MORE = 15

/**
 * Shopping for several projects as one way, or as few as the longest time without a break takes.
 * @param steps of all projects, under ids that are unique among them
 * @param longest minutes
 * @returns the steps with the ways in place of those that buy; which way each part is in; and `apart`, which tells the
 * times of the ways as times of their parts
 */
export function joinTrips(
  steps: readonly Step[],
  longest: number,
): { steps: Step[]; tripOf: ReadonlyMap<string, string>; apart: (timed: readonly Timed[]) => Timed[] } {
  const trips: { id: string; parts: Step[] }[] = []
  const room = (parts: readonly Step[]) => longest - minutesOf(parts)
  for (const one of steps.filter(({ kind, after }) => kind === 'buy' && after.length === 0)) {
    const open = trips.find(({ parts }) => room(parts) >= ONE_MORE)
    if (open) open.parts.push({ ...one, hands: Math.min(one.hands, ONE_MORE) })
    else trips.push({ id: `trip ${one.id}`, parts: [one] })
  }
  const tripOf = new Map(trips.flatMap(({ id, parts }) => parts.map((part) => [part.id, id] as const)))
  const joined = trips.map(({ id, parts }) => ({ ...mustHave(parts[0]), id, hands: minutesOf(parts) }))
  const others = steps
    .filter(({ id }) => !tripOf.has(id))
    .map((one) => ({ ...one, after: [...new Set(one.after.map((id) => tripOf.get(id) ?? id))] }))
  const byId = new Map(trips.map((trip) => [trip.id, trip]))
  const own = new Map(steps.map((one) => [one.id, one]))
  const apart = (timed: readonly Timed[]) =>
    timed.flatMap((one) => {
      const trip = byId.get(one.id)
      if (!trip) return [{ ...one, after: mustHave(own.get(one.id)).after }]
      let start: Minutes = one.start
      return trip.parts.map((part) => {
        const from = start
        start += part.hands
        return { ...part, start: from, end: start }
      })
    })
  return { steps: [...joined, ...others], tripOf, apart }
}

const minutesOf = (parts: readonly Step[]) => parts.reduce((sum, { hands }) => sum + hands, 0)
