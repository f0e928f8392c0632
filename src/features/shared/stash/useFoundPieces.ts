'use client'

import { useEffect, useState } from 'react'
import { lastOf } from '@/core/lists/items'

/** So long after the last key it is looked for, ms. */
const PAUSE = 200

interface Answer {
  groups: { title: string; items: { href: string; title: string }[] }[]
}

/**
 * Fabrics of the stash that are looked for while a name is typed: the stash itself never comes to the browser.
 * @returns undefined where nothing is typed
 */
export function useFoundPieces(typed: string): readonly { id: string; name: string }[] | undefined {
  const [found, setFound] = useState<readonly { id: string; name: string }[]>([])
  const isAsked = typed.trim() !== ''
  useEffect(() => {
    if (!isAsked) return
    let isOver = false
    const later = setTimeout(() => {
      void fetch(`/find?q=${encodeURIComponent(typed)}`)
        .then((answer) => answer.json() as Promise<Answer>)
        .then(({ groups }) => {
          if (isOver) return
          const pieces = groups.find(({ title }) => title === 'Fabrics')?.items ?? []
          setFound(pieces.map(({ href, title }) => ({ id: lastOf(href.split('/')), name: title })))
        })
        .catch(() => undefined)
    }, PAUSE)
    return () => {
      isOver = true
      clearTimeout(later)
    }
  }, [typed, isAsked])
  return isAsked ? found : undefined
}
