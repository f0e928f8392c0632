import { getLocalTimeZone, parseAbsolute, toCalendarDate } from '@internationalized/date'

/**
 * The day on which an instant falls where the person is, whose machine the program runs on: not the day in Greenwich.
 * @param instant ISO 8601
 * @returns `2026-05-02`
 */
export function dayOf(instant: string): string {
  return toCalendarDate(parseAbsolute(instant, getLocalTimeZone())).toString()
}
