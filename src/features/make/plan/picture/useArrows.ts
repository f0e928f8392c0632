'use client'

import { useRef, type KeyboardEvent } from 'react'

/** One of many things that the arrow keys go through, where Tab stops once. */
export interface Arrows {
  /** Where Tab stops. */
  current: string | undefined
  ref: (key: string) => (button: HTMLElement | null) => void
  onKeyDown: (key: string, event: KeyboardEvent) => void
}

/** Arrow keys, Home and End through things in their order: what is reached is chosen. */
export function useArrows(
  keys: readonly string[],
  { chosen, onChoose }: { chosen: string | undefined; onChoose: (key: string) => void },
): Arrows {
  const buttons = useRef(new Map<string, HTMLElement>())
  return {
    current: chosen !== undefined && keys.includes(chosen) ? chosen : keys[0],
    ref: (key) => (button) => {
      if (button) buttons.current.set(key, button)
      else buttons.current.delete(key)
    },
    onKeyDown: (key, event) => {
      if (event.shiftKey || event.defaultPrevented) return
      const at = keys.indexOf(key)
      const goes = { ArrowRight: at + 1, ArrowDown: at + 1, ArrowLeft: at - 1, ArrowUp: at - 1 }
      const to = { ...goes, Home: 0, End: keys.length - 1 }[event.key]
      const next = to === undefined ? undefined : keys[to]
      if (next === undefined) return
      event.preventDefault()
      onChoose(next)
      buttons.current.get(next)?.focus()
    },
  }
}
