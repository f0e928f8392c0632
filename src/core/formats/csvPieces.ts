import Papa from 'papaparse'
import { fibreByWord } from '../fibres/catalogue'
import { PieceSchema, type Piece } from '../notebook/kinds/piece'
import { plainWords } from '../search/slips'
import { MM_PER_INCH, MM_PER_YARD } from '../units/constants'
import { PRICE_PERS, THINGS, THING_WORDS, type PricePer, type Thing } from '../vocabulary/stash'
import { VOCABULARIES, wordFor } from '../vocabulary/words'

/** A field of a piece that a column may hold. */
interface Column {
  id: string
  title: string
  /** Headings that it is known by, as plain words. */
  words: readonly string[]
  /** Sets what the text says. @throws Error with what is wrong, in words */
  read(draft: Draft, text: string, unit: string | undefined): void
}

type Draft = Record<string, unknown> & { price?: { amount: number; currency: string; per: PricePer } }

/** mm in one of each, by how people write it. */
const MM: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  metre: 1000,
  metres: 1000,
  meters: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  yd: MM_PER_YARD,
  yard: MM_PER_YARD,
  yards: MM_PER_YARD,
}

function numberIn(text: string): number {
  const value = Number(text.replace(/\s/g, '').replace(',', '.'))
  if (!Number.isFinite(value)) throw new Error(`“${text}” is no number`)
  return value
}

