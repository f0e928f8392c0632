import {
  GRAMS_PER_POUND,
  GSM_PER_OUNCE_PER_SQUARE_YARD,
  MM_PER_INCH,
  MM_PER_YARD,
  SQUARE_METRES_PER_SQUARE_YARD,
} from '../units/constants'
import { inParts, type UnitSystem } from '../units/format'
import { type Vocabulary } from '../vocabulary/words'
import { spellFor } from './spelling'
import { isText, partsOf, type Amount, type Phrase, type TextPart, type TextUnit } from './text'

/** Who reads a text: which English, and which units. */
export interface Reader {
  words: Vocabulary
  units: UnitSystem
}

/** Who nothing is known of: British English and metric units, as files and HTTP answers have. */
export const PLAIN_READER: Reader = { words: 'uk', units: 'metric' }

interface Written {
  unit: string
  of: (value: number) => string
}

const METRIC: Readonly<Record<TextUnit, string>> = {
  mm: 'mm',
  cm: 'cm',
  m: 'm',
  'm²': 'm²',
  'g/m²': 'g/m²',
  kg: 'kg',
  '°C': '°C',
  'per cm': 'per cm',
  'stitch length': 'mm',
  'stitch width': 'mm',
}

const IMPERIAL: Readonly<Record<Exclude<TextUnit, 'stitch width'>, Written>> = {
  mm: { unit: 'in', of: inInches },
  cm: { unit: 'in', of: (cm) => inInches(cm * 10) },
  m: { unit: 'yd', of: (m) => inParts((m * 1000) / MM_PER_YARD, 8) },
  'm²': { unit: 'yd²', of: (m2) => (m2 / SQUARE_METRES_PER_SQUARE_YARD).toFixed(1) },
  'g/m²': { unit: 'oz/yd²', of: (gsm) => (gsm / GSM_PER_OUNCE_PER_SQUARE_YARD).toFixed(1) },
  kg: { unit: 'lb', of: (kg) => ((kg * 1000) / GRAMS_PER_POUND).toFixed(1) },
  '°C': { unit: '°F', of: (celsius) => String(Math.round((celsius * 1.8 + 32) / 5) * 5).replace('-', '−') },
  'per cm': { unit: 'per inch', of: (count) => String(Math.round((count * MM_PER_INCH) / 10)) },
  // Old machines and books count stitches per inch.
  'stitch length': { unit: 'stitches per inch', of: (mm) => String(Math.round(MM_PER_INCH / mm)) },
}

/** A text as words for this reader; nothing that a person wrote is spelled anew. */
export function textFor(text: Phrase, reader: Reader): string {
  return partsOf(text)
    .map((part) => partFor(part, reader))
    .join('')
}

/** A text as words in British English and metric units. */
export function asPlainText(text: Phrase): string {
  return textFor(text, PLAIN_READER)
}

/** Anything with every text in it as words in British English and metric units. */
export function allPlain(value: unknown): unknown {
  if (Array.isArray(value)) {
    const list: readonly unknown[] = value
    return isText(list) ? asPlainText(list) : list.map(allPlain)
  }
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, allPlain(one)]))
}

function partFor(part: TextPart, reader: Reader): string {
  if (typeof part === 'string') return spellFor(part, reader.words)
  if ('verbatim' in part) return part.verbatim
  return 'piece' in part ? part.piece : amountFor(part, reader)
}

/**
 * An amount for this reader: `6 mm`; in inches with what a ruler of the other kind shows behind it, `¼ in (6 mm)`.
 * Rounded as people read a tape.
 */
export function amountFor({ unit, values, between = 'to' }: Amount, { units }: Pick<Reader, 'units'>): string {
  const joined = (of: (value: number) => string) =>
    [...new Set(values.map(of))].join(between === '×' ? ' × ' : ` ${between} `)
  const metric = `${joined((value) => String(value).replace('-', '−'))} ${METRIC[unit]}`
  if (units === 'metric' || unit === 'stitch width') return metric
  const { unit: shown, of } = IMPERIAL[unit]
  const imperial = `${joined(of)} ${shown}`
  return unit === 'stitch length' ? `${metric} (${imperial})` : `${imperial} (${metric})`
}

/** Inches as people read a tape; what is under 2 mm in hundredths. */
function inInches(mm: number): string {
  const inches = mm / MM_PER_INCH
  if (mm < 2) return inches.toFixed(2)
  return inParts(inches, mm < 10 ? 16 : mm < 60 ? 8 : mm < 100 ? 4 : 2)
}
