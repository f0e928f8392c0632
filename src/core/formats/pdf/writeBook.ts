import { byPlace, NOWHERE, type BookLine } from '../../cards/sheets'
import { beginDocument, Pen, PT_PER_MM, QUIET, type FontFiles, type Style } from './pen'
import { mustHave } from '../../lists/items'

export interface BookTask {
  lines: readonly BookLine[]
  title: string
  /** What all of it comes to. */
  lead: string
  /** A list to go by has a box before each line, and no index. */
  isList: boolean
}

/** A box to tick, and what stands beside it, mm. */
const TICK_MM = 3.6

const A4_MM = { width: 210, height: 297 }
const BOOK_MARGIN_MM = 18

/** Pieces as a book: a line a piece, place by place, and an index of their words at the end; or as a list to tick. */
export async function writeBook({ lines, title, lead, isList }: BookTask, files: FontFiles): Promise<Uint8Array> {
  const { pdf, fonts } = await beginDocument(title, files)
  const width = A4_MM.width - 2 * BOOK_MARGIN_MM
  const foot = A4_MM.height - BOOK_MARGIN_MM
  let pen!: Pen
  let y = foot
  let number = 0
  const turn = () => {
    pen = new Pen(pdf.addPage([A4_MM.width * PT_PER_MM, A4_MM.height * PT_PER_MM]), fonts)
    number += 1
    y = BOOK_MARGIN_MM
    pen.text(`${title}, page ${number}`, { x: BOOK_MARGIN_MM, y: A4_MM.height - 12, width, height: 5 }, QUIET)
  }
  const put = (text: string, style: Style, height: number, indent = 0) => {
    if (y + height > foot) turn()
    const box = { x: BOOK_MARGIN_MM + indent, y, width: width - indent, height }
    y += pen.text(text, box, style)
  }
  turn()
  put(title, { font: 'title', size: 22 }, 14)
  put(lead, { font: 'text', size: 9.5 }, 10)
  const indent = isList ? TICK_MM + 2 : 0
  const index = new Map<string, Set<number>>()
  for (const { place, pieces } of byPlace(lines)) {
    y += 3
    put(place || NOWHERE, { font: 'bold', size: 12 }, 8)
    for (const line of pieces) {
      put(line.name, { font: 'bold', size: 9.5 }, 8, indent)
      if (isList) pen.frame({ x: BOOK_MARGIN_MM, y: y - TICK_MM - 0.6, width: TICK_MM, height: TICK_MM })
      for (const word of [line.name, ...line.words]) index.set(word, (index.get(word) ?? new Set()).add(number))
      put(line.says, { font: 'text', size: 8.5 }, 8, indent || 4)
      y += 1
    }
  }
  if (isList) return pdf.save()
  y += 4
  put('Index', { font: 'title', size: 16 }, 12)
  for (const word of [...index.keys()].sort((a, b) => a.localeCompare(b)))
    put(`${word}, ${[...mustHave(index.get(word))].join(', ')}`, { font: 'text', size: 8.5 }, 8)
  return pdf.save()
}
