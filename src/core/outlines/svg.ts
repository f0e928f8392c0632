import svgpath from 'svgpath'
import { parse, type ElementNode } from 'svg-parser'
import { areaOf, type Outline, type Point } from '../shapes/polygon'
import { HOLE, withMarks, type Loose } from './belongs'
import { flatCubic, flatQuadratic } from './flatten'
import { settled, type Drawn } from './settled'
import { testSquareIn } from './testSquare'
import { MOST_FOUND, NoOutlines, type FoundOutlines } from './types'

/** mm a unit, by the unit that a width is said in; without one a pixel, of which CSS has 96 an inch. */
const UNITS: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: 25.4 / 96,
}
const PIXEL = 25.4 / 96
const DEEPEST = 40

/**
 * Closed lines of an SVG file as pieces: paths, polygons, rectangles, circles; curves within 0.2 mm. Lines on them are
 * their marks: grain and fold by what they or their layers are called, notches, darts, drill holes.
 * @param squareMm how long the side of the test square is that is drawn in it, mm; left out: by the file’s own units
 * @throws NoOutlines in words where it is no SVG, has no such square, or holds nothing that could be cut
 */
export function readSvg(text: string, squareMm?: number): FoundOutlines {
  const root = rootOf(text)
  const lines = squareMm === undefined ? linesAt(root, 1) : bySquare(root, squareMm)
  const isPiece = ({ points }: Loose) => isClosed(points) && areaOf(points) >= HOLE
  const drawn = withMarks(
    lines.filter(isPiece).map(pieceOf),
    lines.filter((line) => !isPiece(line)),
  )
  const found = drawn.slice(0, MOST_FOUND).map(settled)
  const pieces = found.filter((piece) => typeof piece !== 'string')
  if (pieces.length === 0) throw new NoOutlines('There is no closed outline in this SVG file.')
  return { pieces, notRead: found.filter((piece) => typeof piece === 'string') }
}

/** Every line that is drawn. @param by how much larger than the file says */
function linesAt(root: ElementNode, by: number): Loose[] {
  const { scale, left, top } = viewOf(root)
  const toMm = `translate(${-left} ${-top})`
  return elementsOf(root).flatMap(({ element, transform, label }) =>
    linesOf(element, { label, transform: `scale(${scale * by}) ${toMm} ${transform}`.trim() }),
  )
}

/** Every line, as large as it is where the test square has that side; the square itself is no piece. */
function bySquare(root: ElementNode, squareMm: number): Loose[] {
  const found = testSquareIn(linesAt(root, 1).map((line) => (isClosed(line.points) ? line : { ...line, points: [] })))
  if (!found) throw new NoOutlines('There is no square in this SVG file that could be its test square.')
  // Curves are flattened anew: what is near enough depends on how large they are.
  return linesAt(root, squareMm / found.side).toSpliced(found.at, 1)
}

function rootOf(text: string): ElementNode {
  try {
    const [root] = parse(text).children
    if (root?.type === 'element' && root.tagName === 'svg') return root
  } catch {
    // Whatever it stumbled over, the person is told the same.
  }
  throw new NoOutlines('That is no SVG file, or it is damaged.')
}

/** How long a unit of its drawing is, mm, and where its drawing begins. */
function viewOf({ properties = {} }: ElementNode): { scale: number; left: number; top: number } {
  const [left = 0, top = 0, width] = numbersOf(properties.viewBox)
  const said = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc|px)?\s*$/.exec(String(properties.width ?? ''))
  const widthMm = said ? Number(said[1]) * (UNITS[said[2] ?? 'px'] ?? PIXEL) : undefined
  const scale = widthMm && width ? widthMm / width : PIXEL
  return { scale, left, top }
}

const numbersOf = (value: unknown) => (String(value ?? '').match(/-?[\d.]+(?:e-?\d+)?/gi) ?? []).map(Number)

interface Placed {
  element: ElementNode
  transform: string
  /** What it is called, or else what it lies in. */
  label: string
}

