'use client'

import { useEffect, useRef, useState, type ReactNode } from 'react'
import { Say } from '../text/Say'

/** Something that unfolds, made only when it is first opened. */
export function WhenOpened({ summary, id, children }: { summary: string; id?: string; children: () => ReactNode }) {
  const [wasOpened, setWasOpened] = useState(false)
  const box = useRef<HTMLDetailsElement>(null)
  // An address, or a link on the page, may name it.
  useEffect(() => {
    const look = () => {
      if (id && box.current && location.hash === `#${id}`) box.current.open = true
    }
    look()
    window.addEventListener('hashchange', look)
    return () => window.removeEventListener('hashchange', look)
  }, [id])
  return (
    <details ref={box} id={id} onToggle={({ currentTarget }) => currentTarget.open && setWasOpened(true)}>
      <summary>
        <Say>{summary}</Say>
      </summary>
      {wasOpened ? children() : null}
    </details>
  )
}
