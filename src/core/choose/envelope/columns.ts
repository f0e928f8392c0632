import { GARMENT_PATTERNS } from './lexicon'
import { measuresIn, withoutRestated } from './measures'
import { napIn } from './naps'
import { plainText } from './numbers'
import { BY_BODY, sizeOfWord } from './sizes'
import { itemAt, mustHave } from '../../lists/items'

/** What one column of a table is of; null where it does not say. */
export interface Column {
  size: string | null
  view: string | null
  widthMm: number | null
  nap: boolean | null
}

/** What the columns of a table are. */
export interface EnvelopeColumns {
  list: readonly Column[]
  /** Whether the first number of each row is the width of its fabric. */
  isWidthFirst: boolean
}

const NOTHING: Column = { size: null, view: null, widthMm: null, nap: null }

const SIZE_HEADS =
  String.raw`(?:to fit )?(?:(?:(?:body|uk|us|eu|women'?s|men'?s|child(?:ren)?'?s|girls'?|boys'?) )?` +
  String.raw`(?:(?:by )?sizes?|ages?|aged)|` +
  String.raw`(?:uk|us|eu)(?= \d))|size ?\/ ?width|views? ?\/ ?sizes?`
const HEADS = [
  String.raw`(?:fabric |cloth )?widths?(?: of (?:the )?(?:fabric|cloth))?(?: in (?:cm|inch(?:es)?))?`,
  'nap|fabrics?|yardage|metrage|views?|yards|met(?:re|er)s',
  SIZE_HEADS,
]
const HEAD = new RegExp(String.raw`^(?:${HEADS.join('|')})\b[\s:|,\/]*(?:\((?:[a-z' ]*)\)[\s:|,]*)?`, 'i')
const SIZE = new RegExp(
  String.raw`^(?:\d{1,3}(?:[-/]\d{1,3})?|[1-6]?x{0,3}[sml](?:[-/][1-6]?x{0,3}[sml])?|[1-6]x(?:[-/][1-6]x)?|` +
    String.raw`\d{1,2}(?:[txy]|m(?:ths?)?)|\d{1,2}-\d{1,2}m|newborn)$`,
  'i',
)
const NARROWEST_BARE = 70

/**
 * What a heading line says of the columns below it: sizes, views, things or widths.
 * @returns undefined where it is no such line
 */
export function envelopeColumnsOf(line: string): EnvelopeColumns | undefined {
  const text = plainText(line)
    .trim()
    .replace(/^\((.*)\)$/, '$1')
  const heads: string[] = []
  let rest = text
  for (let head = HEAD.exec(rest); head; head = HEAD.exec(rest)) {
    heads.push(head[0].toLowerCase())
    rest = rest.slice(head[0].length)
  }
  const list =
    measuredIn(line) ??
    widthsIn(rest.toLowerCase(), heads, line) ??
    viewsIn(rest, heads) ??
    sizesIn(rest, heads) ??
    thingsIn(line, heads) ??
    lettersIn(line)
  if (!list) return undefined
  // “Width  XS  S  M”: the rows begin with theirs.
  return { list, isWidthFirst: itemAt(list, 0).widthMm === null && heads.some((head) => head.includes('width')) }
}

/**
 * Columns below columns: views over widths are each width of each view.
 * @returns undefined where they do not go together
 */
export function readCrossTable(
  { list: above }: EnvelopeColumns,
  { list: below, isWidthFirst }: EnvelopeColumns,
): EnvelopeColumns | undefined {
  const by = below.length / above.length
  const isOther = (one: Column, other: Column) =>
    !(one.size && other.size) && !(one.view && other.view) && !(one.widthMm && other.widthMm)
  if (above.length < 2 || by < 2 || !Number.isInteger(by) || !isOther(itemAt(above, 0), itemAt(below, 0)))
    return undefined
  const list = below.map((one, i) => {
    const over = itemAt(above, Math.floor(i / by))
    return {
      size: one.size ?? over.size,
      view: one.view ?? over.view,
      widthMm: one.widthMm ?? over.widthMm,
      nap: one.nap ?? over.nap,
    }
  })
  return { list, isWidthFirst }
}

