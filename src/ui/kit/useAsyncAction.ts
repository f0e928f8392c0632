'use client'

import { useState, useTransition } from 'react'
import { unreadTrouble } from './unread'

/** What came of something that was done: well, or what stood in its way. */
export type Doing = { ok: true } | { ok: false; errors: Record<string, string> }

/** Where the program did not answer, that is said, and nothing counts as done; any other error is one. */
function offLine(error: unknown): Doing {
  const isUnreachable = error instanceof TypeError || (typeof navigator !== 'undefined' && !navigator.onLine)
  if (!isUnreachable) throw error
  // It may have been done all the same; its key sees to it that it is not done twice.
  return { ok: false, errors: { '': 'The program did not answer. Please try again: nothing is done twice.' } }
}

/** Something done at the press of a button: whether it is under way, and what stood in its way in words. */
export function useAsyncAction() {
  const [trouble, setTrouble] = useState('')
  const [busy, start] = useTransition()
  const doing = (work: () => Promise<Doing>) => {
    const unread = unreadTrouble()
    if (unread) return setTrouble(unread)
    start(async () => {
      const outcome = await work().catch(offLine)
      setTrouble(outcome.ok ? '' : Object.values(outcome.errors).join('; '))
    })
  }
  return { busy, trouble, doing }
}
