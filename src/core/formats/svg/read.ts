import svgpath from 'svgpath'
import { parse, type ElementNode } from 'svg-parser'
import { areaOf, isWithin, type Outline, type Point } from '../../shapes/polygon'
import { HOLE, withMarks, type Loose } from '../../outlines/belongs'
import { flatCubic, flatQuadratic } from '../../outlines/flatten'
import { foundOf, longestOf } from '../../outlines/found'
import { joinedLines } from '../../outlines/join'
import { type Drawn } from '../../outlines/settleOutlines'
import { testSquareIn } from './testSquare'
import {
  boundPoints,
  NoOutlines,
  UNIT_MM,
  type FoundOutlines,
  type UnitId,
  type UnitRead,
} from '../../outlines/types'
import { elementsOf, wordsIn, type SvgDrawing, type PlacedElement } from './elements'
import { lengthOf, numbersIn } from './units'
import { itemAt, mustHave } from '../../lists/items'

const PIXEL = UNIT_MM.px
/** Curves are flattened to so much, mm. */
const FLAT_MM = 0.1

/**
 * Closed lines of an SVG file as pieces: paths, polygons, rectangles, circles, and lines that meet; curves within
 * 0.1 mm. Lines on them are their marks: grain and fold by what they or their layers are called, notches, darts, drill
 * holes.
 * @param how.squareMm how long the side of the test square is that is drawn in it, mm
 * @param how.asked the unit of a file that does not say its own
 * @throws NoOutlines in words where it is no SVG, has no such square, or holds nothing that could be cut
 */
export function readSvg(
  text: string,
  { squareMm, asked }: { squareMm?: number; asked?: UnitId } = {},
): FoundOutlines {
  const root = rootOf(text)
  const drawing = elementsOf(root)
  const view = viewOf(root, asked)
  const lines = squareMm === undefined ? linesAt(drawing, view, 1) : bySquare(drawing, view, squareMm)
  const unit = squareMm === undefined ? view.unit : { is: view.unit.is, by: 'square' as const }
  const shut = lines.filter(({ points }) => isClosed(points))
  const joined = joinedLines(lines.flatMap(({ points }) => (isClosed(points) ? [] : [points])))
  const labelOf = (points: Outline) => lines.find((line) => points.includes(itemAt(line.points, 0)))?.label ?? ''
  const met = joined.loops.map((loop): Loose => ({ label: labelOf(loop), points: [...loop, itemAt(loop, 0)] }))
  const closed = [...shut, ...met]
  const isPiece = ({ points }: Loose) => areaOf(points) >= HOLE
  const loose = lines.filter(({ points }) =>
    joined.rest.some((rest) => rest[0] === points[0] && rest.at(-1) === points.at(-1)),
  )
  const texts = textsAt(drawing, view, squareMm === undefined ? 1 : scaleBySquare(drawing, view, squareMm))
  const drawn = withMarks(
    closed.filter(isPiece).map((line) => pieceOf(line, texts)),
    [...loose, ...closed.filter((line) => !isPiece(line))],
  )
  const gap = joined.widestMm > 0.01 && joined.loops.length > 0
  const notRead = [
    ...(drawing.hidden > 0 ? [`${drawing.hidden} hidden parts`] : []),
    ...(gap ? [`ends up to ${joined.widestMm.toFixed(2)} mm apart were joined`] : []),
  ]
  const closedMm = Math.max(0, ...closed.map(({ points }) => longestOf(points)))
  return foundOf(drawn, {
    unit,
    notRead,
    closedMm,
    nothing: () => nothingWords(lines.length, joined.apartMm, drawing.hidden),
  })
}

interface View {
  scale: number
  left: number
  top: number
  unit: UnitRead
}

/** Every line that is drawn. @param by how much larger than the file says */
function linesAt({ placed }: SvgDrawing, view: View, by: number): Loose[] {
  let points = 0
  return placed.flatMap(({ element, transform, label }) => {
    const lines = linesOf(element, { label, transform: inMm(view, by, transform), scale: view.scale * by })
    for (const line of lines) boundPoints(line.points.length, (points += line.points.length))
    return lines
  })
}

const inMm = ({ scale, left, top }: View, by: number, transform: string) =>
  `scale(${scale * by}) translate(${-left} ${-top}) ${transform}`.trim()

/** Every line, as large as it is where the test square has that side; the square itself is no piece. */
function bySquare(drawing: SvgDrawing, view: View, squareMm: number): Loose[] {
  const found = squareIn(drawing, view)
  // Curves are flattened anew: what is near enough depends on how large they are.
  return linesAt(drawing, view, squareMm / found.side).toSpliced(found.at, 1)
}

