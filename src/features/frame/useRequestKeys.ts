'use client'

import { useEffect } from 'react'
import { REQUEST_KEY } from '../shared/requestKey'
import { noticeDone } from './done/doneStore'

/** A key that nobody else makes; not only where the connection is secure. */
const newKey = () => Array.from(crypto.getRandomValues(new Uint32Array(4)), (part) => part.toString(36)).join('-')

/**
 * Gives every request that changes something a key of its own; one that got no answer and is sent again has the key
 * that it had, so that nothing is done twice.
 */
export function useRequestKeys(): void {
  useEffect(() => {
    const plain = window.fetch
    const unanswered = new Map<string, string>()
    window.fetch = async (input, init) => {
      const sent = new Headers(init?.headers)
      if (init?.method !== 'POST' || !sent.has('next-action')) return plain(input, init)
      const same = typeof init.body === 'string' ? `${sent.get('next-action')} ${init.body}` : undefined
      const key = (same === undefined ? undefined : unanswered.get(same)) ?? newKey()
      sent.set(REQUEST_KEY, key)
      if (same !== undefined) unanswered.set(same, key)
      const answer = await plain(input, { ...init, headers: sent })
      noticeDone()
      // Answered once all of it has come.
      if (same !== undefined)
        answer
          .clone()
          .arrayBuffer()
          .then(
            () => unanswered.delete(same),
            () => undefined,
          )
      return answer
    }
    return () => {
      window.fetch = plain
    }
  }, [])
}