/** A length in mm: with its own unit, else the heading's, else the usual one. */
function lengthIn(text: string, unit: string | undefined, usual: string): number {
  const [, digits = '', own] = /^([\d\s.,]+?)\s*([a-z"]+)?\.?$/i.exec(text.trim()) ?? []
  if (digits === '') throw new Error(`“${text}” is no length`)
  const mm = MM[(own ?? unit ?? usual).toLowerCase()]
  if (mm === undefined) throw new Error(`“${own ?? unit}” is no unit of length that is known here`)
  return Math.round(numberIn(digits) * mm)
}

/** “60 % cotton, 40 % polyester”, or one fibre alone. */
function claimIn(text: string): { fibre: string; percent: number }[] {
  const parts = text
    .split(/[,;/+]/)
    .map((part) => part.trim())
    .filter(Boolean)
  return parts.map((part) => {
    const [, before, after] = /(\d+(?:[.,]\d+)?)\s*%|%\s*(\d+)/.exec(part) ?? []
    const word = part.replace(/[\d.,%]+/g, ' ').trim()
    const fibre = fibreByWord(word)
    if (!fibre) throw new Error(`“${word}” is no fibre that is known here`)
    const said = before ?? after
    if (said === undefined && parts.length > 1) throw new Error(`say how much ${word} there is, in %`)
    return { fibre: fibre.id, percent: said === undefined ? 100 : numberIn(said) }
  })
}

const textOf = (id: string) => (draft: Draft, text: string) => void (draft[id] = text)

function thingIn(text: string): Thing {
  const sought = text.toLowerCase()
  const known = THINGS.find(
    (thing) => thing === sought || VOCABULARIES.some((words) => wordFor(THING_WORDS[thing], words) === sought),
  )
  if (!known) throw new Error(`“${text}” is nothing that is known here`)
  return known
}

function priceOf(draft: Draft): NonNullable<Draft['price']> {
  return (draft.price ??= { amount: 0, currency: '', per: 'all' })
}

/** Every field that a table may have, with the headings that it is known by. */
export const PIECE_COLUMNS: readonly Column[] = [
  { id: 'name', title: 'Name', words: ['name', 'piece', 'title', 'fabric'], read: textOf('name') },
  { id: 'called', title: 'What it is called', words: ['called', 'cloth', 'type', 'weave'], read: textOf('called') },
  {
    id: 'thing',
    title: 'What it is',
    words: ['what it is', 'thing', 'kind'],
    read: (draft, text) => void (draft.thing = thingIn(text)),
  },
  {
    id: 'claim',
    title: 'What the label says',
    words: ['label', 'label says', 'fibre', 'fiber', 'content', 'composition'],
    read: (draft, text) => void (draft.claim = claimIn(text)),
  },
  {
    id: 'widthMm',
    title: 'Width',
    words: ['width', 'wide'],
    read: (draft, text, unit) => void (draft.widthMm = lengthIn(text, unit, 'cm')),
  },
  {
    id: 'lengthMm',
    title: 'Length',
    words: ['length', 'long', 'amount', 'yardage', 'metres', 'yards'],
    read: (draft, text, unit) => void (draft.lengthMm = lengthIn(text, unit, 'm')),
  },
  {
    id: 'place',
    title: 'Where it lies',
    words: ['place', 'where', 'location', 'box', 'shelf'],
    read: textOf('place'),
  },
  { id: 'source', title: 'Where it came from', words: ['source', 'from', 'shop', 'bought'], read: textOf('source') },
  { id: 'got', title: 'Came on', words: ['came', 'date', 'got', 'bought on'], read: textOf('got') },
  {
    id: 'price',
    title: 'Price',
    words: ['price', 'cost', 'paid'],
    read: (draft, text) => {
      const currency = text.replace(/[\d.,\s]/g, '')
      Object.assign(priceOf(draft), { amount: numberIn(text.replace(/[^\d.,]/g, '')) }, currency ? { currency } : {})
    },
  },
  {
    id: 'currency',
    title: 'Currency',
    words: ['currency'],
    read: (draft, text) => void Object.assign(priceOf(draft), { currency: text }),
  },
  {
    id: 'per',
    title: 'Price is for',
    words: ['price for', 'per'],
    read: (draft, text) => {
      const per = PRICE_PERS.find((one) => one === text.toLowerCase())
      if (!per) throw new Error(`“${text}” is none of ${PRICE_PERS.join(', ')}`)
      priceOf(draft).per = per
    },
  },
  {
    id: 'tags',
    title: 'Tags',
    words: ['tags', 'tag'],
    read: (draft, text) =>
      void (draft.tags = text
        .split(/[,;]/)
        .map((tag) => tag.trim())
        .filter(Boolean)),
  },
  { id: 'ideas', title: 'What for', words: ['ideas', 'idea', 'for', 'plans'], read: textOf('ideas') },
  { id: 'notes', title: 'Notes', words: ['notes', 'note', 'remarks', 'comment'], read: textOf('notes') },
]

const columnById = new Map(PIECE_COLUMNS.map((column) => [column.id, column]))

/** A table as it was read: its headings, and its lines below them. */
export interface ReadTable {
  headings: string[]
  lines: string[][]
}

/** More lines than these are taken in at several times. */
export const MOST_TABLE_LINES = 5000

/** Reads a table as a spreadsheet writes or copies it: CSV, semicolons or tabs, found out by itself. */
export function readTable(text: string): ReadTable {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' })
  const [headings = [], ...lines] = data.map((line) => line.map((cell) => cell.trim()))
  return { headings, lines }
}

/** Which field each column holds, as far as its heading says; a field is taken once. */
export function matchedColumns(headings: readonly string[]): (string | null)[] {
  const taken = new Set<string>()
  return headings.map((heading) => {
    const said = plainWords(heading.replace(/\(.*\)/, ''))
      .filter((word) => !(word in MM))
      .join(' ')
    const found =
      PIECE_COLUMNS.find(({ id, words }) => !taken.has(id) && words.includes(said)) ??
      PIECE_COLUMNS.find(({ id, words }) => !taken.has(id) && words.some((word) => said.split(' ').includes(word)))
    if (!found) return null
    taken.add(found.id)
    return found.id
  })
}

/** Something wrong with a line: its number in the table as a person counts, and the heading. */
export interface TableError {
  line: number
  heading: string
  message: string
}

/** The heading's own unit: “width (cm)”, “length in yards”. */
function unitOf(heading: string): string | undefined {
  return plainWords(heading).findLast((word) => word in MM) ?? (heading.includes('"') ? '"' : undefined)
}

/**
 * The pieces of a table, and what is wrong with its lines. A line with something wrong gives no piece.
 * @param columns field by column, null for columns that are left out
 */
export function piecesOfTable(
  { headings, lines }: ReadTable,
  columns: readonly (string | null)[],
): { pieces: Piece[]; errors: TableError[] } {
  const pieces: Piece[] = []
  const errors: TableError[] = []
  lines.forEach((line, index) => {
    // The headings are the first line.
    const number = index + 2
    const draft: Draft = {}
    const wrong: TableError[] = []
    columns.forEach((id, at) => {
      const text = unguarded(line[at] ?? '')
      const column = id === null ? undefined : columnById.get(id)
      if (!column || text === '') return
      try {
        column.read(draft, text, unitOf(headings[at] ?? ''))
      } catch (error) {
        wrong.push({ line: number, heading: headings[at] ?? '', message: (error as Error).message })
      }
    })
    const parsed = PieceSchema.safeParse(draft)
    if (!parsed.success && wrong.length === 0) {
      const [issue] = parsed.error.issues
      const field = String(issue?.path[0] ?? 'name')
      wrong.push({ line: number, heading: columnById.get(field)?.title ?? field, message: issue!.message })
    }
    if (wrong.length > 0) errors.push(...wrong)
    else if (parsed.success) pieces.push(parsed.data)
  })
  return { pieces, errors }
}

/** An apostrophe that keeps a spreadsheet from reckoning is not part of the text. */
function unguarded(cell: string): string {
  return /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell
}
