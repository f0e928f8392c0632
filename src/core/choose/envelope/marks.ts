import { type Role } from '../../vocabulary/choosing'
import { viewMarks, type ViewMark } from './captions'
import { NOTION_PATTERNS, ENVELOPE_PART_WORDS } from './lexicon'
import { measuresIn, withoutRestated, type EnvelopeMeasure } from './measures'
import { napMarks, type NapMark } from './naps'
import { sizeMarks, type SizeMark } from './sizes'
import { blankOut, findSpans, type Span } from './spans'
import { itemAt, mustHave } from '../../lists/items'

export interface WidthMark extends Span {
  is: 'width'
  mm: number
}

export interface RoleMark extends Span {
  is: 'role'
  role: Role
}

/** A number that may be a length of fabric; without a unit where it has none itself. */
export interface ValueMark extends Span {
  is: 'value'
  value: number
  mm: number | undefined
  unit: string | undefined
}

/** What a line says that a length may be of. */
export type EnvelopeMark = SizeMark | ViewMark | WidthMark | NapMark | RoleMark | ValueMark

/** A line as what it says. */
export interface MarkedText {
  marks: EnvelopeMark[]
  /** Whether it names measures of the body, or of what is made, beside sizes by them. */
  isOfBody: boolean
  /** Lower case, as long as the line, with blanks where something was understood. */
  rest: string
  /** The line, lower case. */
  text: string
  /** Whether it has measures that are neither a width nor a length: “2 fat quarters (18" × 22")”. */
  hasOthers: boolean
  /** Whether there are words in it that no table has; what labels a row that fills its columns is none. */
  hasWords: boolean
}

/** How a line is to be read by what stood above it. */
export interface Expected {
  /** Whether a bare number at its head is a size. */
  isRowOfSize: boolean
  /** How many columns it has; null where none were headed. */
  columns: number | null
  /** Whether a width was said above, so that a line without one has lengths alone. */
  hasWidth: boolean
  /** Whether the first number of each row is its width. */
  isWidthFirst: boolean
  /** Whether one, two and three asterisks say that the nap runs one way. */
  stars: readonly boolean[]
  /** Whether its numbers are centimetres. */
  isInCm: boolean
  /** Whether it is about interfacing or the like, which is sold narrower. */
  isNarrow: boolean
}

const ROLE_WORDS: readonly (readonly [RegExp, Role])[] = [
  [/\bfusible fleece\b/g, 'wadding'],
  [/\b(?:fusible |sew-?in |woven |iron-?on )*interfacing\b|\bfusible\b(?! fleece)/g, 'interfacing'],
  [/\bunderlining\b|\binterlining\b/g, 'underlining'],
  [/\bcontrast(?:ing)?(?: pockets?)?\b|\brib(?:bing)?\b(?! knit)/g, 'contrast'],
  // Parts that are cut beside the garment, each so much.
  [new RegExp(String.raw`\bfor (?:the )?${ENVELOPE_PART_WORDS}\b`, 'g'), 'contrast'],
  [new RegExp(String.raw`(?<=(?:^|[,;:])\s*)${ENVELOPE_PART_WORDS}(?=\s+\d)`, 'g'), 'contrast'],
  [/\bpocket(?:s|ing)?(?: lining| bags?)?\b(?! squares?)/g, 'pocket'],
  [/(?<!\b(?:without|no) )\blining\b|\bbacking\b/g, 'lining'],
  [/\bwadding\b|\bbatting\b/g, 'wadding'],
  [/\bbinding\b/g, 'binding'],
  [/\b(?:main|self|outer|shell)\b/g, 'main'],
]

/** What is no measure: a share, a weight. */
const SHARE = /[\d.]+(?:\s*(?:-|to)\s*[\d.]+)?\s*(?:%|per ?cent\b|oz\b|ounces?\b|gsm\b|g\/m)/g
const LETTERS = /[a-z]{2,}/
const TABLE_WORDS = new RegExp(
  String.raw`(?<![a-z])(?:wide|width|fabrics?|cloth|material|only|with(?:out)?|or|and|of|at|yds?|yards?|cms?|mm|in|` +
    String.raw`inch(?:es)?|m|metres?|meters?|views?|sizes?|all|yes|no|for|each|both|needs?|requires?|takes?|` +
    String.raw`quantity|quantities|required|requirements?|needed|use|consumption|single|double|per|pair|amounts?|` +
    String.raw`lengths?|yardage|metrage|approx|about)\b`,
  'g',
)
/** Whether a text has no words but those of a table. */
export const hasTableWordsOnly = (text: string) => !LETTERS.test(text.replace(TABLE_WORDS, ''))

