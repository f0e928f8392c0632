'use client'

import { useCallback, useSyncExternalStore } from 'react'

/** Width of a bank card, mm (ISO/IEC 7810, format ID-1). */
export const CARD_MM = 85.6
/** CSS pixels to a mm where nobody has held a card to the screen: 96 to the inch, which few screens keep. */
export const NOMINAL_PX_PER_MM = 96 / 25.4

const KEY = 'rough-swatch-px-per-mm'
const listeners = new Set<() => void>()

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

function kept(): number | null {
  const value = Number(localStorage.getItem(KEY))
  return value >= 1 && value <= 40 ? value : null
}

/** CSS pixels to a mm on this screen, as found with a bank card; null until then. Kept in this browser. */
export function useScreenScale(): [pxPerMm: number | null, set: (pxPerMm: number) => void] {
  const value = useSyncExternalStore(subscribe, kept, () => null)
  const set = useCallback((pxPerMm: number) => {
    localStorage.setItem(KEY, String(pxPerMm))
    listeners.forEach((listener) => listener())
  }, [])
  return [value, set]
}
