import { type CareId } from '../vocabulary/care'
import { PAPERS } from '../vocabulary/paper'
/** A sheet of paper and the cards or stickers on it; mm. Stickers are usual grids of the trade; common practice. */
export interface Sheet {
  id: string
  words: string
  page: { width: number; height: number }
  columns: number
  rows: number
  cell: { width: number; height: number }
  /** Of the first cell's corner from the page's upper left. */
  left: number
  top: number
  /** Between cells. */
  gapX: number
  gapY: number
  /** A swatch card with room for a snip, or a sticker with the name and the code alone. */
  kind: 'card' | 'sticker'
}

const { a4: A4, letter: LETTER } = PAPERS
const A6 = { width: 105, height: 148 }

export const SHEETS = [
  {
    id: 'a6',
    words: 'one card per page, A6',
    page: A6,
    columns: 1,
    rows: 1,
    cell: A6,
    left: 0,
    top: 0,
    gapX: 0,
    gapY: 0,
    kind: 'card',
  },
  {
    id: 'a4',
    words: 'four cards per page, A4',
    page: A4,
    columns: 2,
    rows: 2,
    cell: { width: 105, height: 148 },
    left: 0,
    top: 0.5,
    gapX: 0,
    gapY: 0,
    kind: 'card',
  },
  {
    id: 'letter',
    words: 'four cards per page, Letter',
    page: LETTER,
    columns: 2,
    rows: 2,
    cell: { width: 107.95, height: 139.7 },
    left: 0,
    top: 0,
    gapX: 0,
    gapY: 0,
    kind: 'card',
  },
  {
    id: 'stickers-24',
    words: 'labels, 3 by 8 on A4 (70 × 37 mm)',
    page: A4,
    columns: 3,
    rows: 8,
    cell: { width: 70, height: 37 },
    left: 0,
    top: 0.5,
    gapX: 0,
    gapY: 0,
    kind: 'sticker',
  },
  {
    id: 'stickers-21',
    words: 'labels, 3 by 7 on A4 (63.5 × 38.1 mm)',
    page: A4,
    columns: 3,
    rows: 7,
    cell: { width: 63.5, height: 38.1 },
    left: 7.2,
    top: 15.1,
    gapX: 2.5,
    gapY: 0,
    kind: 'sticker',
  },
  {
    id: 'stickers-30',
    words: 'labels, 3 by 10 on Letter (2⅝ × 1 in)',
    page: LETTER,
    columns: 3,
    rows: 10,
    cell: { width: 66.675, height: 25.4 },
    left: 4.76,
    top: 12.7,
    gapX: 3.175,
    gapY: 0,
    kind: 'sticker',
  },
] as const satisfies readonly Sheet[]

export type SheetId = (typeof SHEETS)[number]['id']
export const SHEET_IDS = SHEETS.map(({ id }) => id)

/** Where a cell lies on its page, mm from the upper left, and on which page, from 0. */
export interface Cell {
  page: number
  x: number
  y: number
  width: number
  height: number
}

/** The cells of so many cards, row after row. @param skip cells that were used up before, on the first page */
export function sheetCellsOf(sheet: Sheet, count: number, skip = 0): Cell[] {
  const perPage = sheet.columns * sheet.rows
  return Array.from({ length: count }, (_, i) => {
    const place = i + skip
    const [column, row] = [place % sheet.columns, Math.floor((place % perPage) / sheet.columns)]
    return {
      page: Math.floor(place / perPage),
      x: sheet.left + column * (sheet.cell.width + sheet.gapX),
      y: sheet.top + row * (sheet.cell.height + sheet.gapY),
      width: sheet.cell.width,
      height: sheet.cell.height,
    }
  })
}

/** What stands on a card or a sticker. */
export interface Card {
  name: string
  /** Fibre and how that is known; the largest thing after the name. */
  fibre: string
  /** Weight, size, care and the rest, a line each, the weightiest first. */
  lines: readonly string[]
  /** What its care label says, as symbols. */
  care: readonly CareId[]
  /** Address of the piece, in the code; null: no phone would reach it. */
  url: string | null
  /** To be read aloud or typed into the search; empty: it has none. */
  number: string
  /** How it is drawn, SVG; empty where nothing is drawn. */
  drawing: string
  /** Whether there is room for a snip; a box has a list of what lies in it there. */
  hasSnip: boolean
}

/** Where nothing says where it lies. */
export const NOWHERE = 'No location'

/** What lies in each place, in the order in which the places come first. */
export function byPlace<T extends { place: string }>(lying: readonly T[]): { place: string; pieces: T[] }[] {
  const places = new Map<string, T[]>()
  for (const piece of lying) {
    const before = places.get(piece.place)
    if (before) before.push(piece)
    else places.set(piece.place, [piece])
  }
  return [...places].map(([place, pieces]) => ({ place, pieces }))
}

/** A line of the book: a piece, and what it is looked up by. */
export interface BookLine {
  name: string
  place: string
  says: string
  /** Words of the index. */
  words: readonly string[]
}
