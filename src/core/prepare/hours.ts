import { minutesOf, type Minutes } from './minutes'
import { type Window } from './window'
import { mustHave } from '../lists/items'

/** Hours of a week. `day` 0 is Monday; times are written 09:30. */
export interface WeeklyHours {
  day: number
  from: string
  to: string
}

/** Where nobody said when they have time: two evenings and a Saturday morning. */
export const USUAL_HOURS: readonly WeeklyHours[] = [
  { day: 1, from: '19:00', to: '21:00' },
  { day: 3, from: '19:00', to: '21:00' },
  { day: 5, from: '10:00', to: '13:00' },
]

const A_DAY = 24 * 60
/** 1970-01-01 was a Thursday. */
const FIRST_DAY = 3

/** The times that a person has from now on, for so many days. */
export function windowsFrom(now: Minutes, hours: readonly WeeklyHours[], days: number): Window[] {
  const today = Math.floor(now / A_DAY)
  return Array.from({ length: days }, (_, i) => today + i).flatMap((day) =>
    hours
      .filter((one) => one.day === (((day + FIRST_DAY) % 7) + 7) % 7)
      .map(({ from, to }) => ({ start: Math.max(now, day * A_DAY + clock(from)), end: day * A_DAY + clock(to) }))
      .filter(({ start, end }) => end > start),
  )
}

/** Those times less the ones that are taken. */
export function subtractHours(windows: readonly Window[], taken: readonly Window[]): Window[] {
  return taken.reduce<Window[]>(
    (left, { start, end }) =>
      left.flatMap((window) => {
        if (end <= window.start || start >= window.end) return [window]
        return [
          { start: window.start, end: start },
          { start: end, end: window.end },
        ].filter((part) => part.end > part.start)
      }),
    [...windows],
  )
}

const clock = (written: string): number => mustHave(minutesOf(`1970-01-01T${written}`))
