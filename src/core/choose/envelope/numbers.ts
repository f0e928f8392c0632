import { MM_PER_INCH, MM_PER_YARD } from '../../units/constants'
import { VULGAR_FRACTIONS } from '../../units/fractions'
import { mustHave } from '../../lists/items'

/** A number as envelopes write it: 2, 2.5, 2,5, 1/2, 2 1/8, 2-1/8. One group that is not caught by itself. */
export const NUMBER = String.raw`(?:\d\/\d{1,2}(?!\d)|\d+(?:[.,]\d+)?(?:[ -]\d\/\d{1,2})?)`

const COUNTED: Readonly<Record<string, string>> = { one: '1', two: '2', three: '3', four: '4', five: '5' }

/** The same text with every fraction sign written out, quotes and dashes made plain, and single spaces. */
export function plainText(text: string): string {
  return text
    .replace(
      /[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/g,
      (sign, at: number, whole: string) => `${/\d/.test(whole[at - 1] ?? '') ? ' ' : ''}${VULGAR_FRACTIONS[sign]}`,
    )
    .replace(/(?<![\d.,])\.(?=\d)/g, '0.')
    .replace(/\b(one|two|three|four|five)(?= (?:yards?|met(?:re|er)s?)\b)/gi, (word) =>
      mustHave(COUNTED[word.toLowerCase()]),
    )
    .replace(/[“”″]|''/g, '"')
    .replace(/[‘’′]/g, "'")
    .replace(/[–—−]/g, '-')
    .replace(/(?<=[a-zA-Z])[‑‐](?=[a-zA-Z])/g, '-')
    .replace(/[^\S\n\t]+/g, ' ')
}

/** The value of a number as `NUMBER` finds it; undefined where it is none. */
export function parseEnvelopeNumber(written: string): number | undefined {
  const parts = written.trim().replace(',', '.').split(/[ -]/)
  const values = parts.map((part) => {
    const [top, bottom] = part.split('/').map(Number)
    return bottom === undefined ? mustHave(top) : bottom === 0 ? NaN : mustHave(top) / bottom
  })
  const sum = values.reduce((all, value) => all + value, 0)
  return Number.isFinite(sum) ? sum : undefined
}

const UNIT_MM: Readonly<Record<string, number>> = { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, yd: MM_PER_YARD }

/** How a unit of length may be written, to its id here. */
export function unitOf(written: string): keyof typeof UNIT_MM | undefined {
  const word = written.trim().toLowerCase().replace(/\.$/, '')
  if (word === '"' || /^in(ch(es)?)?$/.test(word)) return 'in'
  if (/^(yd|yds|yard|yards)$/.test(word)) return 'yd'
  if (/^(m|metre|metres|meter|meters)$/.test(word)) return 'm'
  if (/^(cm|cms|centimetres?|centimeters?)$/.test(word)) return 'cm'
  return word === 'mm' ? 'mm' : undefined
}

/** Units of length as a group of a regular expression. */
export const UNIT = String.raw`(?:"|mm\b|cms?\b|metres?\b|meters?\b|m\b|inch(?:es)?\b|in\b\.?|yards?\b|yds?\b\.?)`

/** @returns mm; undefined where the unit is unknown */
export function lengthMm(value: number, unit: string): number | undefined {
  const known = unitOf(unit)
  return known === undefined ? undefined : value * mustHave(UNIT_MM[known])
}
