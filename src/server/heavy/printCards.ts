import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fontkit from '@pdf-lib/fontkit'
import { PDFDocument, rgb, type PDFFont, type PDFImage, type PDFPage } from 'pdf-lib'
import QRCode from 'qrcode'
import sharp from 'sharp'
import { cellsOf, SHEETS, type BookLine, type Card, type Cell, type SheetId } from '../../core/cards/sheets'

const PT_PER_MM = 72 / 25.4
const INK = rgb(0.16, 0.13, 0.1)
const SOFT = rgb(0.36, 0.32, 0.28)
const LINE = rgb(0.72, 0.68, 0.6)
/** Nothing stands nearer to a cell's edge than this: printers shift, mm. */
const MARGIN_MM = 5
/** Pixels of a drawn cloth across a card. */
const DRAWING_PX = 700

interface Fonts {
  title: PDFFont
  text: PDFFont
  bold: PDFFont
}

/** Lays text and pictures on a page from its upper left, in mm. */
class Pen {
  constructor(
    private readonly page: PDFPage,
    readonly fonts: Fonts,
  ) {}

  /** Text in a box, wrapped, smaller where it must be; answers the height that it took, mm. Nothing leaves the box. */
  text(words: string, box: { x: number; y: number; width: number; height: number }, style: Style): number {
    const { font: name, size, color = INK } = style
    const font = this.fonts[name]
    const told = printable(words, font)
    for (let points = size; ; points -= 0.5) {
      const lines = wrapped(told, font, points, box.width * PT_PER_MM)
      const height = (lines.length * points * LEADING) / PT_PER_MM
      if (height > box.height && points > SMALLEST) continue
      const fit = Math.max(0, Math.floor((box.height * PT_PER_MM) / (points * LEADING)))
      lines.slice(0, fit).forEach((line, i) => {
        const baseline = box.y * PT_PER_MM + points * (0.8 + i * LEADING)
        this.page.drawText(line, {
          x: box.x * PT_PER_MM,
          y: this.page.getHeight() - baseline,
          size: points,
          font,
          color,
        })
      })
      return Math.min(height, box.height)
    }
  }

  image(image: PDFImage, { x, y, width, height }: Omit<Cell, 'page'>): void {
    this.page.drawImage(image, {
      x: x * PT_PER_MM,
      y: this.page.getHeight() - (y + height) * PT_PER_MM,
      width: width * PT_PER_MM,
      height: height * PT_PER_MM,
    })
  }

  frame({ x, y, width, height }: Omit<Cell, 'page'>, dashed = false): void {
    this.page.drawRectangle({
      x: x * PT_PER_MM,
      y: this.page.getHeight() - (y + height) * PT_PER_MM,
      width: width * PT_PER_MM,
      height: height * PT_PER_MM,
      borderColor: LINE,
      borderWidth: 0.6,
      ...(dashed ? { borderDashArray: [3, 3] } : {}),
    })
  }
}

interface Style {
  font: keyof Fonts
  /** Points. */
  size: number
  color?: ReturnType<typeof rgb>
}

const LEADING = 1.25
const SMALLEST = 5.5

/** What the font has no sign for is left out; a line break is a space. */
function printable(text: string, font: PDFFont): string {
  const known = new Set(font.getCharacterSet())
  return [...text.replace(/\s+/g, ' ')].filter((sign) => known.has(sign.codePointAt(0)!)).join('')
}

/** Width of each sign of a font at one point: laying out a whole text anew for each try would take long. */
const widths = new WeakMap<PDFFont, Map<string, number>>()

function widthOf(text: string, font: PDFFont, size: number): number {
  const known = widths.get(font) ?? new Map<string, number>()
  widths.set(font, known)
  let sum = 0
  for (const sign of text) {
    let width = known.get(sign)
    if (width === undefined) known.set(sign, (width = font.widthOfTextAtSize(sign, 1)))
    sum += width
  }
  return sum * size
}