/** Rows of the body, of the finished garment and of what is allowed: none of them is fabric. */
const BODY = new RegExp(
  String.raw`\b(?:bust|chest|waist|hips?|high hip|inseam|inside leg|outseam|finished|sweep|lower edge|leg opening|` +
    String.raw`measurements?|heights?|neck(?:line)?|back (?:neck|length|waist)|sleeve length|biceps?|thigh|` +
    String.raw`crotch|rise|ease|shoulder|circumference|(?:seam|hem) allowances?|hem (?:width|depth)|girth|` +
    String.raw`stretch(?:es)? (?:from|to|at least|easily|comfortably)|gauge|head)\b`,
)
/** Pieces of a length, not a length: “2 x 1 m”. */
const TIMES = /(?<![\d.,/"])(?<!\d\s)\d\s*x\s*\d[\d.,/ ]*\s*(?:m|cm|yds?|yards?)\b/
/** How large something is: “45 x 45 cm”. */
const DIMENSIONS = /(?<![\d.,/])\d{2,3}(?:[.,]\d)?\s*x\s*\d{2,3}(?:[.,]\d)?(?!\d)(?:\s*(?:cm|mm|"|in\b))?/g

/** What a line says, each with its place. @param text signs made plain, as it was written */
export function markEnvelope(text: string, expected: Expected): MarkedText {
  const lower = text.toLowerCase()
  const sizes = sizeMarks(text, expected.isRowOfSize)
  const views = viewMarks(blankOut(text, sizes))
  const dimensions = findSpans(lower, [[DIMENSIONS, () => ({})]])
  const shares = findSpans(blankOut(lower, dimensions), [[SHARE, () => ({})]])
  const unnamed = blankOut(lower, [...sizes, ...views, ...dimensions, ...shares])
  const all = TIMES.test(unnamed) ? [] : measuresIn(unnamed, expected.isNarrow)
  const kept = withoutRestated(all, unnamed)
  const measures = widthFirst(centimetres(kept, lower, { ...expected, sizes: sizes.length }), expected)
  const naps = napMarks(unnamed, expected.stars)
  const roles = rolesIn(unnamed)
  const widths = measures.flatMap(({ is, mm, at, end }) =>
    is === 'width' ? [{ is, mm: Math.round(mustHave(mm)), at, end } as const] : [],
  )
  const values = measures.flatMap(({ is, value, mm, unit, at, end }) =>
    is === 'length' || is === 'bare' ? [{ is: 'value', value, mm, unit, at, end } as const] : [],
  )
  const rest = blankOut(unnamed, [...all, ...naps, ...roles])
  // “Size 12 (bust 92 cm)” is one size.
  const isByBody = ({ names }: SizeMark) => /[a-z] \d{2,3}/i.test(names?.[0] ?? '')
  const said = sizes.every(isByBody) ? sizes : sizes.filter((size) => !isByBody(size))
  const marks: EnvelopeMark[] = [...said, ...views, ...widths, ...naps, ...roles, ...values]
  return {
    marks: marks.toSorted((a, b) => a.at - b.at),
    rest,
    text: lower,
    isOfBody: BODY.test(unnamed),
    hasOthers: dimensions.length > 0 || measures.some(({ is }) => is === 'other'),
    hasWords: !hasTableWordsOnly(isLabelled(marks, expected) ? rest.slice(itemAt(marks, 0).at) : rest),
  }
}

/** Whether a text names a fabric other than the main one. */
export const namesRole = (text: string) => rolesIn(text.toLowerCase()).some(({ role }) => role !== 'main')

/** `Flannel 60"   1½   1⅝   1¾`: a width and a length for each column. */
function isLabelled(marks: readonly EnvelopeMark[], { columns }: Expected): boolean {
  const [first] = marks
  const values = marks.filter(({ is }) => is === 'value').length
  return (
    columns !== null && columns > 1 && first?.is === 'width' && values === columns && marks.length === columns + 1
  )
}

const rolesIn = (text: string): RoleMark[] =>
  findSpans(
    text,
    ROLE_WORDS.map(([pattern, role]) => [pattern, () => ({ is: 'role' as const, role })] as const),
  )

/** Where nothing is told in metres or yards, centimetres are lengths as well: `150 cm: 180 cm`, `190 195 cm`. */
const isSpoken = (gap: string) => /[a-z]{3,}|\bof\b/.test(gap)

/** @param spoken the whole line */
function centimetres(
  measures: EnvelopeMeasure[],
  spoken: string,
  { columns, hasWidth, sizes }: Expected & { sizes: number },
): EnvelopeMeasure[] {
  if (measures.some(({ is }) => is === 'length')) return measures
  const isLength = ({ unit, mm }: EnvelopeMeasure) => unit === 'cm' && mm !== undefined && mm > 50
  const said = measures.findIndex(({ isSaidWide }) => isSaidWide)
  const widths = measures.filter(({ is }) => is === 'width')
  const isNotion = NOTION_PATTERNS.some(([pattern]) => pattern.test(spoken))
  if (isNotion || measures.length === 0) return measures
  const as = (one: EnvelopeMeasure, is: EnvelopeMeasure['is']): EnvelopeMeasure => ({ ...one, is })
  if (hasWidth && said < 0 && measures.every((one) => one.is === 'bare' || isLength(one)) && widths.length <= 1) {
    const isOnlyWidth = widths.length === 1 && measures.length > 1 && itemAt(measures, 0).is === 'width'
    if (!isOnlyWidth && measures.some(isLength)) return inTheLastUnit(measures)
  }
  // `140 cm: 190 195 200 cm`, `140 cm: 70 cm`: what follows a width.
  const [first, ...rest] = measures
  const isRow = rest.length === 1 || rest.length === columns || rest.length === sizes
  const isAfter =
    mustHave(first).is === 'width' &&
    rest.length > 0 &&
    isRow &&
    rest.every((one) => one.is === 'bare' || isLength(one))
  const isOther = rest.length === 1 && itemAt(rest, 0).unit !== mustHave(first).unit
  const isApart =
    isOther ||
    /:|\bwide\b|=/.test(spoken.slice(mustHave(first).end, rest[0]?.at ?? mustHave(first).end)) ||
    rest.length === columns
  if (isAfter && isApart && rest.some(isLength) && (said < 0 || measures[said] === first))
    return [mustHave(first), ...inTheLastUnit(rest)]
  // “75 cm (sizes 6-12) or 90 cm (sizes 14-20) of 150 cm wide”: what is not said to be wide is how long it is.
  const lastWide = measures.findLastIndex(({ isSaidWide }) => isSaidWide)
  const gap = (i: number) => spoken.slice(itemAt(measures, i).end, measures[i + 1]?.at)
  const isLong = (one: EnvelopeMeasure, i: number) =>
    i < lastWide && !one.isSaidWide && isLength(one) && isSpoken(gap(i))
  const areTold = measures.slice(0, lastWide + 1).every((one, i) => one.isSaidWide || isLong(one, i))
  return lastWide > 0 && areTold ? measures.map((one, i) => (isLong(one, i) ? as(one, 'length') : one)) : measures
}

/** Numbers of a row in centimetres, the unit behind the last or behind each. */
function inTheLastUnit(row: readonly EnvelopeMeasure[]): EnvelopeMeasure[] {
  return row.map((one) => ({ ...one, is: 'length', unit: 'cm', mm: one.mm ?? one.value * 10 }))
}

/** Widths as they are written in a table without a unit: from so many cm, or inches. */
const BARE_CM = [70, 330] as const
const BARE_IN = 28
const USUAL = [36, 44, 45, 54, 58, 60, 72, 90, 110, 112, 114, 115, 120, 130, 135, 137, 140, 145, 148, 150, 155, 160]
const LONGEST_BARE = 20

/** `115  2.1  2.2  2.3` below “Width  S  M  L”: the first number of a row is its width. */
function widthFirst(measures: EnvelopeMeasure[], { columns, isWidthFirst, isInCm }: Expected): EnvelopeMeasure[] {
  const [first, ...rest] = measures
  // `main 1.4 m   3.1 m   3.2 m`: one more than there are columns.
  const isMetre = first?.unit === 'm' && first.value >= BARE_CM[0] / 100 && first.value <= BARE_CM[1] / 100
  if (isMetre && rest.length === columns && rest.every(({ is }) => is === 'length' || is === 'bare'))
    return [{ ...first, is: 'width', isSaidWide: true }, ...rest]
  if (first?.is !== 'bare' || rest.length === 0 || rest.length !== (columns ?? 1)) return measures
  if (
    !rest.every(
      ({ is, value }) => is === 'length' || (is === 'bare' && value <= (isInCm ? LONGEST_BARE * 100 : LONGEST_BARE)),
    )
  )
    return measures
  if (!isWidthFirst && !(columns !== null && USUAL.includes(first.value))) return measures
  const isCm = first.value >= BARE_CM[0] && first.value <= BARE_CM[1]
  if (!isCm && !(first.value >= BARE_IN && first.value < BARE_CM[0])) return measures
  return [
    { ...first, is: 'width', unit: isCm ? 'cm' : 'in', mm: first.value * (isCm ? 10 : 25.4), isSaidWide: true },
    ...rest,
  ]
}
