import { rgb, type PDFPage } from 'pdf-lib'
import { EDGE_MM, tileName, tilesOf, type Tile } from '../../outlines/tiles'
import { PAPERS, type PaperId } from '../../vocabulary/paper'
import { boxOf, type Box, type Outline, type Point } from '../../shapes/polygon'
import { beginDocument, Pen, PT_PER_MM, SOFT, type FontFiles, type Fonts, type Style } from './pen'

/** One cloth with what lies on it, mm, y along the warp. */
export interface PrintedGround {
  name: string
  /** The cloth's own edges, holes and stains after its outline. */
  cloth: readonly Outline[]
  pieces: readonly { name: string; outline: Outline; marks: readonly Point[] }[]
}

export interface LayPrintTask {
  title: string
  says: string
  grounds: readonly PrintedGround[]
  /** What to do, in its order. */
  order: readonly string[]
  paper: PaperId
  /** Whether the sheets at its own size follow the plan. */
  isFullSize: boolean
}

/** More sheets than this nobody glues together. */
export const MOST_SHEETS = 240

const [INK, CLOTH, FAINT] = [rgb(0.1, 0.1, 0.1), rgb(0.45, 0.42, 0.36), rgb(0.75, 0.72, 0.66)]
const TITLE: Style = { font: 'title', size: 18 }
const TEXT: Style = { font: 'text', size: 10 }
const SMALL: Style = { font: 'text', size: 8, color: SOFT }

/**
 * The cutting plan as a PDF: an overview with the order of cutting, and, where it is asked for, everything at its own
 * size on sheets that are glued together, a square of 5 cm to measure first.
 * @throws RangeError where that would be more sheets than anybody glues
 */
export async function writeLayout(task: LayPrintTask, files: FontFiles): Promise<Uint8Array> {
  const sheets = task.isFullSize ? task.grounds.map(sheetsOf(task.paper)) : []
  const count = sheets.flat().length
  if (count > MOST_SHEETS)
    throw new RangeError(
      `At full size that is ${count} sheets, too many to tape together: take the SVG to a copy shop.`,
    )
  const { pdf, fonts } = await beginDocument(task.title, files)
  const { width, height } = PAPERS[task.paper]
  const add = () => pdf.addPage([width * PT_PER_MM, height * PT_PER_MM])
  task.grounds.forEach((ground, i) => overview(add(), fonts, task, ground, i, count))
  task.grounds.forEach((ground, i) => sheets[i]?.forEach((tile) => sheet(add(), fonts, ground, tile)))
  return pdf.save()
}

const sheetsOf = (paper: PaperId) => (ground: PrintedGround) =>
  tilesOf(
    ground.pieces.map(({ outline }) => outline),
    paper,
  )

/** From the drawing, y upwards, to the page in mm, y downwards from its upper left. */
interface Place {
  scale: number
  left: number
  top: number
}

function placing({ minX, maxY }: Box, { scale, left, top }: Place) {
  return ([x, y]: Point): Point => [left + (x - minX) * scale, top + (maxY - y) * scale]
}

function draw(page: PDFPage, outline: Outline, place: (at: Point) => Point, color = INK, widthMm = 0.35): void {
  const path = outline
    .map((at) =>
      place(at)
        .map((value) => value.toFixed(3))
        .join(' '),
    )
    .join('L')
  page.drawSvgPath(`M${path}Z`, {
    x: 0,
    y: page.getHeight(),
    scale: PT_PER_MM,
    borderColor: color,
    borderWidth: widthMm,
  })
}

