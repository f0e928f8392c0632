import Papa from 'papaparse'
import { readQuantity } from '../../typed/readQuantity'
import { cellReaders, type CellContext, type TableFabric } from './cells'
import { tableColumnsOf, TABLE_FIELDS, unitIn, type TableColumn, type TableField } from './columns'
import { dayOrderOf } from './dates'
import { itemAt, lastOf } from '../../lists/items'

export { type TableFabric } from './cells'

/** A cell that was not certain: its field stays open, and its text is kept. */
export interface TableDoubt {
  column: string
  text: string
  why: string
}

export interface TableRow {
  /** As a person counts: the headings are a line, too. */
  line: number
  fabric: TableFabric
  doubts: TableDoubt[]
}

/** A table of fabrics, read. */
export interface TableRead {
  columns: TableColumn[]
  rows: TableRow[]
  refused: { line: number; why: string }[]
}

export interface TableAsked {
  /** What columns hold, by their headings or their places; else their headings say it. */
  columns?: Readonly<Record<string, TableField | null>> | readonly (TableField | null)[] | null
  /** BCP 47 */
  locale?: string
}

/** More lines than these are taken in at several times. */
export const MOST_TABLE_LINES = 5000
/** More columns are no table of fabrics: the rest is not looked at. */
const MOST_COLUMNS = 100
/** A longer cell says no more. */
const LONGEST_CELL = 2000
/** Headings are looked for among so many lines: a title may stand above them. */
const HEADINGS_WITHIN = 5

/**
 * A spreadsheet’s text (CSV, semicolons or tabs) read into fabrics. A cell that is not certain leaves its own field
 * open and says why; a row is refused only where it is empty or has no text at all.
 */
export function readTable(text: string, { columns: said, locale = 'en-GB' }: TableAsked = {}): TableRead {
  const plain = text.replace(/^\ufeff/, '')
  // Empty lines keep their numbers, but would mislead the guess of what stands between cells.
  const { delimiter } = Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy', preview: 50 }).meta
  const { data } = Papa.parse<string[]>(plain, { delimiter, skipEmptyLines: false })
  const lines = data
    .slice(0, MOST_TABLE_LINES + HEADINGS_WITHIN)
    .map((cells) => cells.slice(0, MOST_COLUMNS).map((cell) => unguarded(cell.slice(0, LONGEST_CELL).trim())))
  const at = headingsAt(lines)
  const headings = at < 0 ? (lines[0] ?? []).map((_, i) => `Column ${i + 1}`) : itemAt(lines, at)
  const body = lines.slice(at + 1).map((cells, i) => ({ cells, line: at + 2 + i }))
  while (body.length > 0 && lastOf(body).cells.every((cell) => cell === '')) body.pop()
  const columns = chosen(tableColumnsOf(headings), said, at < 0)
  const contexts = columns.map((column, i) =>
    contextOf(
      column,
      body.map(({ cells }) => cells[i] ?? ''),
      locale,
    ),
  )
  const read: TableRead = { columns, rows: [], refused: [] }
  for (const { cells, line } of body.slice(0, MOST_TABLE_LINES)) {
    if (cells.every((cell) => cell === '')) read.refused.push({ line, why: 'the line is empty' })
    else if (!cells.some((cell) => /\p{L}/u.test(cell))) read.refused.push({ line, why: 'it has no text' })
    else read.rows.push(rowOf(cells, line, columns, contexts))
  }
  return read
}

/** The line of headings: the first of which two cells are known, or one where there is but one column. */
function headingsAt(lines: readonly string[][]): number {
  const known = (cells: readonly string[]) =>
    tableColumnsOf(cells).filter(({ as, sure }) => as !== null && sure).length
  const within = lines.slice(0, HEADINGS_WITHIN)
  const two = within.findIndex((cells) => known(cells) >= 2)
  if (two >= 0) return two
  const one = within.findIndex((cells) => known(cells) === 1)
  if (one >= 0) return one
  // A first line with a number in it is no line of headings.
  return lines[0]?.some((cell) => /\d/.test(cell)) ? -1 : 0
}

function chosen(columns: TableColumn[], said: TableAsked['columns'], hasNoHeadings: boolean): TableColumn[] {
  const named = hasNoHeadings
    ? columns.map((column, i) => (i === 0 ? { ...column, as: 'name' as const } : column))
    : columns
  if (!said) return named
  const isField = (as: unknown): as is TableField | null => as === null || TABLE_FIELDS.includes(as as TableField)
  return named.map((column, i) => {
    const own = Array.isArray(said) ? said[i] : (said as Record<string, TableField | null>)[column.heading]
    return own !== undefined && isField(own) ? { ...column, as: own, sure: true } : column
  })
}

/** What all cells of a column show together: how decimals are parted, which way round days are written. */
function contextOf({ heading, as }: TableColumn, cells: readonly string[], locale: string): CellContext {
  const kind = as === 'width' || as === 'length' ? as : as === 'weight' ? 'areal-weight' : undefined
  const unit = kind && unitIn(heading, kind)
  const usesComma = cells.some((cell) => /^\D*\d+,\d{1,2}(?!\d)/.test(cell))
  const isAmerican = locale === 'en-US'
  return {
    heading,
    unit,
    locale: usesComma ? 'de-DE' : locale,
    units: isAmerican ? 'imperial' : 'metric',
    dayOrder: dayOrderOf(cells) ?? (isAmerican ? 'month-first' : undefined),
    per: /\b(?:per|\/|a) ?(?:yd|yard)/i.test(heading)
      ? 'yard'
      : /\b(?:per|a) ?(?:m|met(?:re|er))\b|\/m\b/i.test(heading)
        ? 'metre'
        : null,
    currency: /[£€$]/.exec(heading)?.[0] ?? '',
  }
}

function rowOf(
  cells: readonly string[],
  line: number,
  columns: readonly TableColumn[],
  contexts: readonly CellContext[],
): TableRow {
  const fabric: TableFabric = {}
  const doubts: TableDoubt[] = []
  columns.forEach(({ as, heading }, i) => {
    const text = cells[i] ?? ''
    if (as === null || text === '' || /^(?:-+|n\/?a|\?+|none|unknown)$/i.test(text)) return
    const why = cellReaders[as](fabric, text, itemAt(contexts, i))
    if (why) doubts.push({ column: heading, text, why })
  })
  if (!fabric.name) fabric.name = nameFrom(fabric, cells, line)
  return { line, fabric, doubts }
}

/** A name for what has none: what it is called, its colour, or the first words of its line. */
function nameFrom({ called, colour }: TableFabric, cells: readonly string[], line: number): string {
  const own = [colour, called].filter(Boolean).join(' ')
  const words = cells.find((cell) => /\p{L}{2}/u.test(cell) && !isQuantity(cell))
  return (own || words || `Line ${line}`).slice(0, 120)
}

const isQuantity = (cell: string) => readQuantity(cell, { kind: 'length' }).ok

/** An apostrophe that keeps a spreadsheet from reckoning is not part of the text. */
function unguarded(cell: string): string {
  return /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell
}
