import { type Household } from './loads'
import { type Minutes } from './minutes'
import { type Step, type Use } from './step'

/** A time that the person has. */
export interface Window {
  start: Minutes
  end: Minutes
}

export interface Timed extends Step {
  start: Minutes
  /** When its waiting is over, at the latest. */
  end: Minutes
}

export interface Schedule {
  timed: Timed[]
  unscheduled: string[]
  /** Ids from the first step to the last, each waiting for the one before. */
  criticalPath: string[]
  finish: Minutes | null
}

/** Orders that are tried, the first by the longest way still to go. */
const TRIES = 24

/**
 * Lays steps into the hours that the person has: hands-on time inside one of them, one step at a time; waiting runs on
 * by itself; one washer, one dryer, so many metres of line; nothing before what it waits for, at its latest. Serial
 * schedule generation with the longest way first (Kolisch, 1996, from memory), and some orders near it; the one that
 * ends first is taken.
 * @param chance uniform in [0, 1), for the other orders
 */
export function schedule(
  steps: readonly Step[],
  free: readonly Window[],
  household: Pick<Household, 'lineMetres'>,
  chance: () => number,
): Schedule {
  const windows = merged(free)
  const tail = tails(steps)
  let best: Schedule | undefined
  for (let i = 0; i < TRIES; i++) {
    const shake = i === 0 ? () => 1 : () => 0.7 + 0.6 * chance()
    const rank = new Map(steps.map(({ id }) => [id, tail.get(id)! * shake()]))
    const one = generated(steps, windows, household, rank)
    if (!best || isBetter(one, best)) best = one
  }
  return best!
}

function isBetter(a: Schedule, b: Schedule): boolean {
  if (a.unscheduled.length !== b.unscheduled.length) return a.unscheduled.length < b.unscheduled.length
  return (a.finish ?? Infinity) < (b.finish ?? Infinity)
}

const lasts = ({ hands, wait }: Pick<Step, 'hands' | 'wait'>) => hands + wait[1]

/** Minutes from the start of each step to the end of all, if nothing stood in the way. */
export function tails(steps: readonly Step[]): Map<string, number> {
  const next = new Map<string, Step[]>()
  for (const one of steps) for (const id of one.after) next.set(id, [...(next.get(id) ?? []), one])
  const known = new Map<string, number>()
  const of = (one: Step): number => {
    const before = known.get(one.id)
    if (before !== undefined) return before
    const own = lasts(one) + Math.max(0, ...(next.get(one.id) ?? []).map(of))
    known.set(one.id, own)
    return own
  }
  steps.forEach(of)
  return known
}

/** Times that touch or overlap are one. */
export function merged(free: readonly Window[]): Window[] {
  const out: Window[] = []
  for (const { start, end } of [...free].sort((a, b) => a.start - b.start)) {
    const last = out.at(-1)
    if (last && start <= last.end) last.end = Math.max(last.end, end)
    else if (end > start) out.push({ start, end })
  }
  return out
}

interface Busy extends Window {
  much: number
}

function generated(
  steps: readonly Step[],
  windows: readonly Window[],
  { lineMetres }: Pick<Household, 'lineMetres'>,
  rank: ReadonlyMap<string, number>,
): Schedule {
  const done = new Map<string, Timed>()
  const failed = new Set<string>()
  const gaps = windows.map((window) => ({ ...window }))
  const busy: Record<Use['of'], Busy[]> = { washer: [], dryer: [], line: [] }
  const has: Record<Use['of'], number> = { washer: 1, dryer: 1, line: lineMetres }
  const known = new Set(steps.map(({ id }) => id))
  const waiting = new Set(steps)
  const begin = windows[0]?.start ?? 0
  while (waiting.size > 0) {
    const ready = [...waiting].filter(({ after }) =>
      after.every((id) => done.has(id) || failed.has(id) || !known.has(id)),
    )
    if (ready.length === 0) break
    const one = ready.reduce((most, next) => (rank.get(next.id)! > rank.get(most.id)! ? next : most))
    waiting.delete(one)
    const earliest = one.after.reduce((at, id) => Math.max(at, done.get(id)?.end ?? at), begin)
    const isHeld = one.after.some((id) => failed.has(id))
    const start = isHeld ? undefined : place(one, earliest)
    if (start === undefined) failed.add(one.id)
    else take(one, start)
  }
  waiting.forEach(({ id }) => failed.add(id))
  const timed = steps.flatMap(({ id }) => done.get(id) ?? [])
  const finish = timed.length > 0 ? Math.max(...timed.map(({ end }) => end)) : null
  return { timed, unscheduled: [...failed], criticalPath: pathTo(timed, done), finish }

  function place(one: Step, earliest: Minutes): Minutes | undefined {
    if (windows.length === 0) return undefined
    if (one.hands === 0) return roomFrom(one, earliest)
    for (const gap of gaps) {
      if (gap.end - one.hands < earliest) continue
      let at = Math.max(gap.start, earliest)
      while (at + one.hands <= gap.end) {
        const room = roomFrom(one, at)
        if (room === at) return at
        at = room
      }
    }
    return undefined
  }

  /** The first minute from then on at which what it uses is there for as long as it takes. */
  function roomFrom(one: Step, from: Minutes): Minutes {
    if (!one.use) return from
    const { of, much } = one.use
    let at = from
    for (;;) {
      const until = at + lasts(one)
      const inTheWay = busy[of].filter(({ start, end }) => start < until && end > at)
      const most = Math.max(
        0,
        ...[at, ...inTheWay.map(({ start }) => start)].map((t) => usedAt(inTheWay, Math.max(t, at))),
      )
      if (most + much <= has[of] + 1e-9 || inTheWay.length === 0) return at
      at = Math.min(...inTheWay.map(({ end }) => end))
    }
  }

  function take(one: Step, start: Minutes): void {
    const end = start + lasts(one)
    done.set(one.id, { ...one, start, end })
    if (one.use) busy[one.use.of].push({ start, end, much: one.use.much })
    if (one.hands === 0) return
    const index = gaps.findIndex((gap) => gap.start <= start && start + one.hands <= gap.end)
    const gap = gaps[index]!
    const rest = [
      { start: gap.start, end: start },
      { start: start + one.hands, end: gap.end },
    ].filter((part) => part.end > part.start)
    gaps.splice(index, 1, ...rest)
  }
}

const usedAt = (list: readonly Busy[], at: Minutes) =>
  list.reduce((sum, { start, end, much }) => (start <= at && at < end ? sum + much : sum), 0)

/** Back from the step that ends last, each time to the one that it waited for longest. */
function pathTo(timed: readonly Timed[], done: ReadonlyMap<string, Timed>): string[] {
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
  const windows = merged(free)
  if (windows.length === 0) return null
  const path = windows[0]!.start + Math.max(0, ...tails(steps).values())
  let left = steps.reduce((sum, { hands }) => sum + hands, 0)
  for (const { start, end } of windows) {
    if (left <= end - start) return Math.max(path, start + left)
    left -= end - start
  }
  return null
}