function overview(
  page: PDFPage,
  fonts: Fonts,
  task: LayPrintTask,
  ground: PrintedGround,
  index: number,
  sheets: number,
): void {
  const pen = new Pen(page, fonts)
  const { width, height } = PAPERS[task.paper]
  const across = width - 2 * EDGE_MM
  const box = (y: number, tall: number) => ({ x: EDGE_MM, y, width: across, height: tall })
  let y = EDGE_MM
  y += pen.text(`${task.title}, on ${ground.name}`, box(y, 16), TITLE) + 2
  if (index === 0) {
    y += pen.text(task.says, box(y, 14), TEXT) + 2
    if (sheets > 0)
      y += pen.text(
        `Print at 100 %, not fitted to the page. ${sheets} sheets follow: measure the square on the ` +
          'first, then join them by their letters along and their numbers across.',
        box(y, 12),
        SMALL,
      )
    y += 3
  }
  const whole = boxOf([...ground.cloth, ...ground.pieces.map(({ outline }) => outline)].flat())
  const room = Math.max(60, height - y - EDGE_MM - (index === 0 ? 60 : 10))
  const scale = Math.min(across / (whole.maxX - whole.minX), room / (whole.maxY - whole.minY))
  const place = placing(whole, { scale, left: EDGE_MM, top: y })
  ground.cloth.forEach((outline) => draw(page, outline, place, CLOTH, 0.5))
  for (const piece of ground.pieces) {
    draw(page, piece.outline, place)
    named(pen, piece, place, scale)
  }
  y += (whole.maxY - whole.minY) * scale + 4
  y +=
    pen.text(
      'Up is along the warp. Cut away from your body, and close blades when you put them down.',
      box(y, 6),
      SMALL,
    ) + 1
  if (index > 0) return
  for (const [i, step] of task.order.entries()) {
    if (y > height - EDGE_MM - 4) break
    y += pen.text(`${i + 1}. ${step}`, box(y, Math.min(10, height - EDGE_MM - y)), TEXT) + 0.8
  }
}

function named(
  pen: Pen,
  { name, outline, marks }: PrintedGround['pieces'][number],
  place: (at: Point) => Point,
  scale: number,
): void {
  const { minX, maxX, minY, maxY } = boxOf(outline)
  const [x, y] = place([(minX + maxX) / 2, (minY + maxY) / 2])
  const wide = Math.max(6, (maxX - minX) * scale - 2)
  // Letters of this size are about 1.3 mm wide.
  const left = x - Math.min(wide / 2, name.length * 0.65)
  pen.text(name, { x: left, y: y - 2, width: wide, height: 5 }, { font: 'bold', size: 7 })
  marks.forEach((at) => cross(pen, place(at)))
}

function cross(pen: Pen, [x, y]: Point): void {
  pen.text('×', { x: x - 1.2, y: y - 2, width: 5, height: 5 }, { font: 'bold', size: 9 })
}

const SQUARE_MM = 50

function sheet(page: PDFPage, fonts: Fonts, ground: PrintedGround, tile: Tile): void {
  const pen = new Pen(page, fonts)
  const place = placing(tile.box, { scale: 1, left: EDGE_MM, top: EDGE_MM })
  const { minX, maxX, minY, maxY } = tile.box
  const corners: Outline = [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ]
  ground.cloth.forEach((outline) => draw(page, outline, place, FAINT, 0.25))
  for (const { name, outline, marks } of ground.pieces) {
    draw(page, outline, place, INK, 0.5)
    marks.forEach((at) => cross(pen, place(at)))
    const box = boxOf(outline)
    const [x, y] = place([(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2])
    if (x > EDGE_MM && y > EDGE_MM && x < maxX - minX && y < maxY - minY)
      pen.text(name, { x, y, width: 60, height: 8 }, { font: 'bold', size: 12 })
  }
  draw(page, corners, place, FAINT, 0.25)
  const label = `${ground.name}: ${tileName(tile)}`
  pen.text(label, { x: EDGE_MM + 2, y: 4, width: 120, height: 6 }, { font: 'bold', size: 11 })
  if (tile.row > 0 || tile.column > 0) return
  const from: Point = [minX + 6, maxY - 6]
  const square: Outline = [
    from,
    [from[0] + SQUARE_MM, from[1]],
    [from[0] + SQUARE_MM, from[1] - SQUARE_MM],
    [from[0], from[1] - SQUARE_MM],
  ]
  draw(page, square, place, CLOTH, 0.25)
  const [x, y] = place([from[0] + 3, from[1] - 3])
  pen.text('5 cm each side: measure it before you cut', { x, y, width: 44, height: 12 }, SMALL)
}
