'use client'

/** An instant as a day and a time, in the reader's own zone. */
export function When({ at }: { at: string }) {
  return (
    // The server does not know the reader's zone: what it wrote is put right without a word.
    <time dateTime={at} suppressHydrationWarning>
      {new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
    </time>
  )
}
