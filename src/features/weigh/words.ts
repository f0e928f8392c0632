import { massPerArea } from '@/core/measure/weigh'
import { type Reading } from '@/core/notebook/records'
import { formatWeight, formatWidth, type UnitSystem } from '@/core/units/format'

/** What one reading says, and of what. */
export function readingWords(reading: Reading, units: UnitSystem, regainPercent?: number | null): string {
  const { lengthMm, widthMm, layers = 1, notionsGrams = 0 } = reading
  const weight = formatWeight(massPerArea(reading, regainPercent ?? undefined), units)
  const folded = layers > 1 ? `, ${layers} layers` : ''
  const less = notionsGrams > 0 ? `, less ${notionsGrams} g of notions` : ''
  return `${weight} from ${formatWidth(lengthMm, units)} by ${formatWidth(widthMm, units)}${folded}${less}`
}
