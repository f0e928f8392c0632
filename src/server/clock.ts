import { minutesOf, type Minutes } from '../core/prepare/minutes'

/** A moment by the clock of the machine that the program runs on, which is the person's own. */
export function minutesByTheClock(at: Date): Minutes {
  return minutesOf(writeMoment(at.getFullYear(), at.getMonth() + 1, at.getDate(), at.getHours(), at.getMinutes()))!
}

/** A moment as it is written, `2026-05-02T09:00`. */
export const writeMoment = (year: number, month: number, day: number, hour: number, minute: number) =>
  `${two(year, 4)}-${two(month)}-${two(day)}T${two(hour)}:${two(minute)}`

const two = (value: number, width = 2) => String(value).padStart(width, '0')