/** What is drawn, with all that moves it; definitions and the like are not drawn. */
function elementsOf(element: ElementNode, above = { transform: '', label: '' }, depth = 0): Placed[] {
  const { tagName, properties = {}, children } = element
  if (depth > DEEPEST || ['defs', 'clipPath', 'mask', 'symbol', 'marker', 'pattern'].includes(tagName ?? ''))
    return []
  const transform = `${above.transform} ${properties.transform ?? ''}`.trim()
  const own = properties['inkscape:label'] ?? properties['data-name'] ?? (depth > 0 ? properties.id : undefined)
  const here = { transform, label: String(own ?? above.label) }
  const inner = children.filter((child) => typeof child !== 'string' && child.type === 'element') as ElementNode[]
  return [{ element, ...here }, ...inner.flatMap((child) => elementsOf(child, here, depth + 1))]
}

function linesOf(element: ElementNode, { transform, label }: Omit<Placed, 'element'>): Loose[] {
  const path = pathOf(element)
  if (!path) return []
  const lines = flatLines(path, transform)
  const closed = lines.filter(isClosed)
  const number = (line: Point[]) => (closed.length > 1 && isClosed(line) ? String(closed.indexOf(line) + 1) : '')
  return lines.map((points) => ({ label: [label, number(points)].join(' ').trim(), points }))
}

const isClosed = (points: Outline) => points.length > 3 && points[0] === points.at(-1)

/** A closed line as a piece. */
function pieceOf({ label, points }: Loose): Drawn {
  const outline = points.slice(0, -1)
  return { name: (label || 'piece').slice(0, 80), outline, notches: [], count: 1, pair: false, size: '' }
}

/** The shape of an element as a path’s words. */
function pathOf({ tagName, properties = {} }: ElementNode): string | undefined {
  const n = (key: string) => Number(properties[key] ?? 0)
  if (tagName === 'path') return String(properties.d ?? '')
  if (tagName === 'line') return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`
  if (tagName === 'polyline') return `M${numbersOf(properties.points).join(' ')}`
  if (tagName === 'polygon') return `M${numbersOf(properties.points).join(' ')}Z`
  if (tagName === 'rect') return `M${n('x')} ${n('y')}h${n('width')}v${n('height')}h${-n('width')}Z`
  if (tagName !== 'circle' && tagName !== 'ellipse') return undefined
  const [rx, ry] = tagName === 'circle' ? [n('r'), n('r')] : [n('rx'), n('ry')]
  const [left, right] = [n('cx') - rx, n('cx') + rx]
  return `M${left} ${n('cy')}A${rx} ${ry} 0 1 1 ${right} ${n('cy')}A${rx} ${ry} 0 1 1 ${left} ${n('cy')}Z`
}

/** The lines of a path in mm, up being up; a closed one ends with the very point that it begins with. */
function flatLines(d: string, transform: string): Point[][] {
  const lines: Point[][] = []
  let line: Point[] = []
  let start: Point = [0, 0]
  const end = () => {
    const [first, last] = [line[0], line.at(-1)]
    const up = line.map(([x, y]): Point => [x, -y])
    const isShut = line.length > 3 && first && last && Math.hypot(first[0] - last[0], first[1] - last[1]) < 0.5
    if (isShut) up[up.length - 1] = up[0]!
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
        start = [n[0]!, n[1]!]
        line = [start]
      } else if (word === 'L') line.push([n[0]!, n[1]!])
      else if (word === 'H') line.push([n[0]!, y])
      else if (word === 'V') line.push([x, n[0]!])
      else if (word === 'C') line.push(...flatCubic(from, [n[0]!, n[1]!], [n[2]!, n[3]!], [n[4]!, n[5]!]))
      else if (word === 'Q') line.push(...flatQuadratic(from, [n[0]!, n[1]!], [n[2]!, n[3]!]))
      else if (word.toUpperCase() === 'Z') {
        line.push(start)
        end()
        line = [start]
      }
    })
  end()
  return lines
}
