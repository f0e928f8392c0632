import Papa from 'papaparse'

export type CsvCell = string | number | boolean | null

/** A cell that begins so would be reckoned by a spreadsheet instead of shown. */
const RECKONS = /^[=+\-@\t\r]/

/** A cell as text that no spreadsheet reckons: an apostrophe before it, which it does not show. */
export function safeCell(cell: CsvCell): string {
  if (cell === null) return ''
  // A number of ours is a number, whatever its sign.
  if (typeof cell !== 'string') return String(cell)
  return RECKONS.test(cell) ? `'${cell}` : cell
}

/** Lines as CSV (RFC 4180), each ended. */
export function csvOf(lines: readonly (readonly CsvCell[])[]): string {
  if (lines.length === 0) return ''
  return `${Papa.unparse(
    lines.map((line) => line.map(safeCell)),
    { newline: '\r\n' },
  )}\r\n`
}
