import { type Vocabulary } from '@/core/vocabulary/words'

/** How days and times are written in each English, wherever the browser is. */
const LOCALES: Readonly<Record<Vocabulary, string>> = { uk: 'en-GB', us: 'en-US' }

/** Writes days and times for people. */
export interface Dates {
  /** “2 May 2026” of `2026-05-02`. */
  dayText: (day: string) => string
  /** “2 May 2026, 10:00” of an instant, where the reader is. */
  momentText: (instant: string) => string
  /** “10:00:07” of an instant, where the reader is. */
  secondsText: (instant: string) => string
  /** “Dec 2025” of `2025-12`. */
  monthText: (month: string) => string
  /** “Saturday 2 May” of a time as a plan writes it, `2026-05-02T09:00`. */
  weekdayText: (written: string) => string
}

function datesIn(locale: string): Dates {
  const format = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(locale, options)
  const day = format({ dateStyle: 'medium', timeZone: 'UTC' })
  const moment = format({ dateStyle: 'medium', timeStyle: 'short' })
  const seconds = format({ hour: '2-digit', minute: '2-digit', second: '2-digit' })
  const month = format({ month: 'short', year: 'numeric', timeZone: 'UTC' })
  const weekday = format({ weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })
  return {
    dayText: (written) => day.format(new Date(`${written}T00:00:00Z`)),
    momentText: (instant) => moment.format(new Date(instant)),
    secondsText: (instant) => seconds.format(new Date(instant)),
    monthText: (written) => month.format(new Date(`${written}-01T00:00:00Z`)),
    weekdayText: (written) => weekday.format(new Date(`${written.slice(0, 16)}:00Z`)),
  }
}

/** Days and times in each English. */
export const DATES: Readonly<Record<Vocabulary, Dates>> = { uk: datesIn(LOCALES.uk), us: datesIn(LOCALES.us) }
