import { MM_PER_INCH } from '../units/constants'
import { type Quantity } from '../units/quantity'
import { type PricePer } from '../vocabulary/stash'

/** What was paid, as the person writes it: any currency, never turned into another. */
export interface PiecePrice {
  amount: number
  currency: string
  per: PricePer
}

const MM_PER_METRE = 1000
const INCHES_PER_YARD = 36
/** Length that a price is for, mm. */
const PER_MM = { metre: MM_PER_METRE, yard: INCHES_PER_YARD * MM_PER_INCH } as const

/**
 * Price of a square metre, so that a narrow bargain and a broad cloth compare fairly.
 * @param area of the whole piece, m²; its mass, kg
 * @returns null where what it takes is not known
 */
export function pricePerSquareMetre(
  { amount, per }: PiecePrice,
  { widthMm, area, kg }: { widthMm: number | null; area: Quantity | null; kg: number | null },
): number | null {
  switch (per) {
    case 'all':
      return area && area.value > 0 ? amount / area.value : null
    case 'kilogram':
      return area && area.value > 0 && kg !== null ? (amount * kg) / area.value : null
    default:
      return widthMm === null ? null : amount / ((PER_MM[per] / MM_PER_METRE) * (widthMm / MM_PER_METRE))
  }
}

/** What the whole piece cost; null where it cannot be told. */
export function paidInAll(
  { amount, per }: PiecePrice,
  { lengthMm, kg }: { lengthMm: number | null; kg: number | null },
): number | null {
  switch (per) {
    case 'all':
      return amount
    case 'kilogram':
      return kg === null ? null : amount * kg
    default:
      return lengthMm === null ? null : (amount * lengthMm) / PER_MM[per]
  }
}
