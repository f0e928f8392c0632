import { Booking, longestMinutes, type Window } from './booking'
import { type Household } from './loads'
import { type Minutes } from './minutes'
import { type Step } from './step'
import { itemAt, mustHave } from '../lists/items'

export type { Window } from './booking'

export interface Timed extends Step {
  start: Minutes
  /** When its waiting is over, at the latest. */
  end: Minutes
}

export interface Schedule {
  timed: Timed[]
  unscheduled: string[]
  finish: Minutes | null
}

/** Orders that are tried, the first by the longest way still to go: fewer where there is much, for the time. */
const [FEWEST_TRIES, MOST_TRIES, STEPS_TRIED] = [5, 24, 3000]

/**
 * Lays steps into the hours that the person has: hands-on time inside one of them, one step at a time; waiting runs on
 * by itself; one washer, one dryer, so many metres of line; nothing before what it waits for, at its latest. Serial
 * schedule generation with the longest way first (Kolisch, 1996, from memory), and some orders near it; the one that
 * ends first is taken.
 * @param chance uniform in [0, 1), for the other orders
 * @param notBefore steps that were put off, until when
 */
export function schedule(
  steps: readonly Step[],
  free: readonly Window[],
  household: Pick<Household, 'lineMetres'>,
  chance: () => number,
  notBefore: ReadonlyMap<string, Minutes> = new Map(),
): Schedule {
  const windows = mergeWindows(free)
  const tail = remainingMinutes(steps)
  let best: Schedule | undefined
  const tries = Math.max(FEWEST_TRIES, Math.min(MOST_TRIES, Math.floor(STEPS_TRIED / (steps.length || 1))))
  for (let i = 0; i < tries; i++) {
    const shake = i === 0 ? () => 1 : () => 0.7 + 0.6 * chance()
    const rank = new Map(steps.map(({ id }) => [id, mustHave(tail.get(id)) * shake()]))
    const one = generated(steps, windows, household, { rank, notBefore })
    if (!best || isBetter(one, best)) best = one
  }
  return mustHave(best)
}

/** More than any way still to go, minutes: who comes first comes first altogether. */
const A_TURN = 1e7

/**
 * As `schedule`, but in turn: what comes first finds its time first, and the next fill what it leaves.
 * @param turnOf 0 comes first
 */
export function scheduleInTurn(
  steps: readonly Step[],
  free: readonly Window[],
  household: Pick<Household, 'lineMetres'>,
  turnOf: (id: string) => number,
  notBefore: ReadonlyMap<string, Minutes> = new Map(),
): Schedule {
  const tail = remainingMinutes(steps)
  const rank = new Map(steps.map(({ id }) => [id, mustHave(tail.get(id)) - A_TURN * turnOf(id)]))
  return generated(steps, mergeWindows(free), household, { rank, notBefore })
}

function isBetter(a: Schedule, b: Schedule): boolean {
  if (a.unscheduled.length !== b.unscheduled.length) return a.unscheduled.length < b.unscheduled.length
  return (a.finish ?? Infinity) < (b.finish ?? Infinity)
}

/** Minutes from the start of each step to the end of all, if nothing stood in the way. */
export function remainingMinutes(steps: readonly Step[]): Map<string, number> {
  const next = new Map<string, Step[]>()
  for (const one of steps) for (const id of one.after) next.set(id, [...(next.get(id) ?? []), one])
  const known = new Map<string, number>()
  const of = (one: Step): number => {
    const before = known.get(one.id)
    if (before !== undefined) return before
    const own = longestMinutes(one) + Math.max(0, ...(next.get(one.id) ?? []).map(of))
    known.set(one.id, own)
    return own
  }
  steps.forEach(of)
  return known
}

/** Times that touch or overlap are one. */
export function mergeWindows(free: readonly Window[]): Window[] {
  const out: Window[] = []
  for (const { start, end } of [...free].sort((a, b) => a.start - b.start)) {
    const last = out.at(-1)
    if (last && start <= last.end) last.end = Math.max(last.end, end)
    else if (end > start) out.push({ start, end })
  }
  return out
}

function generated(
  steps: readonly Step[],
  windows: readonly Window[],
  { lineMetres }: Pick<Household, 'lineMetres'>,
  { rank, notBefore }: { rank: ReadonlyMap<string, number>; notBefore: ReadonlyMap<string, Minutes> },
): Schedule {
  const done = new Map<string, Timed>()
  const failed = new Set<string>()
  const booking = new Booking(windows, { washer: 1, dryer: 1, line: lineMetres })
  const known = new Set(steps.map(({ id }) => id))
  const waiting = new Set(steps)
  const begin = windows[0]?.start ?? 0
  const soonAfter = (one: Step) => steps.filter(({ soon, after }) => soon !== null && after.includes(one.id))
  const isReady = ({ after }: Step) => after.every((id) => done.has(id) || failed.has(id) || !known.has(id))
  const take = (one: Step, start: Minutes) => {
    waiting.delete(one)
    booking.take(one, start)
    done.set(one.id, { ...one, start, end: start + longestMinutes(one) })
  }
  while (waiting.size > 0) {
    const ready = [...waiting].filter(isReady)
    if (ready.length === 0) break
    const one = ready.reduce((most, next) =>
      mustHave(rank.get(next.id)) > mustHave(rank.get(most.id)) ? next : most,
    )
    const from = Math.max(begin, notBefore.get(one.id) ?? begin)
    const earliest = one.after.reduce((at, id) => Math.max(at, done.get(id)?.end ?? at), from)
    const next = soonAfter(one)
    const isHeld = one.after.some((id) => failed.has(id))
    const start = isHeld ? undefined : (booking.place(one, earliest, next) ?? booking.place(one, earliest, []))
    if (start === undefined) {
      waiting.delete(one)
      failed.add(one.id)
      continue
    }
    take(one, start)
    // What must follow soon takes its place before anything else can.
    for (const follower of next) {
      const after = isReady(follower) ? booking.place(follower, start + longestMinutes(one), []) : undefined
      if (after !== undefined) take(follower, after)
    }
  }
  waiting.forEach(({ id }) => failed.add(id))
  const timed = steps.flatMap(({ id }) => done.get(id) ?? [])
  const finish = timed.length > 0 ? Math.max(...timed.map(({ end }) => end)) : null
  return { timed, unscheduled: [...failed], finish }
}

/** Back from the step that ends last, each time to the one that it waited for longest. */
export function pathTo(timed: readonly Timed[], done: ReadonlyMap<string, Timed>): string[] {
  const path: string[] = []
  let at = timed.reduce<Timed | undefined>(
    (last, one) => (one.end > (last?.end ?? -Infinity) ? one : last),
    undefined,
  )
  while (at) {
    path.unshift(at.id)
    const before: Timed[] = at.after.flatMap((id) => done.get(id) ?? [])
    at = before.reduce<Timed | undefined>((last, one) => (one.end > (last?.end ?? -Infinity) ? one : last), undefined)
  }
  return path
}

/** No schedule ends before that: the longest way, and all hands-on time in the hours that there are. Minutes. */
export function lowerBound(steps: readonly Step[], free: readonly Window[]): Minutes | null {
  const windows = mergeWindows(free)
  if (windows.length === 0) return null
  const path = itemAt(windows, 0).start + Math.max(0, ...remainingMinutes(steps).values())
  let left = steps.reduce((sum, { hands }) => sum + hands, 0)
  for (const { start, end } of windows) {
    if (left <= end - start) return Math.max(path, start + left)
    left -= end - start
  }
  return null
}
