'use client'

import { useEffect, useState } from 'react'
import { type FoundGroup } from './loadFound'

/** While somebody types, nothing is asked for so long, ms. */
const TYPING_MS = 120
const NOTHING: readonly FoundGroup[] = []

/** What answers to a text, once it has stood still for a moment; an answer that comes too late is let go. */
export function useTypeAhead(text: string): readonly FoundGroup[] {
  const [found, setFound] = useState<{ text: string; groups: readonly FoundGroup[] }>({ text: '', groups: NOTHING })
  const asked = text.trim()
  useEffect(() => {
    if (asked === '') return
    const stop = new AbortController()
    const timer = setTimeout(() => {
      fetch(`/find?q=${encodeURIComponent(asked)}`, { signal: stop.signal })
        .then((answer) => answer.json() as Promise<{ groups: FoundGroup[] }>)
        .then(({ groups }) => setFound({ text: asked, groups }))
        // The page of the search answers where this cannot.
        .catch(() => undefined)
    }, TYPING_MS)
    return () => {
      clearTimeout(timer)
      stop.abort()
    }
  }, [asked])
  return asked === '' ? NOTHING : found.groups
}
