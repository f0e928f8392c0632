import { GRAMS_PER_OUNCE, GSM_PER_OUNCE_PER_SQUARE_YARD, MM_PER_INCH, MM_PER_YARD } from '@/core/units/constants'
import { type UnitSystem } from '@/core/units/format'

/** A unit that a field is filled in with, and how many of the core's own units (mm, g, g/m²) are in one of it. */
export interface FieldUnit {
  symbol: string
  inCore: number
}

/** Units for fields, by system: fine lengths (marks on a specimen), short and long ones, masses, masses per area. */
export function fieldUnits(system: UnitSystem): Record<'fine' | 'short' | 'long' | 'mass' | 'weight', FieldUnit> {
  return system === 'metric'
    ? {
        fine: { symbol: 'mm', inCore: 1 },
        short: { symbol: 'cm', inCore: 10 },
        long: { symbol: 'm', inCore: 1000 },
        mass: { symbol: 'g', inCore: 1 },
        weight: { symbol: 'g/m²', inCore: 1 },
      }
    : {
        fine: { symbol: 'in', inCore: MM_PER_INCH },
        short: { symbol: 'in', inCore: MM_PER_INCH },
        long: { symbol: 'yd', inCore: MM_PER_YARD },
        mass: { symbol: 'oz', inCore: GRAMS_PER_OUNCE },
        weight: { symbol: 'oz/yd²', inCore: GSM_PER_OUNCE_PER_SQUARE_YARD },
      }
}

/** What a field shows for a value in core units, to a thousandth. */
export function toField(value: number | null, { inCore }: FieldUnit): number {
  return value === null ? NaN : Math.round((value / inCore) * 1000) / 1000
}

/** What the core gets for what a field holds; null where it is empty. */
export function fromField(value: number, { inCore }: FieldUnit): number | null {
  return Number.isFinite(value) ? value * inCore : null
}