const scaleBySquare = (drawing: SvgDrawing, view: View, squareMm: number) => squareMm / squareIn(drawing, view).side

function squareIn(drawing: SvgDrawing, view: View) {
  const lines = linesAt(drawing, view, 1).map((line) => (isClosed(line.points) ? line : { ...line, points: [] }))
  const found = testSquareIn(lines)
  if (!found) throw new NoOutlines('We found no square in this SVG file that could be its test square.')
  return found
}

function nothingWords(lines: number, apartMm: number | undefined, hidden: number): string {
  if (lines === 0 && hidden > 0)
    return `We found no closed outline in this SVG file: ${hidden} parts of it are hidden.`
  if (lines === 0) return 'We found no closed outline in this SVG file: it has no lines.'
  const gap =
    apartMm === undefined ? '' : `, up to ${apartMm < 100 ? apartMm.toFixed(1) : Math.round(apartMm)} mm apart`
  const what = lines === 1 ? 'one line was' : `${lines} lines were`
  return `We found no closed outline in this SVG file: ${what} found that do not meet${gap}.`
}

/** Words that stand in the drawing, and where. */
function textsAt({ placed }: SvgDrawing, view: View, by: number): { words: string; at: Point }[] {
  return placed.flatMap(({ element, transform }) => {
    if (element.tagName !== 'text') return []
    const own = element.children.find((child) => typeof child !== 'string' && child.type === 'element') as
      ElementNode | undefined
    const { x, y } = { ...own?.properties, ...element.properties }
    const line = flatLines(`M${lengthOf(x)} ${lengthOf(y)}h1`, inMm(view, by, transform), FLAT_MM)[0]
    const words = wordsIn(element)
    return line && /[a-z]{2}/i.test(words) && words.length <= 60 ? [{ words, at: itemAt(line, 0) }] : []
  })
}

function rootOf(text: string): ElementNode {
  try {
    const [root] = parse(text).children
    if (root?.type === 'element' && root.tagName === 'svg') return root
  } catch {
    // Whatever it stumbled over, the person is told the same.
  }
  throw new NoOutlines('This is not an SVG file, or it is damaged.')
}

/** How long a unit of its drawing is, mm, and where its drawing begins. */
function viewOf({ properties = {} }: ElementNode, asked: UnitId | undefined): View {
  const [left = 0, top = 0, wide, high] = numbersIn(properties.viewBox)
  const side = (value: unknown) => /^\s*([\d.]+)\s*(mm|cm|in|pt|pc|px)?\s*$/.exec(String(value ?? ''))
  const [width, height] = [side(properties.width), side(properties.height)]
  const [said, of] = width ? [width, wide] : [height, high]
  const unit = said?.[2] === 'pc' ? 'pt' : ((said?.[2] ?? 'px') as UnitId)
  const mm = said ? Number(said[1]) * UNIT_MM[unit] * (said[2] === 'pc' ? 12 : 1) : undefined
  const scale = mm && of ? mm / of : PIXEL
  // Pixels say nothing of how large a thing is meant to be.
  const isSaid = said?.[2] !== undefined && said[2] !== 'px'
  if (isSaid) return { scale, left, top, unit: { is: unit, by: 'header' } }
  if (asked) return { scale: UNIT_MM[asked], left, top, unit: { is: asked, by: 'asked' } }
  return { scale, left, top, unit: { is: 'px', by: 'assumed' } }
}

function linesOf(
  element: ElementNode,
  { transform, label, scale }: Omit<PlacedElement, 'element'> & { scale: number },
): Loose[] {
  const path = pathOf(element)
  if (!path) return []
  const lines = flatLines(path, transform, scale)
  const closed = lines.filter(isClosed)
  const number = (line: Point[]) => (closed.length > 1 && isClosed(line) ? String(closed.indexOf(line) + 1) : '')
  return lines.map((points) => ({ label: [label, number(points)].join(' ').trim(), points }))
}

const isClosed = (points: Outline) => points.length > 3 && points[0] === points.at(-1)

/** A closed line as a piece, named by its layer or the words in it. */
function pieceOf({ label, points }: Loose, texts: readonly { words: string; at: Point }[]): Drawn {
  const outline = points.slice(0, -1)
  // What a drawing program names by itself, for example path1234, is no name.
  const isNamed =
    label !== '' && !/^(?:path|rect|polygon|circle|ellipse|g|line|use|layer)[-_ ]?\d+(?:-\d+)*$/i.test(label)
  const words = isNamed ? undefined : texts.find(({ at }) => isWithin(at, outline))?.words
  return { name: (words ?? (label || 'piece')).slice(0, 80), outline, notches: [], count: 1, pair: false, size: '' }
}

