'use client'

import { useState, type ReactNode } from 'react'
import { Say } from '../text/Say'

/** Something that unfolds, made only when it is first opened. */
export function WhenOpened({ summary, children }: { summary: string; children: () => ReactNode }) {
  const [wasOpened, setWasOpened] = useState(false)
  return (
    <details onToggle={({ currentTarget }) => currentTarget.open && setWasOpened(true)}>
      <summary>
        <Say>{summary}</Say>
      </summary>
      {wasOpened ? children() : null}
    </details>
  )
}
