import { fromAbsolute, getLocalTimeZone, parseDateTime, toCalendarDateTime, toZoned } from '@internationalized/date'

/** A place in time by the person's own clock, minutes since 1970-01-01T00:00; without a time zone. */
export type Minutes = number

const MS_PER_MINUTE = 60_000
const WRITTEN = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(?::\d{2}(?:\.\d+)?)?$/

/**
 * Reads `2026-05-02T09:00`.
 * @returns undefined where that is no time of any day
 */
export function minutesOf(written: string): Minutes | undefined {
  if (!WRITTEN.test(written)) return undefined
  try {
    const at = parseDateTime(written).set({ second: 0, millisecond: 0 })
    return toZoned(at, 'UTC').toDate().getTime() / MS_PER_MINUTE
  } catch {
    return undefined
  }
}

/** Writes a time as it is read, to the minute. */
export function writtenAt(at: Minutes): string {
  const time = fromAbsolute(Math.round(at) * MS_PER_MINUTE, 'UTC')
  return toCalendarDateTime(time).toString().slice(0, 'YYYY-MM-DDTHH:MM'.length)
}

/**
 * A moment by the clock of the machine that the program runs on, which is the person's own.
 * @param milliseconds since 1970-01-01T00:00Z
 */
export function minutesByTheClock(milliseconds: number): Minutes {
  const here = toCalendarDateTime(fromAbsolute(milliseconds, getLocalTimeZone()))
  return (
    toZoned(here.set({ second: 0, millisecond: 0 }), 'UTC')
      .toDate()
      .getTime() / MS_PER_MINUTE
  )
}
