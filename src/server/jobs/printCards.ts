import { type PDFDocument, type PDFImage } from 'pdf-lib'
import QRCode from 'qrcode'
import sharp from 'sharp'
import {
  byPlace,
  sheetCellsOf,
  NOWHERE,
  SHEETS,
  type BookLine,
  type Card,
  type Cell,
  type SheetId,
} from '../../core/cards/sheets'
import { beginDocument, Pen, PT_PER_MM, SOFT, type Style } from './pen'

/** Nothing stands nearer to a cell's edge than this: printers shift, mm. */
const MARGIN_MM = 5
/** Pixels of a drawn cloth across a card. */
const DRAWING_PX = 700

export interface CardsTask {
  cards: readonly Card[]
  sheet: SheetId
  /** Stickers of the first sheet that are used up. */
  skip: number
}

/** Cards or stickers as a PDF, with the program's own fonts. */
export async function printCards({ cards, sheet: id, skip }: CardsTask): Promise<Uint8Array> {
  const sheet = SHEETS.find((one) => one.id === id)!
  const { pdf, fonts } = await beginDocument('Swatch cards')
  const drawings = new Map<string, PDFImage>()
  for (const [i, cell] of sheetCellsOf(sheet, cards.length, skip).entries()) {
    while (pdf.getPageCount() <= cell.page) pdf.addPage([sheet.page.width * PT_PER_MM, sheet.page.height * PT_PER_MM])
    const pen = new Pen(pdf.getPage(cell.page), fonts)
    const card = cards[i]!
    const code = await pdf.embedPng(
      await QRCode.toBuffer(card.url, { margin: 1, scale: 6, errorCorrectionLevel: 'M' }),
    )
    const inner = {
      x: cell.x + MARGIN_MM,
      y: cell.y + MARGIN_MM,
      width: cell.width - 2 * MARGIN_MM,
      height: cell.height - 2 * MARGIN_MM,
    }
    if (sheet.kind === 'sticker') sticker(pen, card, code, inner)
    else {
      if (sheet.columns > 1) pen.frame(cell)
      swatchCard(pen, card, code, await drawingOf(pdf, drawings, card.drawing), inner)
    }
  }
  return pdf.save()
}

const SNIP_MM = 46
const CODE_MM = 24

/** Name and fibre, the drawn weave beside room for a snip, the facts, and the code at the foot. */
function swatchCard(
  pen: Pen,
  card: Card,
  code: PDFImage,
  drawing: PDFImage | undefined,
  box: Omit<Cell, 'page'>,
): void {
  let y = box.y
  y += pen.text(card.name, { ...box, height: 16 }, { font: 'title', size: 17 }) + 1
  y += pen.text(card.fibre, { ...box, y, height: 12 }, { font: 'bold', size: 11 }) + 2
  if (card.hasSnip) y += snipRow(pen, drawing, { ...box, y }) + 3
  const foot = box.y + box.height
  const width = box.width - CODE_MM - 3
  for (const [i, line] of card.lines.entries()) {
    const isLast = y > foot - 2 * LINE_MM && i < card.lines.length - 1
    const says = isLast ? `and ${card.lines.length - i} more` : line
    y += pen.text(says, { x: box.x, y, width, height: Math.min(10, foot - y) }, { font: 'text', size: 9.5 }) + 0.8
    if (isLast) break
  }
  pen.image(code, { x: box.x + box.width - CODE_MM, y: foot - CODE_MM, width: CODE_MM, height: CODE_MM })
}

/** A line of a card is as high as this at least, mm. */
const LINE_MM = 5

/** The drawn weave, and room for a snip beside it; answers how high that is, mm. */
function snipRow(pen: Pen, drawing: PDFImage | undefined, box: Omit<Cell, 'page'>): number {
  const half = (box.width - 4) / 2
  const swatch = { x: box.x, y: box.y, width: half, height: Math.min(SNIP_MM, half) }
  if (drawing) pen.image(drawing, swatch)
  const snip = { ...swatch, x: box.x + half + 4 }
  pen.frame(snip, true)
  pen.text('Staple a snip here', { ...snip, x: snip.x + 2, y: snip.y + 2, width: half - 4, height: 5 }, QUIET)
  return swatch.height
}

const QUIET: Style = { font: 'text', size: 7, color: SOFT }

/** More lines than these are too small to be read on a sticker. */
const STICKER_LINES = 3

/** What tells a bundle on a shelf from its neighbour, and the code. */
function sticker(pen: Pen, card: Card, code: PDFImage, box: Omit<Cell, 'page'>): void {
  const side = Math.min(box.height, 24)
  const width = box.width - side - 2
  let y = box.y
  y += pen.text(card.name, { ...box, width, height: box.height * 0.45 }, { font: 'bold', size: 10 }) + 0.5
  const rest = { x: box.x, y, width, height: box.y + box.height - y }
  pen.text([card.fibre, ...card.lines.slice(0, STICKER_LINES)].filter(Boolean).join('; '), rest, {
    font: 'text',
    size: 7.5,
  })
  pen.image(code, { x: box.x + box.width - side, y: box.y, width: side, height: side })
}

async function drawingOf(pdf: PDFDocument, known: Map<string, PDFImage>, svg: string): Promise<PDFImage | undefined> {
  if (svg === '') return undefined
  const before = known.get(svg)
  if (before) return before
  const tile = await sharp(Buffer.from(svg), { density: 144 }).png().toBuffer({ resolveWithObject: true })
  // One repeat, as often as it takes to fill the swatch.
  const filled = await sharp({ create: { width: DRAWING_PX, height: DRAWING_PX, channels: 3, background: '#fff' } })
    .composite([{ input: await atMost(tile.data, tile.info), tile: true, gravity: 'northwest' }])
    .jpeg({ quality: 85 })
    .toBuffer()
  const image = await pdf.embedJpg(filled)
  known.set(svg, image)
  return image
}

/** A repeat that is larger than the swatch is cut to it. */
async function atMost(tile: Buffer, { width, height }: { width: number; height: number }): Promise<Buffer> {
  if (width <= DRAWING_PX && height <= DRAWING_PX) return tile
  const [w, h] = [Math.min(width, DRAWING_PX), Math.min(height, DRAWING_PX)]
  return sharp(tile).extract({ left: 0, top: 0, width: w, height: h }).png().toBuffer()
}

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
export async function printBook({ lines, title, lead, isList }: BookTask): Promise<Uint8Array> {
  const { pdf, fonts } = await beginDocument(title)
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
    put(`${word}, ${[...index.get(word)!].join(', ')}`, { font: 'text', size: 8.5 }, 8)
  return pdf.save()
}
