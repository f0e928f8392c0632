'use client'

import { useSyncExternalStore } from 'react'

const KEY = 'rough-swatch-safety-read'
const listeners = new Set<() => void>()

function subscribe(listener: () => void) {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/**
 * Whether the cautions have been read in this browser session; undefined while that is not yet known (on the server).
 */
export function useSafetyRead(): [boolean | undefined, () => void] {
  const read = useSyncExternalStore<boolean | undefined>(
    subscribe,
    () => sessionStorage.getItem(KEY) === 'yes',
    () => undefined,
  )
  return [
    read,
    () => {
      sessionStorage.setItem(KEY, 'yes')
      listeners.forEach((listener) => listener())
    },
  ]
}
