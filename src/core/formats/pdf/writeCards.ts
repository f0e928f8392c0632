import { type PDFImage } from 'pdf-lib'
import { sheetCellsOf, SHEETS, type Card, type Cell, type SheetId } from '../../cards/sheets'
import { beginDocument, Pen, PT_PER_MM, QUIET, type FontFiles } from './pen'
import { itemAt, mustHave } from '../../lists/items'

/** Nothing stands nearer to a cell's edge than this: printers shift, mm. */
const MARGIN_MM = 5

export interface CardsTask {
  cards: readonly Card[]
  sheet: SheetId
  /** Stickers of the first sheet that are used up. */
  skip: number
}

/** How what is not text is drawn. */
export interface CardPictures {
  /** An address as a code to scan, PNG. */
  code(url: string): Promise<Uint8Array>
  /** One repeat of a drawn fabric, filling a square, JPEG. @param svg of the repeat */
  fabric(svg: string): Promise<Uint8Array>
}

/** Cards or stickers as a PDF. */
export async function writeCards(
  { cards, sheet: id, skip }: CardsTask,
  pictures: CardPictures,
  files: FontFiles,
): Promise<Uint8Array> {
  const sheet = mustHave(SHEETS.find((one) => one.id === id))
  const { pdf, fonts } = await beginDocument('Swatch cards', files)
  const drawings = new Map<string, PDFImage>()
  const drawingOf = async (svg: string) => {
    if (svg === '') return undefined
    const image = drawings.get(svg) ?? (await pdf.embedJpg(await pictures.fabric(svg)))
    drawings.set(svg, image)
    return image
  }
  for (const [i, cell] of sheetCellsOf(sheet, cards.length, skip).entries()) {
    while (pdf.getPageCount() <= cell.page) pdf.addPage([sheet.page.width * PT_PER_MM, sheet.page.height * PT_PER_MM])
    const pen = new Pen(pdf.getPage(cell.page), fonts)
    const card = itemAt(cards, i)
    const code = card.url === null ? undefined : await pdf.embedPng(await pictures.code(card.url))
    const inner = {
      x: cell.x + MARGIN_MM,
      y: cell.y + MARGIN_MM,
      width: cell.width - 2 * MARGIN_MM,
      height: cell.height - 2 * MARGIN_MM,
    }
    if (sheet.kind === 'sticker') sticker(pen, card, code, inner)
    else {
      if (sheet.columns > 1) pen.frame(cell)
      swatchCard(pen, card, code, await drawingOf(card.drawing), inner)
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
  code: PDFImage | undefined,
  drawing: PDFImage | undefined,
  box: Omit<Cell, 'page'>,
): void {
  let y = box.y
  y += pen.text(card.name, { ...box, height: 16 }, { font: 'title', size: 17 }) + 1
  y += pen.text(card.fibre, { ...box, y, height: 12 }, { font: 'bold', size: 11 }) + 2
  if (card.hasSnip) y += snipRow(pen, drawing, { ...box, y }) + 3
  const foot = box.y + box.height
  const end = card.number ? foot - NUMBER_MM : foot
  const width = box.width - CODE_MM - 3
  if (card.number) numberAt(pen, card.number, { x: box.x, y: foot - NUMBER_MM, width, height: NUMBER_MM })
  y += careRow(pen, card.care, { x: box.x, y, width: box.width })
  for (const [i, line] of card.lines.entries()) {
    const isLast = y > end - 2 * LINE_MM && i < card.lines.length - 1
    const says = isLast ? `and ${card.lines.length - i} more` : line
    y += pen.text(says, { x: box.x, y, width, height: Math.min(10, end - y) }, { font: 'text', size: 9.5 }) + 0.8
    if (isLast) break
  }
  const corner = { x: box.x + box.width - CODE_MM, y: foot - CODE_MM, width: CODE_MM, height: CODE_MM }
  if (code) pen.image(code, corner)
}

const CARE_MM = 9

/** The symbols of the care label in a row; answers how high that is, mm. */
function careRow(pen: Pen, care: Card['care'], { x, y, width }: { x: number; y: number; width: number }): number {
  if (care.length === 0) return 0
  const fit = Math.floor((width + 2) / (CARE_MM + 2))
  for (const [i, id] of care.slice(0, fit).entries()) pen.care(id, { x: x + i * (CARE_MM + 2), y, width: CARE_MM })
  return CARE_MM + 2
}

/** The number at the foot, and what it is for, is so high, mm. */
const NUMBER_MM = 12

/** The number of a fabric, and where it is typed. */
function numberAt(pen: Pen, number: string, box: Omit<Cell, 'page'>): void {
  const used = pen.text(`Number ${number}`, box, { font: 'bold', size: 13 })
  pen.text('Type this number into the search.', { ...box, y: box.y + used + 0.5 }, QUIET)
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

/** More lines than these are too small to be read on a sticker. */
const STICKER_LINES = 3

/** What tells a bundle on a shelf from its neighbour, and the code. */
function sticker(pen: Pen, card: Card, code: PDFImage | undefined, box: Omit<Cell, 'page'>): void {
  const side = Math.min(box.height, 24)
  const width = code ? box.width - side - 2 : box.width
  let y = box.y
  y += pen.text(card.name, { ...box, width, height: box.height * 0.45 }, { font: 'bold', size: 10 }) + 0.5
  const rest = { x: box.x, y, width, height: box.y + box.height - y }
  pen.text(
    [card.number ? `Number ${card.number}` : '', card.fibre, ...card.lines.slice(0, STICKER_LINES)]
      .filter(Boolean)
      .join('; '),
    rest,
    {
      font: 'text',
      size: 7.5,
    },
  )
  if (code) pen.image(code, { x: box.x + box.width - side, y: box.y, width: side, height: side })
}