/** The shape of an element as a path’s words. */
function pathOf({ tagName, properties = {} }: ElementNode): string | undefined {
  const n = (key: string) => lengthOf(properties[key])
  if (tagName === 'path') return String(properties.d ?? '')
  if (tagName === 'line') return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`
  if (tagName === 'polyline') return `M${numbersIn(properties.points).join(' ')}`
  if (tagName === 'polygon') return `M${numbersIn(properties.points).join(' ')}Z`
  if (tagName === 'rect') return rectPath(properties)
  if (tagName !== 'circle' && tagName !== 'ellipse') return undefined
  const [rx, ry] = tagName === 'circle' ? [n('r'), n('r')] : [n('rx'), n('ry')]
  const [left, right] = [n('cx') - rx, n('cx') + rx]
  return `M${left} ${n('cy')}A${rx} ${ry} 0 1 1 ${right} ${n('cy')}A${rx} ${ry} 0 1 1 ${left} ${n('cy')}Z`
}

/** A rectangle, its corners round where it says so. */
function rectPath(properties: NonNullable<ElementNode['properties']>): string {
  const n = (key: string) => lengthOf(properties[key])
  const [x, y, w, h] = [n('x'), n('y'), n('width'), n('height')]
  const [rx, ry] = [properties.rx ?? properties.ry, properties.ry ?? properties.rx].map(lengthOf)
  const [a, b] = [Math.min(mustHave(rx), w / 2), Math.min(mustHave(ry), h / 2)]
  if (!(a > 0 && b > 0)) return `M${x} ${y}h${w}v${h}h${-w}Z`
  const arc = (dx: number, dy: number) => `a${a} ${b} 0 0 1 ${dx} ${dy}`
  const [across, down] = [w - 2 * a, h - 2 * b]
  return `M${x + a} ${y}h${across}${arc(a, b)}v${down}${arc(-a, b)}h${-across}${arc(-a, -b)}v${-down}${arc(a, -b)}Z`
}

/** The lines of a path in mm, up being up; a closed one ends with the very point that it begins with. */
const NUMBER = /[-+]?(?:\d+\.?\d*|\.\d+)/g

function flatLines(d: string, transform: string, scale: number): Point[][] {
  // A drawing far too small is flattened as if it were of its size: the person may still say its unit.
  const tolerance = Math.min(FLAT_MM, FLAT_MM * scale * 4)
  boundPoints((d.match(NUMBER)?.length ?? 0) / 2, 0)
  const lines: Point[][] = []
  let line: Point[] = []
  let start: Point = [0, 0]
  const end = () => {
    const [first, last] = [line[0], line.at(-1)]
    const up = line.map(([x, y]): Point => [x, -y])
    const isShut = line.length > 3 && first && last && Math.hypot(first[0] - last[0], first[1] - last[1]) < 0.5
    if (isShut) up[up.length - 1] = itemAt(up, 0)
    if (up.length > 1) lines.push(up)
    line = []
  }
  svgpath(d)
    .transform(transform)
    .unshort()
    .unarc()
    .abs()
    .iterate((segment, _, x, y) => {
      const [word, ...n] = segment as [string, ...number[]]
      const from: Point = [x, y]
      if (word === 'M') {
        end()
        start = [itemAt(n, 0), itemAt(n, 1)]
        line = [start]
      } else if (word === 'L') line.push([itemAt(n, 0), itemAt(n, 1)])
      else if (word === 'H') line.push([itemAt(n, 0), y])
      else if (word === 'V') line.push([x, itemAt(n, 0)])
      else if (word === 'C')
        line.push(
          ...flatCubic(
            from,
            [itemAt(n, 0), itemAt(n, 1)],
            [itemAt(n, 2), itemAt(n, 3)],
            [itemAt(n, 4), itemAt(n, 5)],
            tolerance,
          ),
        )
      else if (word === 'Q')
        line.push(...flatQuadratic(from, [itemAt(n, 0), itemAt(n, 1)], [itemAt(n, 2), itemAt(n, 3)], tolerance))
      else if (word.toUpperCase() === 'Z') {
        line.push(start)
        end()
        line = [start]
      }
    })
  end()
  return lines
}
