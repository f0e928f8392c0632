/** Where the program writes a day or a time for people: everywhere alike, whatever the browser speaks. */
const LOCALE = 'en-GB'

const format = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(LOCALE, options)
const DAY = format({ dateStyle: 'medium', timeZone: 'UTC' })
const MOMENT = format({ dateStyle: 'medium', timeStyle: 'short' })
const CLOCK = format({ hour: '2-digit', minute: '2-digit' })
const SECONDS = format({ hour: '2-digit', minute: '2-digit', second: '2-digit' })
const MONTH = format({ month: 'short', year: 'numeric', timeZone: 'UTC' })
const WEEKDAY = format({ weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })

/** “2 May 2026” of `2026-05-02`. */
export const dayText = (day: string) => DAY.format(new Date(`${day}T00:00:00Z`))
/** “2 May 2026, 10:00” of an instant, where the reader is. */
export const momentText = (instant: string) => MOMENT.format(new Date(instant))
/** “10:00” of an instant, where the reader is. */
export const clockText = (instant: string) => CLOCK.format(new Date(instant))
/** “10:00:07”. */
export const secondsText = (instant: string) => SECONDS.format(new Date(instant))
/** “Dec 2025” of `2025-12`. */
export const monthText = (month: string) => MONTH.format(new Date(`${month}-01T00:00:00Z`))
/** “Saturday 2 May” of a time as a plan writes it, `2026-05-02T09:00`. */
export const weekdayText = (written: string) => WEEKDAY.format(new Date(`${written.slice(0, 16)}:00Z`))
