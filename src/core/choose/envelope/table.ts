import { lengthMm, NUMBER, numberOf, plainText, UNIT, unitOf } from './numbers'

/** A length of an envelope’s table. */
export interface TableLength {
  /** As the table heads its column; null where there is one for all. */
  size: string | null
  widthMm: number
  lengthMm: number
  nap: boolean
}

/** Widths in which cloth is sold, mm: what lies outside is no width. */
const WIDTHS = [500, 3200] as const
/** Longest length that a table tells, mm. */
const MOST_MM = 60_000

const ONE = new RegExp(`(${NUMBER})\\s*(${UNIT})?`, 'g')
const WIDTH_WORDS = /\b(?:wide|width|widths|w)\b/

/** What a line says of a width, and how its lengths are written. */
interface Line {
  widthMm: number
  unit: 'm' | 'yd'
  lengths: number[]
  nap: boolean | null
}

interface Found {
  value: number
  unit: string | undefined
  isFraction: boolean
}

/** Sizes that a heading line names: “Size 8 10 12”, “XS | S | M”, “sizes 8-10, 12-14”. */
export function sizesOf(line: string): string[] | undefined {
  const text = plainText(line).trim()
  const headed = /^(?:(?:fabric )?widths?\b\W*)?(?:sizes?\b:?\s*)?(.*)$/i.exec(text)
  const isHeaded = /^(?:(?:fabric )?widths?|sizes?)\b/i.test(text)
  const rest = headed?.[1] ?? text
  const cells = rest.split(/[\t|]| {2,}|,\s*|\s+/).filter((cell) => cell !== '' && !/^(?:and|to)$/i.test(cell))
  const isSize = (cell: string) => /^(?:\d{1,3}(?:[-/]\d{1,3})?|(?:[2-6]?x{0,3})?[sml]|xx?xs|one)$/i.test(cell)
  if (cells.length === 0 || !cells.every(isSize)) return undefined
  // Bare numbers are sizes only where the line says so.
  return isHeaded || cells.every((cell) => /[a-z]/i.test(cell)) ? cells : undefined
}

/**
 * The lengths that one line of a table tells, a column a size.
 * @param sizes as the heading named them; @param inYards whether the table was said to be in yards
 * @returns none where the line is no row of a table
 */
export function rowOf(line: string, sizes: readonly string[], inYards?: boolean): TableLength[] {
  const read = readLine(plainText(line), inYards)
  if (!read) return []
  const { widthMm, lengths, nap } = read
  return lengths.map((mm, index) => ({
    size: lengths.length === 1 && sizes.length !== 1 ? null : (sizes[index] ?? null),
    widthMm,
    lengthMm: Math.round(mm),
    nap: nap ?? false,
  }))
}

function readLine(text: string, inYards: boolean | undefined): Line | undefined {
  const lower = text.toLowerCase()
  // Both systems in one row: “115 cm (45 in) wide: 2.3 m (2½ yd)”; what stands in brackets says it again.
  const plain = lower
    .replace(/\((?=[^)]*\d)[^)]*\)/g, ' ')
    // “44/45 in” and “58-60 in” are one width.
    .replace(/\b\d{2,3} ?[/-] ?(\d{2,3})(?= ?(?:"|in\b|inch|cm\b))/g, '$1')
  const numbers = numbersIn(plain)
  const at = numbers.findIndex((one, index) => isWidth(one, index, plain))
  if (at < 0) return undefined
  const { value, unit } = numbers[at]!
  const widthMm = lengthMm(value, unit ?? (value < 80 ? 'in' : 'cm'))!
  const rest = numbers.filter((_, index) => index !== at)
  if (rest.length === 0) return undefined
  const saidUnit = rest
    .map((one) => one.unit && unitOf(one.unit))
    .find((one) => one === 'm' || one === 'yd' || one === 'cm')
  const isYards = saidUnit
    ? saidUnit === 'yd'
    : (inYards ??
      (rest.some((one) => one.isFraction) || unitOf(unit ?? '') === 'in' || (unit === undefined && value < 80)))
  const lengths = rest.map((one) =>
    lengthMm(one.value, one.unit ?? (isYards ? 'yd' : saidUnit === 'cm' ? 'cm' : 'm'))!,
  )
  if (lengths.some((mm) => !(mm > 50 && mm <= MOST_MM))) return undefined
  return { widthMm: Math.round(widthMm), unit: isYards ? 'yd' : 'm', lengths, nap: napIn(lower) }
}

function numbersIn(text: string): Found[] {
  return [...text.matchAll(ONE)].flatMap(([, number, unit]) => {
    const value = numberOf(number!)
    return value === undefined ? [] : [{ value, unit, isFraction: number!.includes('/') }]
  })
}

/** The first number that can be a width of cloth: in cm, inches or mm, or bare and as large as one. */
function isWidth({ value, unit, isFraction }: Found, index: number, line: string): boolean {
  const known = unit === undefined ? undefined : unitOf(unit)
  if (known === 'm' || known === 'yd' || isFraction) return false
  const bare = known === undefined
  if (bare && index > 0 && !WIDTH_WORDS.test(line)) return false
  const mm = lengthMm(value, known ?? (value < 80 ? 'in' : 'cm'))!
  return mm >= WIDTHS[0] && mm <= WIDTHS[1]
}

/** What a row says of the nap: with, or without and either; null where it says nothing. */
function napIn(text: string): boolean | null {
  if (/with(?:out)? or with(?:out)? nap|\*{3}/.test(text)) return false
  if (/without nap|no nap|\bw\/?o nap|\*{2}/.test(text)) return false
  return /with nap|\bw\/? ?nap|\bnap\b|one[- ]way|(?<!\*)\*(?!\*)/.test(text) ? true : null
}
