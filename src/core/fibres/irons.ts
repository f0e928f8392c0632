import { fibreById, isTrace } from './catalogue'
import { type IronDots } from './types'
import { type FibreId } from '../vocabulary/fibres'

/**
 * Sole plate at the most, °C, by dots; no dot: not to be ironed. ISO 3758:2012, from memory; the edition of 2023 may
 * give 120, 160 and 210: the cooler figures are kept.
 */
export const IRON_DOTS = { 0: null, 1: 110, 2: 150, 3: 200 } as const

/** Dots for a trace of stretch in what could bear the full heat. */
const HELD_TRACE_DOTS = 2

/**
 * Of several fibres the tenderest decides; null where none is known. A few per cent of elastane in cotton are not
 * ironed as elastane would be: two dots, common practice.
 */
export function ironFor(
  fibres: readonly FibreId[],
): { dots: IronDots; celsius: number | null; tenderest: FibreId } | null {
  const tenderest = fibres.toSorted((a, b) => fibreById(a).ironDots - fibreById(b).ironDots)[0]
  if (tenderest === undefined) return null
  const others = fibres.filter((id) => !isTrace(id))
  const held = isTrace(tenderest) && others.length > 0 && others.every((id) => fibreById(id).ironDots === 3)
  const dots = held ? HELD_TRACE_DOTS : fibreById(tenderest).ironDots
  return { dots, celsius: IRON_DOTS[dots], tenderest }
}
