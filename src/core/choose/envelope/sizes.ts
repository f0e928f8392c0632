import { NUMBER, plainText, UNIT } from './numbers'
import { findSpans, type Span } from './spans'
import { itemAt, lastOf, mustHave } from '../../lists/items'

/** Sizes by letters, from the smallest. */
const LETTERED = [
  ...['xxxs', 'xxs', 'xs', 's', 'm', 'l', 'xl', 'xxl', '1x', '2xl', '2x', 'xxxl', '3xl', '3x'],
  ...['4xl', '4x', '5xl', '5x', '6xl', '6x'],
]
const MOST_IN_A_RANGE = 20

/**
 * Sizes that a range stands for: `34-40` is 34, 36, 38, 40; `S-L` is S, M, L.
 * @param isByAge `4-6` is 4, 5, 6
 * @returns [] where it is none
 */
export function sizesOfRange(from: string, to: string, isByAge = false): string[] {
  if (from === '00') return ['00', ...sizesOfRange('0', to, isByAge)]
  const [low, high] = [Number(from), Number(to)]
  if (Number.isInteger(low) && Number.isInteger(high)) {
    // Grown-ups' sizes go in twos.
    const step = !isByAge && low % 2 === 0 && high % 2 === 0 ? 2 : 1
    const count = (high - low) / step + 1
    return count > 1 && count <= MOST_IN_A_RANGE
      ? Array.from({ length: count }, (_, i) => String(low + i * step))
      : []
  }
  const [first, last] = [LETTERED.indexOf(from.toLowerCase()), LETTERED.indexOf(to.toLowerCase())]
  if (first < 0 || last <= first) return []
  return LETTERED.slice(first, last + 1)
    .filter((size) => [from, to].some((end) => end.toLowerCase() === size) || isOfStyle(size, from + to))
    .map((size) => size.toUpperCase())
}

/** Whether a large size is written as the ends of its range are: XXL, 2XL or 2X. */
function isOfStyle(size: string, ends: string): boolean {
  if (/^\dx$/.test(size)) return /\dx(?!l)/i.test(ends)
  if (/^\dxl$/.test(size)) return /\dxl/i.test(ends)
  return !/^xx+l$/.test(size) || !/\dx/i.test(ends)
}

/**
 * The sizes that a column is of: `0-8` is 0, 2, 4, 6, 8, “up to 10” all of these that are smaller; what is no range is
 * as it stands.
 */
export function sizesCalled(
  name: string,
  { isByAge = false, all = [] }: { isByAge?: boolean; all?: readonly string[] } = {},
): string[] {
  const [, bound, end] = /^(up to|from) (\w+)$/.exec(name) ?? []
  const at = all.findIndex((size) => size.toLowerCase() === end?.toLowerCase())
  // By letters there is no smaller one than the first of them.
  if (bound === 'up to' && at < 0 && /[SML]$/.test(mustHave(end))) return sizesOfRange('XS', mustHave(end))
  if (bound !== undefined) return at < 0 ? [mustHave(end)] : bound === 'from' ? all.slice(at) : all.slice(0, at + 1)
  // “38/40” is two sizes.
  const pair = name.split('/')
  if (pair.length > 1 && pair.every((size) => /^[\dXSML]{1,4}$/i.test(size))) return pair.map((size) => size.trim())
  const [, from, to] = /^(\w+)\s*(?:-|\bto\b)\s*(\w+)$/.exec(name) ?? []
  const chain = name.split(/[-/]/)
  if (chain.length > 2 && chain.every((size) => /^\d{1,2}$/.test(size))) return chain
  const many = from === undefined ? [] : sizesOfRange(from, mustHave(to), isByAge)
  return many.length > 0 ? many : [name]
}

/** The sizes that an envelope is for, where it says so in one place. @param text the whole of it */
export function sizesOfAll(text: string): string[] {
  const said = [...plainText(text).matchAll(OF_ALL)].map(([, from, to]) => sizesOfRange(mustHave(from), mustHave(to)))
  return said.toSorted((a, b) => b.length - a.length)[0] ?? []
}

/** What a line says of sizes at one place: these, or all of them. */
export interface SizeMark extends Span {
  is: 'size'
  /** Each as it stands in the list, with the sizes that it is of; null: of all. */
  names: string[] | null
}

