'use client'

/** An instant as a day and a time, in the reader's own zone. */
export function When({ at }: { at: string }) {
  const isDay = /^\d{4}-\d\d-\d\d$/.test(at)
  return (
    // The server does not know the reader's zone: what it wrote is put right without a word.
    <time dateTime={at} suppressHydrationWarning>
      {isDay
        ? new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium', timeZone: 'UTC' })
        : new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
    </time>
  )
}
