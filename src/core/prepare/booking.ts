import { type Minutes } from './minutes'
import { type Step, type HouseholdUse } from './step'
import { mergeWindows, type Window } from './window'
import { itemAt } from '../lists/items'

interface Busy extends Window {
  much: number
}

/** So far apart are beginnings that are tried within a free time, minutes. */
const STEP_MINUTES = 10

/** How long a step takes with its waiting, at the longest. Minutes. */
export const longestMinutes = ({ hands, wait }: Pick<Step, 'hands' | 'wait'>): number => hands + wait[1]

/** What is still free of the person's hours and of what only one thing at a time can use. */
export class Booking {
  private readonly gaps: Window[]
  private readonly busy: Record<HouseholdUse['of'], Busy[]> = { washer: [], dryer: [], line: [] }

  constructor(
    windows: readonly Window[],
    private readonly has: Readonly<Record<HouseholdUse['of'], number>>,
  ) {
    this.gaps = windows.map((window) => ({ ...window }))
  }

  /**
   * The first time for a step at which what must follow it soon finds time as well.
   * @returns undefined where there is none
   */
  place(one: Step, earliest: Minutes, next: readonly Step[]): Minutes | undefined {
    if (this.gaps.length === 0) return undefined
    if (one.hands === 0) return this.roomFrom(one, earliest)
    for (const gap of this.gaps) {
      let at = Math.max(gap.start, earliest)
      while (at + one.hands <= gap.end) {
        const room = this.roomFrom(one, at)
        if (room === at && this.hasTimeFor(next, at + longestMinutes(one))) return at
        at = room === at ? at + STEP_MINUTES : room
      }
    }
    return undefined
  }

  /** Whether a step could begin just then. */
  fits(one: Step, start: Minutes): boolean {
    const isFree = this.gaps.some((gap) => gap.start <= start && start + one.hands <= gap.end)
    return (one.hands === 0 || isFree) && this.roomFrom(one, start) === start
  }

  /** Gives back what a step had taken. */
  release(one: Step, start: Minutes): void {
    if (one.use) {
      const of = this.busy[one.use.of]
      const index = of.findIndex((busy) => busy.start === start && busy.end === start + longestMinutes(one))
      if (index >= 0) of.splice(index, 1)
    }
    if (one.hands === 0) return
    const all = mergeWindows([...this.gaps, { start, end: start + one.hands }])
    this.gaps.splice(0, this.gaps.length, ...all)
  }

  take(one: Step, start: Minutes): void {
    if (one.use) this.busy[one.use.of].push({ start, end: start + longestMinutes(one), much: one.use.much })
    if (one.hands === 0) return
    const index = this.gaps.findIndex((gap) => gap.start <= start && start + one.hands <= gap.end)
    const gap = itemAt(this.gaps, index)
    const rest = [
      { start: gap.start, end: start },
      { start: start + one.hands, end: gap.end },
    ]
    this.gaps.splice(index, 1, ...rest.filter((part) => part.end > part.start))
  }

  private hasTimeFor(next: readonly Step[], from: Minutes): boolean {
    if (next.length === 0) return true
    const hands = next.reduce((sum, one) => sum + one.hands, 0)
    const latest = from + Math.min(...next.map(({ soon }) => soon ?? Infinity))
    return this.gaps.some(({ start, end }) => start <= latest && end - Math.max(start, from) >= hands)
  }

  /** The first minute from then on at which what it uses is there for as long as it takes. */
  private roomFrom(one: Step, from: Minutes): Minutes {
    if (!one.use) return from
    const { of, much } = one.use
    let at = from
    for (;;) {
      const until = at + longestMinutes(one)
      const inTheWay = this.busy[of].filter(({ start, end }) => start < until && end > at)
      const times = [at, ...inTheWay.map(({ start }) => Math.max(start, at))]
      const most = Math.max(...times.map((time) => usedAt(inTheWay, time)))
      if (inTheWay.length === 0 || most + much <= this.has[of] + 1e-9) return at
      at = Math.min(...inTheWay.map(({ end }) => end))
    }
  }
}

const usedAt = (list: readonly Busy[], at: Minutes) =>
  list.reduce((sum, { start, end, much }) => (start <= at && at < end ? sum + much : sum), 0)
