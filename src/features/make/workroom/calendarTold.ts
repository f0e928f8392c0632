import { type Workroom } from '@/core/notebook/kinds/workroom'

/** What calendars said, for the page: how many times, and up to when. */
export interface CalendarTold {
  taken: number
  free: number
  /** ISO 8601, days. */
  until: string | null
  readOn: string | null
}

/** The times themselves stay on the server. */
export function calendarTold({ taken, free, readOn }: Workroom['calendar']): CalendarTold {
  const ends = [...taken, ...free].map(({ to }) => to.slice(0, 10)).sort()
  return { taken: taken.length, free: free.length, until: ends.at(-1) ?? null, readOn }
}
