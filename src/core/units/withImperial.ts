import { GSM_PER_OUNCE_PER_SQUARE_YARD, MM_PER_INCH, MM_PER_YARD } from './constants'
import { inParts } from './format'

/** kg in a pound (avoirdupois, exact by definition). */
const KG_PER_POUND = 0.45359237
/** Lengths of stitches are set in mm on every machine: what is written so finely, and is so short, is left as it is. */
const STITCH_MM = 6
/** Shorter than this is a hair's breadth in inches. */
const LEAST_MM = 2

const AMOUNT = /(\d+(?:\.\d+)?)(?:( to | by | × )(\d+(?:\.\d+)?))?[ \u00a0](mm|cm|m|g\/m²|kg)(?![\w²³])(?!\s*\()/g

type Metric = 'mm' | 'cm' | 'm' | 'g/m²' | 'kg'

function inInches(mm: number): string {
  return inParts(mm / MM_PER_INCH, mm < 10 ? 16 : mm < 60 ? 8 : mm < 100 ? 4 : 2)
}

const IMPERIAL: Readonly<Record<Metric, { unit: string; of: (value: number) => string }>> = {
  mm: { unit: 'in', of: inInches },
  cm: { unit: 'in', of: (cm) => inInches(cm * 10) },
  m: { unit: 'yd', of: (m) => inParts((m * 1000) / MM_PER_YARD, 8) },
  'g/m²': { unit: 'oz/yd²', of: (gsm) => (gsm / GSM_PER_OUNCE_PER_SQUARE_YARD).toFixed(1) },
  kg: { unit: 'lb', of: (kg) => (kg / KG_PER_POUND).toFixed(1) },
}

/**
 * A text with its lengths and weights in inches, yards, ounces and pounds behind each of them, where that is not said
 * already: `Trim to 5 mm (3/16 in)`. Rounded as people read a tape.
 */
export function withImperial(text: string): string {
  return text.replace(
    AMOUNT,
    (said: string, first: string, to: string | undefined, second: string | undefined, unit) => {
      const metric = unit as Metric
      const isFine = [first, second].some((one) => one?.includes('.'))
      const [low, high] = [Number(first), Number(second ?? first)]
      if (metric === 'mm' && (high < LEAST_MM || (isFine && high < STITCH_MM))) return said
      const { unit: shown, of } = IMPERIAL[metric]
      return `${said} (${of(low)}${to && second ? `${to}${of(high)}` : ''} ${shown})`
    },
  )
}
