import { Booking, longestMinutes } from './booking'
import { type Household } from './loads'
import { type Minutes } from './minutes'
import { type Step } from './step'
import { mergeWindows, type Window } from './window'
import { itemAt, mustHave } from '../lists/items'

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

/** What the person said of single steps, by their ids. */
export interface StepWishes {
  /** Those that were put off, until when. */
  notBefore?: ReadonlyMap<string, Minutes>
  /** Those that they put at a time of their own. */
  placed?: ReadonlyMap<string, Minutes>
}

/** Orders that are tried, the first by the longest way still to go: fewer where there is much, for the time. */
const [FEWEST_TRIES, MOST_TRIES, STEPS_TRIED] = [5, 24, 3000]

/**
 * Lays steps into the hours that the person has: hands-on time inside one of them, one step at a time; waiting runs on
 * by itself; one washer, one dryer, so many metres of line; nothing before what it waits for, at its latest. Serial
 * schedule generation with the longest way first (Kolisch, 1996, from memory), and some orders near it; the one that
 * ends first is taken. What the person put at a time keeps it where that can be, and what it waits for comes first.
 * @param chance uniform in [0, 1), for the other orders
 * @param lateness of what was wished, minutes: the least of it is taken before the earliest end
 */
export function schedule(
  steps: readonly Step[],
  free: readonly Window[],
  household: Pick<Household, 'lineMetres'>,
  chance: () => number,
  wishes: StepWishes = {},
  lateness: (timed: readonly Timed[]) => number = () => 0,
): Schedule {
  const windows = mergeWindows(free)
  const tail = remainingMinutes(steps)
  let best: Schedule | undefined
  const tries = Math.max(FEWEST_TRIES, Math.min(MOST_TRIES, Math.floor(STEPS_TRIED / (steps.length || 1))))
  for (let i = 0; i < tries; i++) {
    const shake = i === 0 ? () => 1 : () => 0.7 + 0.6 * chance()
    const rank = new Map(steps.map(({ id }) => [id, mustHave(tail.get(id)) * shake()]))
    const one = generated(steps, windows, household, rank, wishes)
    if (!best || isBetter(one, best, lateness)) best = one
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
  wishes: StepWishes = {},
): Schedule {
  const tail = remainingMinutes(steps)
  const rank = new Map(steps.map(({ id }) => [id, mustHave(tail.get(id)) - A_TURN * turnOf(id)]))
  return generated(steps, mergeWindows(free), household, rank, wishes)
}

function isBetter(a: Schedule, b: Schedule, lateness: (timed: readonly Timed[]) => number): boolean {
  if (a.unscheduled.length !== b.unscheduled.length) return a.unscheduled.length < b.unscheduled.length
  const late = lateness(a.timed) - lateness(b.timed)
  if (late !== 0) return late < 0
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

function generated(
  steps: readonly Step[],
  windows: readonly Window[],
  { lineMetres }: Pick<Household, 'lineMetres'>,
  rank: ReadonlyMap<string, number>,
  { notBefore = new Map(), placed = new Map() }: StepWishes,
): Schedule {
  const done = new Map<string, Timed>()
  const failed = new Set<string>()
  const booking = new Booking(windows, { washer: 1, dryer: 1, line: lineMetres })
  const held = heldTimes(steps, placed, booking)
  const known = new Set(steps.map(({ id }) => id))
  const waiting = new Set(steps)
  const begin = windows[0]?.start ?? 0
  const first = aheadOf(steps, held)
  const rankOf = ({ id }: Step) => mustHave(rank.get(id)) + (first.has(id) ? FIRST_OF_ALL : 0)
  const soonAfter = (one: Step) => steps.filter(({ soon, after }) => soon !== null && after.includes(one.id))
  const isReady = ({ after }: Step) => after.every((id) => done.has(id) || failed.has(id) || !known.has(id))
  const keep = (one: Step, start: Minutes) => {
    waiting.delete(one)
    done.set(one.id, { ...one, start, end: start + longestMinutes(one) })
  }
  const startOf = (one: Step, earliest: Minutes, next: readonly Step[]) => {
    const own = held.get(one.id)
    if (own !== undefined && own >= earliest) return own
    // What it waits for ends later: its own time is another's, and it is placed like any other.
    if (own !== undefined) booking.release(one, own)
    const start = booking.place(one, earliest, next) ?? booking.place(one, earliest, [])
    if (start !== undefined) booking.take(one, start)
    return start
  }
  while (waiting.size > 0) {
    const ready = [...waiting].filter(isReady)
    if (ready.length === 0) break
    const one = ready.reduce((most, next) => (rankOf(next) > rankOf(most) ? next : most))
    const from = Math.max(begin, notBefore.get(one.id) ?? begin)
    const earliest = one.after.reduce((at, id) => Math.max(at, done.get(id)?.end ?? at), from)
    const isHeld = one.after.some((id) => failed.has(id))
    const next = soonAfter(one).filter(({ id }) => !held.has(id))
    const start = isHeld ? undefined : startOf(one, earliest, next)
    if (start === undefined) {
      waiting.delete(one)
      failed.add(one.id)
      continue
    }
    keep(one, start)
    // What must follow soon takes its place before anything else can.
    for (const follower of next) {
      const after = isReady(follower) ? booking.place(follower, start + longestMinutes(one), []) : undefined
      if (after === undefined) continue
      booking.take(follower, after)
      keep(follower, after)
    }
  }
  waiting.forEach(({ id }) => failed.add(id))
  const timed = steps.flatMap(({ id }) => done.get(id) ?? [])
  const finish = timed.length > 0 ? Math.max(...timed.map(({ end }) => end)) : null
  return { timed, unscheduled: [...failed], finish }
}

/** More than any turn: what a placed step waits for finds its time before everything else. */
const FIRST_OF_ALL = 1e12

/** The steps whose own times are free, and taken for them before anything is placed. */
function heldTimes(
  steps: readonly Step[],
  placed: ReadonlyMap<string, Minutes>,
  booking: Booking,
): Map<string, Minutes> {
  const held = new Map<string, Minutes>()
  for (const one of steps) {
    const start = placed.get(one.id)
    if (start === undefined || !booking.fits(one, start)) continue
    booking.take(one, start)
    held.set(one.id, start)
  }
  return held
}

/** Ids of the held steps and of everything that they wait for. */
function aheadOf(steps: readonly Step[], held: ReadonlyMap<string, Minutes>): Set<string> {
  const byId = new Map(steps.map((one) => [one.id, one]))
  const first = new Set<string>()
  const visit = (id: string) => {
    if (first.has(id)) return
    first.add(id)
    byId.get(id)?.after.forEach(visit)
  }
  for (const id of held.keys()) visit(id)
  return first
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
