import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '../../units/constants'
import { mustHave } from '../../lists/items'

/** What one line of a scale says. */
export interface ScaleLine {
  grams: number
  /** The step that its digits show, g. */
  resolutionGrams: number
  /** Whether the scale itself calls the weight steady; null where it does not say. */
  steady: boolean | null
}

const GRAMS_PER: Readonly<Record<string, number>> = {
  mg: 0.001,
  g: 1,
  kg: 1000,
  oz: GRAMS_PER_OUNCE,
  lb: GRAMS_PER_POUND,
}

/**
 * One line of text as small serial scales send it: perhaps a word for steady or not, a sign, digits, a unit
 * (`ST,GS,+0012.3 g`, `   12.3 g`, `US  -0.4g`). Grams where no unit stands. Common practice; makers differ in the
 * words before the number.
 * Undefined where the line holds no weight.
 */
export function readScaleLine(line: string): ScaleLine | undefined {
  const found = /([+-]?)\s*(\d+)(?:\.(\d+))?\s*([a-z]*)\s*\??$/i.exec(line.trim())
  if (!found) return undefined
  const [, sign, whole, decimals = '', unit] = found
  const perUnit = GRAMS_PER[mustHave(unit).toLowerCase() || 'g']
  if (perUnit === undefined) return undefined
  const before = line.slice(0, found.index).toUpperCase()
  const steady =
    /\b(US|UNST|SD)\b/.test(before) || line.trim().endsWith('?') ? false : /\b(ST|S)\b/.test(before) ? true : null
  return {
    grams: Number(`${sign}${whole}.${decimals || '0'}`) * perUnit,
    resolutionGrams: perUnit * 10 ** -decimals.length,
    steady,
  }
}
