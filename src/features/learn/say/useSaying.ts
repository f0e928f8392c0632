'use client'

import { useState } from 'react'

/**
 * Says something once, and tells what came of it; what could not be kept is told in words, and can be said again.
 * @param send what keeps it; @param onTold what is done with the answer
 */
export function useSaying<S, T>(send: (said: S) => Promise<T>, onTold: (told: T) => void) {
  const [isBusy, setBusy] = useState(false)
  const [trouble, setTrouble] = useState('')
  const say = async (said: S) => {
    setBusy(true)
    try {
      onTold(await send(said))
    } catch {
      setTrouble('We could not save it. Please try again.')
    } finally {
      setBusy(false)
    }
  }
  return { isBusy, trouble, say }
}
