'use client'

import { MM_PER_INCH } from '@/core/units/constants'
import { useStored } from '../../shared/useStored'

/** Width of a bank card, mm (ISO/IEC 7810, format ID-1). */
export const CARD_MM = 85.6
/** CSS pixels to a mm where nobody has held a card to the screen: 96 to the inch, which few screens keep. */
export const NOMINAL_PX_PER_MM = 96 / MM_PER_INCH

/** CSS pixels to a mm on this screen, as found with a bank card; null until then. Kept in this browser. */
export function useScreenScale(): [pxPerMm: number | null, set: (pxPerMm: number) => void] {
  const [text, set] = useStored('px-per-mm', 'browser')
  const value = Number(text ?? NaN)
  return [value >= 1 && value <= 40 ? value : null, (pxPerMm) => set(String(pxPerMm))]
}
