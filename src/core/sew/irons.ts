import { fibreById } from '../fibres/catalogue'
import { type IronDots } from '../fibres/types'
import { type FibreId } from '../vocabulary/fibres'

/** Sole plate at the most, °C, by dots (ISO 3758, from memory); no dot: not to be ironed. */
export const IRON_DOTS = { 0: null, 1: 110, 2: 150, 3: 200 } as const

/** Of several fibres the tenderest decides; null where none is known. */
export function ironFor(
  fibres: readonly FibreId[],
): { dots: IronDots; celsius: number | null; tenderest: FibreId } | null {
  const tenderest = fibres.toSorted((a, b) => fibreById(a).ironDots - fibreById(b).ironDots)[0]
  if (tenderest === undefined) return null
  const dots = fibreById(tenderest).ironDots
  return { dots, celsius: IRON_DOTS[dots], tenderest }
}
