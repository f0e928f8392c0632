import { type Workroom } from '@/core/notebook/kinds/workroom'
import { USUAL_HOURS, windowsFrom, subtractHours } from '@/core/prepare/hours'
import { minutesOf, type Minutes } from '@/core/prepare/minutes'
import { mergeWindows, type Window } from '@/core/prepare/window'

/** So many days ahead are planned. */
export const DAYS_AHEAD = 84

type Span = Workroom['calendar']['taken'][number]

/**
 * When the person has time from now on: their hours of the week and what a calendar adds, less what it takes; what they
 * said of a single day goes before both.
 */
export function freeTimes(
  now: Minutes,
  { hours, once, calendar }: Pick<Workroom, 'hours' | 'once' | 'calendar'>,
): Window[] {
  const weekly = windowsFrom(now, hours.length > 0 ? hours : USUAL_HOURS, DAYS_AHEAD)
  const usual = subtractHours(mergeWindows([...weekly, ...windowsOf(calendar.free)]), windowsOf(calendar.taken))
  const added = once.filter(({ isFree }) => isFree)
  const taken = once.filter(({ isFree }) => !isFree)
  const all = subtractHours(mergeWindows([...usual, ...windowsOf(added)]), windowsOf(taken))
  return all.map(({ start, end }) => ({ start: Math.max(start, now), end })).filter(({ start, end }) => end > start)
}

function windowsOf(spans: readonly Span[]): Window[] {
  return spans.flatMap(({ from, to }) => {
    const [start, end] = [minutesOf(from), minutesOf(to)]
    return start === undefined || end === undefined ? [] : [{ start, end }]
  })
}
