import { VULGAR_FRACTIONS } from '../units/fractions'
import { readNumeral } from './numeral'
import { type TypedUnit } from './units'
import { itemAt } from '../lists/items'

/** One reading of an amount with its unit. */
export interface AmountReading {
  /** In the base unit of its kind. */
  value: number
  /** The first unit that was written, or the one that was assumed. */
  unit: string
  isGrouped: boolean
}

const WORDS: readonly (readonly [RegExp, string])[] = [
  [/\b(?:a|an|one)?\s*half(?: an?\b)?/g, ' 1/2 '],
  [/\b(?:three|3)[ -]quarters?(?: of an?\b| an?\b)?/g, ' 3/4 '],
  [/\b(?:a|one)? ?quarter(?: of an?\b)?/g, ' 1/4 '],
]

/** A whole, a fraction, or both: `2 1/2`, `2-1/2`, `1/2`. */
const FRACTION = /^(?:(\d+)(?: |-| and | ?& ?|\+))?(\d+) ?[/⁄] ?(\d+)/
const NUMERAL = /^\d[\d.,]*(?:['’ \u00a0\u2009\u202f]\d{3}(?!\d))*(?:[.,]\d+)?|^[.,]\d+/

/** Into how many parts people part a unit. */
const PARTS = [2, 3, 4, 5, 6, 8, 10, 12, 16, 32, 64]

interface Part {
  values: { value: number; isGrouped: boolean }[]
  unit: TypedUnit | undefined
}

/**
 * Every reading of amounts that follow one another, each with its unit: `1 yd 9 in`, `5' 3"`, `1 m 20`.
 * @param assumed the unit of a number that has none
 * @returns in the base unit; empty where anything of the text was not understood
 */
export function readAmount(text: string, units: readonly TypedUnit[], assumed: TypedUnit): AmountReading[] {
  const isNegative = /^-\s*\d/.test(text)
  const parts = partsOf(withFractions(isNegative ? text.slice(1) : text).trim(), units)
  if (!parts || parts.length > 3) return []
  const [first, ...others] = parts as [Part, ...Part[]]
  const lead = first.unit ?? (others.length === 0 ? assumed : undefined)
  if (!lead) return []
  let rest = 0
  let before = lead
  for (const [i, part] of others.entries()) {
    const unit = part.unit ?? (i === others.length - 1 ? units.find(({ id }) => id === before.then) : undefined)
    // The second unit is the smaller one, and has one reading only.
    if (!unit || unit.factor >= before.factor || part.values.length !== 1) return []
    rest += itemAt(part.values, 0).value * unit.factor
    before = unit
  }
  const sign = isNegative ? -1 : 1
  const readings = first.values.map(({ value, isGrouped }) => ({
    value: sign * cleaned(value * lead.factor + rest),
    unit: lead.id,
    isGrouped,
  }))
  return readings.filter(({ value }) => Number.isFinite(value))
}

/** Fractions of one sign or in words as `1/2`, with a space before. */
function withFractions(text: string): string {
  const spaced = (words: string) => words.replace(/\s+/g, ' ').trim()
  let plain = text.toLowerCase().replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR_FRACTIONS[sign]} `)
  for (const [words, figures] of WORDS) plain = spaced(plain.replace(words, figures))
  // A yard and a half, two yards and a half.
  const halfOf = /^(an?|\d+) ([a-z]+?)s? and (\d+\/\d+)$/.exec(plain)
  if (!halfOf) return spaced(plain)
  return `${/^a/.test(itemAt(halfOf, 1)) ? 1 : halfOf[1]} ${halfOf[3]} ${halfOf[2]}`
}

function partsOf(text: string, units: readonly TypedUnit[]): Part[] | undefined {
  const parts: Part[] = []
  let rest = text
  while (rest !== '') {
    const values = leadingNumber(rest)
    if (!values) return undefined
    rest = rest.slice(values.length).trimStart()
    const unit = leadingUnit(rest, units)
    rest = rest
      .slice(unit?.length ?? 0)
      .replace(/^\.(?=\s|$)/, '')
      .trimStart()
      .replace(/^(?:and|&|\+|,)\s+/, '')
    parts.push({ values: values.values, unit: unit?.unit })
    if (parts.length > 3) return undefined
  }
  return parts.length > 0 ? parts : undefined
}

function leadingNumber(text: string): { values: Part['values']; length: number } | undefined {
  const fraction = FRACTION.exec(text)
  if (fraction) {
    const [all, whole = '0', above, below] = fraction
    const [n, d] = [Number(above), Number(below)]
    // A fraction behind a whole is less than one; and nobody measures in sixtieths: 45/60 are two widths.
    if (!PARTS.includes(d) || (fraction[1] !== undefined && n >= d)) return undefined
    return { values: [{ value: Number(whole) + n / d, isGrouped: false }], length: all.length }
  }
  const numeral = NUMERAL.exec(text)?.[0].replace(/[.,]$/, '')
  if (!numeral) return undefined
  const readings = readNumeral(numeral)
  return readings.length > 0 ? { values: readings, length: numeral.length } : undefined
}

function leadingUnit(text: string, units: readonly TypedUnit[]): { unit: TypedUnit; length: number } | undefined {
  const fits = units
    .flatMap((unit) => unit.written.map((written) => ({ unit, length: written.length, written })))
    .filter(
      ({ written }) =>
        text.startsWith(written) && !/^[a-z²³]/.test(/[a-z²]$/.test(written) ? text.slice(written.length) : ''),
    )
  return fits.toSorted((a, b) => b.length - a.length)[0]
}

/** Without what adding in binary leaves behind the ninth digit. */
const cleaned = (value: number) => Number(value.toPrecision(12))
