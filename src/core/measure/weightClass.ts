import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '../units/constants'
import { type WeightClass } from '../vocabulary/cloth'

/** Upper limits in oz/yd², as shops sort cloth; common practice. */
const UPPER_OUNCES: readonly (readonly [number, WeightClass])[] = [
  [2, 'very-light'],
  [4, 'light'],
  [8, 'medium'],
  [12, 'heavy'],
]

/** The class of a mass per area in g/m². */
export function weightClassOf(gsm: number): WeightClass {
  const ounces = gsm / GSM_PER_OUNCE_PER_SQUARE_YARD
  return UPPER_OUNCES.find(([limit]) => ounces < limit)?.[1] ?? 'very-heavy'
}

export const weightClassWords: Record<WeightClass, { name: string; like: string }> = {
  'very-light': { name: 'very light', like: 'like voile, chiffon or habotai' },
  light: { name: 'light', like: 'like lawn, shirting or lining' },
  medium: { name: 'middling', like: 'like quilting cotton, linen or a dress crepe' },
  heavy: { name: 'heavy', like: 'like drill, light denim or suiting' },
  'very-heavy': { name: 'very heavy', like: 'like jeans denim, coating or upholstery' },
}