const SEPARATOR = String.raw`\s*(?:-|\bto\b|,|\band\b|&|\/|\|)\s*`
// “14 in 45 in wide fabric” is a size and where it is cut from.
const NO_MEASURE = String.raw`(?!\d)(?![.,]\d)(?!\s\d\/\d)(?!\s*(?!in\s+\d)${UNIT})`
const LETTER = '(?:[1-6]?X{0,3}[SML]|[1-6]X)'
const OLD = String.raw`(?:years?|yrs?|months?|mths?|mos?)\b\.?`
const ONE = String.raw`(?:\d{1,2}[TX]?${NO_MEASURE}|[1-6]?x{0,3}[sml]\b|[1-6]x\b)`
const SAID = new RegExp(
  String.raw`(?:\b(?:for|in|to fit)\s+)?\b(?:(?:uk|us|eu)\s+)?(?:sizes?|ages?|aged|uk|us|eu)\b\s*:?\s*` +
    `(${ONE}(?:${SEPARATOR}${ONE})*)(?:\\s*${OLD})?`,
  'gi',
)
const OF_ALL = new RegExp(String.raw`\bsizes?\s+(${ONE})\s*(?:-|\bto\b)\s*(${ONE})`, 'gi')
/** “Up to size 40”, “from size 42”. */
const FROM_OR_TO = new RegExp(
  String.raw`\b((?:sizes?\s+)?(?:up to|from)\s+(?:sizes?\s+)?${ONE}(?!\s*-)|` +
    String.raw`sizes?\s+${ONE}(?=\s+and (?:above|over|up|larger)\b))`,
  'gi',
)
const WORDS = /(?<![\w-])((?:extra|x)?[- ]?(?:small|medium|large))(?=\s*(?:[:)]|\s\d))/gi
const ALL = /\b(?:for\s+)?(?:all|any|one|every) sizes?\b/gi
const BARE_LETTERS = new RegExp(
  `(?<![\\w.'’"])(?<!\\d\\s)(${LETTER}(?:${SEPARATOR}${LETTER})*)(?![\\w'’])(?!\\s*(?:of|x)\\b)`,
  'g',
)
/** `8-14: 2 m`, `(8-14)`, `10 to 12 2½ yd`. */
const BARE_RANGE = new RegExp(
  String.raw`(?<=^\s*|[,;:(|]\s*|\bfor\s+|(?:"|cm)\s+)(\d{1,2}\s*(?:-|to)\s*\d{1,2})${NO_MEASURE}` +
    String.raw`(?=\s*[:=|),]|\s+${NUMBER}|\s*$)`,
  'g',
)
/** Ages by months or years: `0-3m`, `3-6 months`, `12 mths`. A number and “m” alone is metres. */
/** `3-4 yrs`: ages as sizes are written. */
const BY_YEARS = /(?<![\w.,/])(\d{1,2}\s*-\s*\d{1,2})\s*(?:years?|yrs?)\b/gi
const BY_AGE = new RegExp(
  String.raw`(?<![\w.,/])(\d{1,2}\s*-\s*\d{1,2}\s*(?:m|y|${OLD})|\d{1,2}\s*${OLD})(?!\w)` +
    String.raw`(?!\s*(?:of|x|wide)\b)|\bnewborn\b`,
  'gi',
)
/** `36: 2.10 m`, `14, 16: 3.1 m` at the head of a row. */
const BEFORE_COLON = /^\s*(\d{1,2}(?:\s*[,/&]\s*\d{1,2})*)\s*:\s*(?=\d)/g
/** “Up to hip 100 cm”: a size by a measure of the body. */
export const BY_BODY =
  String.raw`(?:up to |to fit )?(?:hips?|bust|chest|waist|drop|height)(?: up to| of)? ?` +
  String.raw`\d{2,3}(?: ?- ?\d{2,3})? ?(?:cm|in\b|")?`

/** “Size 36 1.30 m, 38 1.35 m”: the sizes that follow in a list. */
const IN_A_LIST = new RegExp(
  String.raw`(?<=${UNIT}\s*[,;]\s*)(\d{1,2})(?!\s+\d\/)(?=:?\s+\d[\d.,/ ]*\s*${UNIT})`,
  'gi',
)
/** “2 yards” is no row of size 2. */
const AT_THE_HEAD = new RegExp(String.raw`^\s*(\d{1,2})${NO_MEASURE}(?=[\s|]+\d)`, 'g')

/**
 * The sizes that a line names, in their order.
 * @param text signs made plain, as it was written
 * @param isRowOfSize whether a bare number at its head is one: below columns of widths
 */
export function sizeMarks(text: string, isRowOfSize: boolean): SizeMark[] {
  const list = (written: string) => ({ is: 'size' as const, names: listOf(written) })
  const one = (written: string) => ({ is: 'size' as const, names: [written.trim()] })
  return findSpans<Omit<SizeMark, keyof Span>>(text, [
    [ALL, () => ({ is: 'size', names: null })],
    [FROM_OR_TO, (written) => ({ is: 'size', names: [boundOf(written)] })],
    [SAID, list],
    [WORDS, (written) => ({ is: 'size', names: [sizeOfWord(written)] })],
    [BY_YEARS, list],
    [BY_AGE, one],
    [/\b(cups? [A-H](?:-[A-H])?)\b/g, one],
    [new RegExp(String.raw`\b${BY_BODY}`, 'gi'), one],
    [BARE_LETTERS, list],
    [BARE_RANGE, list],
    [BEFORE_COLON, list],
    ...(/\bsizes?\b/i.test(text) ? [[IN_A_LIST, one] as const] : []),
    ...(isRowOfSize ? [[AT_THE_HEAD, one] as const] : []),
  ])
}

/** “Up to size 40”: `up to 40`. */
function boundOf(written: string): string {
  const words = written.toLowerCase()
  return `${words.includes('up to') ? 'up to' : 'from'} ${lastOf(words.split(/\s+/)).toUpperCase()}`
}

/** “Small” is S, “extra large” XL. */
export function sizeOfWord(word: string): string {
  const [, extra, size] = /^(extra|x)?[- ]?(small|medium|large)$/i.exec(word.trim()) ?? []
  return size === undefined ? word : `${extra ? 'X' : ''}${size.charAt(0).toUpperCase()}`
}

/** `8, 10 and 12`, `S-L`: each as it stands, ranges whole. */
function listOf(list: string): string[] {
  const cells = list.trim().split(/\s*(?:,|\band\b|&|\|)\s*/)
  return cells.flatMap((cell) => {
    const parts = cell.split(/\s*(?:-|\/|\bto\b)\s*/).filter((part) => part !== '')
    const isRange =
      !cell.includes('/') && parts.length === 2 && sizesOfRange(itemAt(parts, 0), itemAt(parts, 1)).length > 0
    return isRange ? [parts.join('-')] : parts
  })
}