/** `45" 60"`, `115 cm | 150 cm`: widths and nothing else, at least two. */
function widthsIn(rest: string, heads: readonly string[], line: string): Column[] | undefined {
  const isHeaded = heads.some((head) => head.includes('width') || head.startsWith('fabric'))
  const measures = withoutRestated(measuresIn(rest), rest)
  const widths = measures.map(({ is, mm, value }) => {
    if (is === 'width') return mustHave(mm)
    const isBareWidth = is === 'bare' && isHeaded && value >= NARROWEST_BARE && value <= 330
    return isBareWidth
      ? value * 10
      : is === 'bare' && isHeaded && value >= 28 && value < NARROWEST_BARE
        ? value * 25.4
        : NaN
  })
  const words = rest.replace(
    /[\d\s"/|,.:()*-]|\b(?:cms?|mm|in|inch(?:es)?|wide|widths?|fabric|with(?:out)? nap|and|or)\b/g,
    '',
  )
  // Of two units the second is a length: “1500 mm 180 cm”.
  const areAlike = new Set(measures.map(({ unit }) => unit)).size === 1
  if (widths.length < 2 || !areAlike || widths.some((mm) => !(mm >= 200)) || words !== '') return undefined
  const cells = apart(line)
  const naps = cells.map((cell) => napIn(cell.toLowerCase()))
  const areTold = naps.filter((nap) => nap !== null).length === widths.length
  return widths.map((mm, i) => ({
    ...NOTHING,
    widthMm: Math.round(mm),
    nap: areTold
      ? itemAt(
          naps.filter((nap) => nap !== null),
          i,
        )
      : null,
  }))
}

/** `View A  View B`, `A B C`; `Views A and B` is no row of columns but says whose rows follow. */
function viewsIn(rest: string, heads: readonly string[]): Column[] | undefined {
  const cells = cellsOf(rest.replace(/\b(?:views?|versions?|styles?)\s+/gi, ''))
  const isHeaded = heads.some((head) => head.startsWith('view')) || /\b(?:view|version|style)\b/i.test(rest)
  const isView = (cell: string) => /^[A-K]$/.test(cell) || (isHeaded && /^[a-k1-9]$/i.test(cell))
  if (cells.length < 2 || !cells.every(isView) || /\band\b|&|[A-K]\s*,/i.test(rest)) return undefined
  const follow = cells.every((cell, i) => i === 0 || cell.toUpperCase() > itemAt(cells, i - 1).toUpperCase())
  return follow ? cells.map((cell) => ({ ...NOTHING, view: cell.toUpperCase() })) : undefined
}

/** `Size 8 10 12`, `XS | S | M`, `sizes 8-10, 12-14`; bare numbers are sizes only where the line says so. */
function sizesIn(rest: string, heads: readonly string[]): Column[] | undefined {
  const chain = rest.replace(/(?<![\d-])\d{1,2}(?:-\d{1,2}){2,}(?![\d-])/g, (all) => all.replaceAll('-', ' '))
  const plain = chain
    .replace(/\b(?:sizes?|ages?)\b/gi, ' ')
    .replace(/\((?:xx?s|s|m|l|x{1,3}l)\)/gi, ' ')
    .replace(/\(\d{1,3}-\d{1,3}\)/g, ' ')
    .replace(AGED_ALL, ' ')
    .replace(/\b(?:extra |x-)?(?:small|medium|large)\b/gi, sizeOfWord)
    .replace(/(\d)\s*(?:-|\bto\b)\s*(\d)/gi, '$1-$2')
  const cells = cellsOf(heads.length > 0 ? plain.replace(/\s\/\s/g, ' ') : plain)
  if (cells.length === 0 || FRACTION.test(rest) || !cells.every((cell) => SIZE.test(cell))) return undefined
  // “Sizes 34-46” is what the pattern is for, and no column.
  if (cells.length === 1 && /\w-\w/.test(itemAt(cells, 0))) return undefined
  const isHeaded =
    heads.some((head) => !/^(?:nap|fabrics?|yard|met)/.test(head)) || (AGED.test(rest) && cells.length > 1)
  // “0-8 | 10-16”: ranges are sizes.
  const areRanges = cells.length > 1 && cells.every((cell) => /^\d{1,2}-\d{1,2}m?$/.test(cell))
  const areSizes = isHeaded || areRanges || areInTwos(cells) || cells.every((cell) => /[a-z]/i.test(cell))
  return areSizes ? cells.map((cell) => ({ ...NOTHING, size: cell })) : undefined
}

const AGED = /\(?\b(?:years?|yrs?|months?|mths?)\b\)?/i
const AGED_ALL = new RegExp(AGED, 'gi')
/** What follows is a length and no size. */
const FRACTION = /(?<![\d/])(?:1\/[2348]|3\/[48]|[57]\/8|2\/3)(?![\d/])/
const SMALLEST_GROWN_UP = 4
const FEWEST_IN_TWOS = 3

/** `34 36 38 40`: even numbers in twos are sizes of grown-ups. */
function areInTwos(cells: readonly string[]): boolean {
  const numbers = cells.map(Number)
  const goUp = numbers.every((one, i) => one % 2 === 0 && (i === 0 || one === itemAt(numbers, i - 1) + 2))
  return goUp && numbers.length >= FEWEST_IN_TWOS && itemAt(numbers, 0) >= SMALLEST_GROWN_UP
}

/** `Fabric  Dress  Top`: the things of one pattern, a column each. */
function thingsIn(line: string, heads: readonly string[]): Column[] | undefined {
  const cells = apart(line).filter((cell, i) => i > 0 || heads.length === 0 || !HEAD.test(cell))
  const isThing = (cell: string) =>
    GARMENT_PATTERNS.some(([pattern]) => pattern.exec(cell.toLowerCase())?.[0] === cell.toLowerCase())
  return cells.length > 1 && cells.every(isThing) ? cells.map((view) => ({ ...NOTHING, view })) : undefined
}

/** `Unisex top | S | M | L`: sizes behind the name of what is made. */
function lettersIn(line: string): Column[] | undefined {
  const [name, ...cells] = apart(line)
  const areLetters = cells.length > 1 && cells.every((cell) => SIZE.test(cell) && /[a-z]/i.test(cell))
  return (areLetters || areInTwos(cells)) && !/\d/.test(mustHave(name))
    ? cells.map((size) => ({ ...NOTHING, size }))
    : undefined
}

const MEASURED = new RegExp(String.raw`^(?:${BY_BODY}|(?:us|uk|eu|sizes?)? ?\d{1,2}(?:-\d{1,2})+)$`, 'i')

/** `Chest 36-38  Chest 40-42`, `4-6-8  10-12-14`: sizes by a measure of the body, or several in each. */
function measuredIn(line: string): Column[] | undefined {
  const cells = apart(line)
    .map((cell) => plainText(cell))
    .filter((cell, i) => i > 0 || !/^sizes?$/i.test(cell))
    // `A (34-38)`.
    .map((cell) => /^[A-K] \((\d{2}-\d{2})\)$/.exec(cell)?.[1] ?? cell)
  return cells.length > 1 && cells.every((cell) => MEASURED.test(cell))
    ? cells.map((size) => ({ ...NOTHING, size: size.replace(/^(?:us|uk|eu|sizes?) /i, '') }))
    : undefined
}

/** The cells of a row that is laid out as one: by lines, tabs or more than one blank. */
function apart(line: string): string[] {
  return line
    .split(/[\t|]| {2,}/)
    .map((cell) => cell.trim())
    .filter((cell) => cell !== '')
}

function cellsOf(text: string): string[] {
  return text.split(/[\t|]| {2,}|,\s*|\s+/).filter((cell) => cell !== '' && !/^(?:and|to)$/i.test(cell))
}
