'use client'

import { useCallback, useSyncExternalStore } from 'react'

/** For how long a browser keeps something: while this tab is open, or until it is cleared. */
type Keeping = 'tab' | 'browser'

const listeners = new Set<() => void>()

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  window.addEventListener('storage', listener)
  return () => {
    listeners.delete(listener)
    window.removeEventListener('storage', listener)
  }
}

const storeOf = (keeping: Keeping) => (keeping === 'tab' ? sessionStorage : localStorage)

/**
 * Text that this browser keeps under a name. Undefined until the page has come alive, null where there is none; a
 * browser that keeps nothing keeps it while the page stands.
 */
export function useStored(
  name: string,
  keeping: Keeping,
): [text: string | null | undefined, set: (text: string | null) => void] {
  const key = `rough-swatch-${name}`
  const text = useSyncExternalStore(
    subscribe,
    () => read(key, keeping),
    () => undefined,
  )
  const set = useCallback(
    (next: string | null) => {
      write(key, keeping, next)
      listeners.forEach((listener) => listener())
    },
    [key, keeping],
  )
  return [text, set]
}

/** What a browser that keeps nothing was asked to keep. */
const forNow = new Map<string, string>()

function read(key: string, keeping: Keeping): string | null {
  try {
    return storeOf(keeping).getItem(key) ?? forNow.get(key) ?? null
  } catch {
    return forNow.get(key) ?? null
  }
}

function write(key: string, keeping: Keeping, text: string | null): void {
  forNow.delete(key)
  try {
    if (text === null) storeOf(keeping).removeItem(key)
    else storeOf(keeping).setItem(key, text)
  } catch {
    if (text !== null) forNow.set(key, text)
  }
}