/** Words in lines no wider than that; a word that is wider by itself is broken. */
function wrapped(text: string, font: PDFFont, size: number, width: number): string[] {
  const wide = (line: string) => widthOf(line, font, size) > width
  const lines: string[] = []
  let line = ''
  for (const word of text.split(' ').filter(Boolean)) {
    const longer = line === '' ? word : `${line} ${word}`
    if (!wide(longer)) {
      line = longer
      continue
    }
    if (line !== '') lines.push(line)
    line = ''
    for (const sign of word) {
      if (line !== '' && wide(line + sign)) {
        lines.push(line)
        line = ''
      }
      line += sign
    }
  }
  if (line !== '') lines.push(line)
  return lines
}

async function begun(title: string): Promise<{ pdf: PDFDocument; fonts: Fonts }> {
  const pdf = await PDFDocument.create()
  pdf.registerFontkit(fontkit)
  pdf.setTitle(title)
  pdf.setCreator('Rough Swatch')
  const font = (path: string) =>
    pdf.embedFont(readFileSync(join(/* turbopackIgnore: true */ process.cwd(), 'node_modules', path)), {
      subset: true,
    })
  const atkinson = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin'
  const [serif, text, bold] = await Promise.all([
    font('@fontsource/young-serif/files/young-serif-latin-400-normal.woff'),
    font(`${atkinson}-400-normal.woff`),
    font(`${atkinson}-700-normal.woff`),
  ])
  return { pdf, fonts: { title: serif, text, bold } }
}

export interface CardsTask {
  cards: readonly Card[]
  sheet: SheetId
  /** Stickers of the first sheet that are used up. */
  skip: number
}

/** Cards or stickers as a PDF, with the program's own fonts. */
export async function printCards({ cards, sheet: id, skip }: CardsTask): Promise<Uint8Array> {
  const sheet = SHEETS.find((one) => one.id === id)!
  const { pdf, fonts } = await begun('Swatch cards')
  const drawings = new Map<string, PDFImage>()
  for (const [i, cell] of cellsOf(sheet, cards.length, skip).entries()) {
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
  const half = (box.width - 4) / 2
  const swatch = { x: box.x, y, width: half, height: Math.min(SNIP_MM, half) }
  if (drawing) pen.image(drawing, swatch)
  const snip = { ...swatch, x: box.x + half + 4 }
  pen.frame(snip, true)
  pen.text('Staple a snip here', { ...snip, x: snip.x + 2, y: snip.y + 2, width: half - 4, height: 5 }, QUIET)
  y += swatch.height + 3
  const foot = box.y + box.height
  const width = box.width - CODE_MM - 3
  for (const line of card.lines) {
    if (y > foot - 5) break
    const room = { x: box.x, y, width, height: Math.min(10, foot - y) }
    y += pen.text(line, room, { font: 'text', size: 9.5 }) + 0.8
  }
  pen.image(code, { x: box.x + box.width - CODE_MM, y: foot - CODE_MM, width: CODE_MM, height: CODE_MM })
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
}

const A4_MM = { width: 210, height: 297 }
const BOOK_MARGIN_MM = 18

/** The whole stash as a book: a line a piece, place by place, and an index of its words at the end. */
export async function printBook({ lines, title }: BookTask): Promise<Uint8Array> {
  const { pdf, fonts } = await begun(title)
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
  const index = new Map<string, Set<number>>()
  let place: string | undefined
  for (const line of lines) {
    if (line.place !== place) {
      place = line.place
      y += 3
      put(place || 'Nowhere in particular', { font: 'bold', size: 12 }, 8)
    }
    put(line.name, { font: 'bold', size: 9.5 }, 8)
    for (const word of [line.name, ...line.words]) index.set(word, (index.get(word) ?? new Set()).add(number))
    put(line.says, { font: 'text', size: 8.5 }, 8, 4)
    y += 1
  }
  y += 4
  put('Index', { font: 'title', size: 16 }, 12)
  for (const word of [...index.keys()].sort((a, b) => a.localeCompare(b)))
    put(`${word}, ${[...index.get(word)!].join(', ')}`, { font: 'text', size: 8.5 }, 8)
  return pdf.save()
}
