import fontkit from '@pdf-lib/fontkit'
import { LineCapStyle, PDFDocument, rgb, type PDFFont, type PDFImage, type PDFPage } from 'pdf-lib'
import { mustHave } from '../../lists/items'
import { type CareId } from '../../vocabulary/care'
import { CARE_FIELD, drawnCare } from '../../vocabulary/drawnCare'

/** Points a millimetre. */
export const PT_PER_MM = 72 / 25.4
const INK = rgb(0.16, 0.13, 0.1)
export const SOFT = rgb(0.36, 0.32, 0.28)
const LINE = rgb(0.72, 0.68, 0.6)

/** A box on a page, mm from its upper left. */
interface Box {
  x: number
  y: number
  width: number
  height: number
}

export interface Fonts {
  title: PDFFont
  text: PDFFont
  bold: PDFFont
}

/** Lays text and pictures on a page from its upper left, in mm. */
export class Pen {
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

  image(image: PDFImage, { x, y, width, height }: Box): void {
    this.page.drawImage(image, {
      x: x * PT_PER_MM,
      y: this.page.getHeight() - (y + height) * PT_PER_MM,
      width: width * PT_PER_MM,
      height: height * PT_PER_MM,
    })
  }

  /** A care symbol in a square box. */
  care(id: CareId, { x, y, width }: Omit<Box, 'height'>): void {
    const { lines, dots, letters } = drawnCare(id)
    const scale = (width * PT_PER_MM) / CARE_FIELD.width
    const thick = CARE_FIELD.line * scale
    const [left, top] = [x * PT_PER_MM, this.page.getHeight() - y * PT_PER_MM]
    for (const path of lines)
      this.page.drawSvgPath(path, {
        ...{ x: left, y: top, scale, borderColor: INK, borderWidth: thick, borderLineCap: LineCapStyle.Round },
      })
    for (const [dx, dy] of dots)
      this.page.drawCircle({ x: left + dx * scale, y: top - dy * scale, size: CARE_FIELD.dot * scale, color: INK })
    if (!letters) return
    const size = CARE_FIELD.letter * scale
    const wide = this.fonts.bold.widthOfTextAtSize(letters.text, size)
    const at = { x: left + (CARE_FIELD.width * scale - wide) / 2, y: top - letters.y * scale }
    this.page.drawText(letters.text, { ...at, size, font: this.fonts.bold, color: INK })
  }

  frame({ x, y, width, height }: Box, dashed = false): void {
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

export interface Style {
  font: keyof Fonts
  /** Points. */
  size: number
  color?: ReturnType<typeof rgb>
}

/** Small and soft: what is said beside the matter. */
export const QUIET: Style = { font: 'text', size: 7, color: SOFT }

const LEADING = 1.25
const SMALLEST = 5.5

/** What the font has no sign for is left out; a line break is a space. */
function printable(text: string, font: PDFFont): string {
  const known = new Set(font.getCharacterSet())
  return [...text.replace(/\s+/g, ' ')].filter((sign) => known.has(mustHave(sign.codePointAt(0)))).join('')
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

/** The files of the fonts that a document brings along (WOFF or OpenType). */
export interface FontFiles {
  title: Uint8Array
  text: Uint8Array
  bold: Uint8Array
}

/** A new document with the program's own fonts. */
export async function beginDocument(title: string, files: FontFiles): Promise<{ pdf: PDFDocument; fonts: Fonts }> {
  const pdf = await PDFDocument.create()
  pdf.registerFontkit(fontkit)
  pdf.setTitle(title)
  pdf.setCreator('Rough Swatch')
  const embed = (bytes: Uint8Array) => pdf.embedFont(bytes, { subset: true })
  return {
    pdf,
    fonts: { title: await embed(files.title), text: await embed(files.text), bold: await embed(files.bold) },
  }
}
