import { countNoun } from '@/core/units/format'
import { type TallyLine } from '@/core/pieces/tally'

/** A line of a tally in words; what is not known is said, never guessed. */
export function tallyWords({ pieces, m2, withoutM2, kg, withoutKg }: TallyLine): string {
  if (pieces === 0) return 'nothing yet'
  const count = `${countNoun(pieces, 'fabric')}`
  const area = withoutM2 === pieces ? '' : `${m2.toFixed(1)} m²${withoutM2 > 0 ? ' or more' : ''}`
  const mass = withoutKg === pieces ? '' : `${kg.toFixed(1)} kg${withoutKg > 0 ? ' or more' : ''}`
  return [count, area, mass].filter(Boolean).join(', ')
}
