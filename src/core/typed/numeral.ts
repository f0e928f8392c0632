import { lastOf } from '../lists/items'

/** One way of reading digits and separators as a number. */
export interface NumeralReading {
  value: number
  /** Whether a separator was read as parting thousands. */
  isGrouped: boolean
  /** Whether the same text can be read the other way: `1,250` and `1.250`. */
  isOpen: boolean
}

const SEPARATORS = /[.,]/g
/** Parts thousands and nothing else: an apostrophe, a space of any width. */
const GROUPED_ONLY = /^\d{1,3}(?:['’ \u00a0\u2009\u202f]\d{3})+(?=$|[.,])/
const GROUPERS = /['’ \u00a0\u2009\u202f]/g

/**
 * Every sensible reading of a decimal number, comma and point alike. A separator that is followed by just three digits
 * may part thousands or decimals; anything else has one reading.
 * @param text digits, separators and nothing else
 * @returns no reading where it is no number
 */
export function readNumeral(text: string): NumeralReading[] {
  const grouped = GROUPED_ONLY.exec(text)
  const bare = grouped ? text.replace(GROUPERS, '') : text
  if (!/^\d*(?:[.,]\d+)*$/.test(bare) || !/\d/.test(bare)) return []
  const separators = bare.match(SEPARATORS) ?? []
  const only = (value: number, isGrouped: boolean) => [{ value, isGrouped, isOpen: false }]
  if (separators.length === 0) return only(Number(bare), grouped !== null)
  const last = lastOf(separators)
  const decimal = () =>
    Number(bare.slice(0, bare.lastIndexOf(last)).replace(SEPARATORS, '') + '.' + lastOf(bare.split(last)))
  if (grouped) return separators.length === 1 ? only(decimal(), true) : []
  if (separators.length > 1) return manySeparators(bare, separators, decimal)
  const [before, after] = bare.split(last) as [string, string]
  // Nobody parts thousands after a nought, or after four digits.
  const isOpen = after.length === 3 && /^[1-9]\d{0,2}$/.test(before)
  if (!isOpen) return only(Number(`${before || '0'}.${after}`), false)
  return [
    { value: Number(`${before}.${after}`), isGrouped: false, isOpen },
    { value: Number(before + after), isGrouped: true, isOpen },
  ]
}

/** More than one separator: all alike part thousands; of two kinds the last is the decimal one. */
function manySeparators(text: string, separators: readonly string[], decimal: () => number): NumeralReading[] {
  const last = lastOf(separators)
  const others = separators.slice(0, -1)
  const isOneKind = others.every((separator) => separator === last)
  const whole = isOneKind ? text : text.slice(0, text.lastIndexOf(last))
  const areGroups = /^[1-9]\d{0,2}(?:[.,]\d{3})+$/.test(whole)
  if (!areGroups || new Set(others).size > 1) return []
  const value = isOneKind ? Number(text.replace(SEPARATORS, '')) : decimal()
  return [{ value, isGrouped: true, isOpen: false }]
}

/** Which separator parts decimals where a language is written. @param locale BCP 47, for example `de-DE` */
export function decimalSeparator(locale: string): ',' | '.' {
  try {
    const parts = new Intl.NumberFormat(locale).formatToParts(1.5)
    return parts.some(({ type, value }) => type === 'decimal' && value === ',') ? ',' : '.'
  } catch {
    return '.'
  }
}
