import { measuresIn, withoutRestated } from './measures'
import { plainText } from './numbers'

/** What the columns of a table are. */
export type Columns =
  { of: 'size' | 'view'; names: string[]; isWidthFirst?: boolean } | { of: 'width'; widthsMm: number[] }

const HEADS = [
  String.raw`(?:fabric |cloth )?widths?|nap|fabrics?|yardage|metrage|views?`,
  String.raw`(?:to fit )?(?:sizes?|ages?)|size ?\/ ?width|views? ?\/ ?sizes?`,
]
const HEAD = new RegExp(String.raw`^(?:${HEADS.join('|')})\b[\s:|,]*`, 'i')
const SIZE =
  /^(?:\d{1,3}(?:[-/]\d{1,3})?|(?:[2-6]?x{0,3})?[sml](?:[-/](?:[2-6]?x{0,3})?[sml])?|xx?s|\d{1,2}[tx]|one)$/i
const NARROWEST_BARE = 70

/**
 * What a heading line says of the columns below it: sizes, views or widths.
 * @returns undefined where it is no such line
 */
export function columnsOf(line: string): Columns | undefined {
  const text = plainText(line).trim()
  const heads: string[] = []
  let rest = text
  for (let head = HEAD.exec(rest); head; head = HEAD.exec(rest)) {
    heads.push(head[0].toLowerCase())
    rest = rest.slice(head[0].length)
  }
  const columns = widthsIn(rest.toLowerCase(), heads) ?? viewsIn(rest, heads) ?? sizesIn(rest, heads)
  // “Width  XS  S  M”: the rows begin with theirs.
  const isWidthFirst = columns !== undefined && columns.of !== 'width' && heads.some((head) => head.includes('width'))
  return isWidthFirst ? { ...columns, isWidthFirst } : columns
}

/** `45" 60"`, `115 cm | 150 cm`: widths and nothing else, at least two. */
function widthsIn(rest: string, heads: readonly string[]): Columns | undefined {
  const isHeaded = heads.some((head) => head.includes('width'))
  const measures = withoutRestated(measuresIn(rest), rest)
  const widths = measures.map(({ is, mm, value }) => {
    if (is === 'width') return mm!
    const isBareWidth = is === 'bare' && isHeaded && value >= NARROWEST_BARE && value <= 330
    return isBareWidth
      ? value * 10
      : is === 'bare' && isHeaded && value >= 28 && value < NARROWEST_BARE
        ? value * 25.4
        : NaN
  })
  const words = rest.replace(
    /[\d\s"/|,.:()-]|\b(?:cms?|mm|in|inch(?:es)?|wide|widths?|fabric|with(?:out)? nap)\b/g,
    '',
  )
  // Of two units the second is a length: “1500 mm 180 cm”.
  const areAlike = new Set(measures.map(({ unit }) => unit)).size === 1
  if (widths.length < 2 || !areAlike || widths.some((mm) => !(mm >= 200)) || words !== '') return undefined
  return { of: 'width', widthsMm: widths.map(Math.round) }
}

/** `View A  View B`, `A B C`; `Views A and B` is no row of columns but says whose rows follow. */
function viewsIn(rest: string, heads: readonly string[]): Columns | undefined {
  const cells = cellsOf(rest.replace(/\bviews?\s+/gi, ''))
  const isHeaded = heads.some((head) => head.startsWith('view')) || /\bview\b/i.test(rest)
  const isView = (cell: string) => /^[A-K]$/.test(cell) || (isHeaded && /^[a-k1-9]$/i.test(cell))
  if (cells.length < 2 || !cells.every(isView) || /\band\b|&|[A-K]\s*,/i.test(rest)) return undefined
  const follow = cells.every((cell, i) => i === 0 || cell.toUpperCase() > cells[i - 1]!.toUpperCase())
  return follow ? { of: 'view', names: cells.map((cell) => cell.toUpperCase()) } : undefined
}

/** `Size 8 10 12`, `XS | S | M`, `sizes 8-10, 12-14`; bare numbers are sizes only where the line says so. */
function sizesIn(rest: string, heads: readonly string[]): Columns | undefined {
  const chain = /^\d{1,2}(?:\s*-\s*\d{1,2}){2,}$/.test(rest.trim()) ? rest.replaceAll('-', ' ') : rest
  const cells = cellsOf(chain.replace(/\bsizes?\b/gi, ' ').replace(/\((?:xx?s|s|m|l|x{1,3}l)\)/gi, ' '))
  if (cells.length === 0 || !cells.every((cell) => SIZE.test(cell))) return undefined
  const isHeaded = heads.some((head) => !/^(?:nap|fabrics?)/.test(head))
  // “0-8 | 10-16”: ranges are sizes.
  const areRanges = cells.length > 1 && cells.every((cell) => /^\d{1,2}-\d{1,2}$/.test(cell))
  return isHeaded || areRanges || cells.every((cell) => /[a-z]/i.test(cell))
    ? { of: 'size', names: cells }
    : undefined
}

function cellsOf(text: string): string[] {
  return text.split(/[\t|]| {2,}|,\s*|\s+/).filter((cell) => cell !== '' && !/^(?:and|to)$/i.test(cell))
}

/** Whether a cell is a size as envelopes write one. */
export const isSize = (cell: string) => SIZE.test(cell)
