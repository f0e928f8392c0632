'use client'

import { useDates } from '../settings/useDates'

/** An instant as a day and a time, in the reader's own zone. */
export function When({ at }: { at: string }) {
  const { dayText, momentText } = useDates()
  const isDay = /^\d{4}-\d\d-\d\d$/.test(at)
  return (
    // The server does not know the reader's zone: what it wrote is put right without a word.
    <time dateTime={at} suppressHydrationWarning>
      {isDay ? dayText(at) : momentText(at)}
    </time>
  )
}
