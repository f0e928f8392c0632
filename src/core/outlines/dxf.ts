import DxfParser from 'dxf-parser'
import { type Point } from '../shapes/polygon'
import { flatArc, flatBulge } from './flatten'
import { settled, type Drawn } from './settled'
import { MOST_FOUND, NoOutlines, type FoundOutlines } from './types'

/** Layers of ASTM D6673 (from memory): cut line, notches of several shapes, mirror line, grain line, marks. */
const CUT = '1'
const NOTCHES = ['4', '80', '81', '82', '83']
const MIRROR = '6'
const GRAIN = '7'
/** Lines inside a piece (darts, pockets, buttonholes), and holes that are drilled. */
const INSIDE = '8'
const DRILLED = '13'
/** mm by the code of $INSUNITS: inches, feet, mm, cm, m. */
const UNITS: Readonly<Record<number, number>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 }
/** Ends nearer than this belong together, in the file’s units. */
const JOINS = 0.01

/** What is read of an entity: the parser’s own types leave most of it out. */
interface Entity {
  type: string
  layer?: string
  vertices?: { x: number; y: number; bulge?: number }[]
  shape?: boolean
  text?: string
  center?: { x: number; y: number }
  radius?: number
  startAngle?: number
  endAngle?: number
  position?: { x: number; y: number }
}

/**
 * Pieces of a DXF file: one a block, as pattern programs write them (ASTM D6673), or else each closed line.
 * @throws NoOutlines in words where it is no DXF, or holds nothing that could be cut
 */
export function readDxf(text: string): FoundOutlines {
  const file = parsed(text)
  const blocks = Object.values(file.blocks ?? {}).filter(({ name, entities }) => !name.startsWith('*') && entities)
  const all = [...(file.entities ?? []), ...blocks.flatMap(({ entities }) => entities)] as unknown as Entity[]
  const scale = scaleOf(file.header, all)
  const groups = blocks.map(({ name, entities }) => ({ name, entities: entities as unknown as Entity[] }))
  const named = groups.flatMap(({ name, entities }) => drawnOf(name, entities, scale) ?? [])
  const drawn = named.length > 0 ? named : loose((file.entities ?? []) as unknown as Entity[], scale)
  const found = drawn.slice(0, MOST_FOUND).map(settled)
  const pieces = found.filter((piece) => typeof piece !== 'string')
  if (pieces.length === 0) throw new NoOutlines('There is no closed outline in this DXF file.')
  const notRead = found.filter((piece) => typeof piece === 'string')
  if (drawn.length > MOST_FOUND) notRead.push(`${drawn.length - MOST_FOUND} more pieces`)
  return { pieces, notRead }
}

function parsed(text: string) {
  try {
    const file = new DxfParser().parseSync(text)
    if (file) return file
  } catch {
    // Whatever it stumbled over, the person is told the same.
  }
  throw new NoOutlines('That is no DXF file, or it is damaged.')
}

/** mm a unit of the file: said by its header, or in words among its texts; else mm. */
function scaleOf(header: Record<string, unknown> | undefined, entities: readonly Entity[]): number {
  const known = UNITS[Number(header?.$INSUNITS)]
  const words = entities.map(({ text }) => /units\s*:?\s*(\w+)/i.exec(text ?? '')?.[1]?.toLowerCase()).find(Boolean)
  if (words) return words.startsWith('engl') || words.startsWith('inch') ? 25.4 : words === 'cm' ? 10 : 1
  return known ?? 1
}

/** One block as a piece; undefined where it has no cut line. */
function drawnOf(name: string, entities: readonly Entity[], scale: number): Drawn | undefined {
  const on = (...layers: string[]) => entities.filter(({ layer }) => layers.includes(layer ?? ''))
  const outline = largest(closedLines(on(CUT))) ?? undefined
  if (!outline) return undefined
  const said = (key: string) =>
    entities
      .map(({ text }) => new RegExp(`^\\s*${key}\\s*:\\s*(.+)$`, 'i').exec(text ?? '')?.[1]?.trim())
      .find(Boolean)
  const quantity = said('quantity')?.match(/\d+/g)?.map(Number) ?? [1]
  const [right, left] = [quantity[0] ?? 1, quantity[1] ?? 0]
  return {
    name: (said('piece name') ?? name).slice(0, 80),
    outline: scaled(outline, scale),
    notches: scaled(
      on(...NOTCHES).flatMap(({ position }) => (position ? [[position.x, position.y] as const] : [])),
      scale,
    ),
    lines: on(INSIDE)
      .map((entity) => scaled(pointsOf(entity), scale))
      .filter((line) => line.length >= 2),
    drilled: scaled(
      on(DRILLED).flatMap(({ position }) => (position ? [[position.x, position.y] as const] : [])),
      scale,
    ),
    grain: stretchOf(on(GRAIN), scale),
    fold: stretchOf(on(MIRROR), scale),
    count: Math.min(200, Math.max(1, right + left)),
    pair: left > 0 && left === right,
    size: (said('size') ?? '').slice(0, 24),
  }
}

/** Closed lines without a block: each a piece, named by its layer. */
function loose(entities: readonly Entity[], scale: number): Drawn[] {
  const layers = [...new Set(entities.map(({ layer }) => layer ?? ''))]
  return layers.flatMap((layer) =>
    closedLines(entities.filter((entity) => (entity.layer ?? '') === layer)).map((outline, i, list) => ({
      name: [layer || 'piece', list.length > 1 ? i + 1 : ''].join(' ').trim().slice(0, 80),
      outline: scaled(outline, scale),
      notches: [],
      count: 1,
      pair: false,
      size: '',
    })),
  )
}

const scaled = (points: readonly Point[], by: number): Point[] => points.map(([x, y]) => [x * by, y * by])

function stretchOf(entities: readonly Entity[], scale: number): [Point, Point] | undefined {
  const vertices = entities.find((entity) => (entity.vertices?.length ?? 0) >= 2)?.vertices
  if (!vertices) return undefined
  const [from, to] = [vertices[0]!, vertices.at(-1)!]
  return [
    [from.x * scale, from.y * scale],
    [to.x * scale, to.y * scale],
  ]
}

function largest(lines: readonly Point[][]): Point[] | undefined {
  const size = (line: Point[]) => {
    const [xs, ys] = [line.map(([x]) => x), line.map(([, y]) => y)]
    return (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys))
  }
  return lines.reduce<Point[] | undefined>(
    (best, line) => (!best || size(line) > size(best) ? line : best),
    undefined,
  )
}

/** Closed lines among entities: those that are closed, and those that join end to end. */
function closedLines(entities: readonly Entity[]): Point[][] {
  const stretches = entities.flatMap((entity) => {
    const points = pointsOf(entity)
    return points.length >= 2 ? [points] : []
  })
  const closed: Point[][] = []
  const open: Point[][] = []
  for (const points of stretches) (isClosed(points) ? closed : open).push(points)
  while (open.length > 0) {
    const line = open.pop()!
    for (let i = 0; i < open.length;) {
      const joined = join(line, open[i]!)
      if (!joined) {
        i++
        continue
      }
      line.push(...joined)
      open.splice(i, 1)
      i = 0
    }
    if (isClosed(line)) closed.push(line)
  }
  return closed.map((line) => line.slice(0, -1))
}

const near = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]) <= JOINS
const isClosed = (points: readonly Point[]) => points.length > 3 && near(points[0]!, points.at(-1)!)

function join(line: readonly Point[], other: readonly Point[]): Point[] | undefined {
  const end = line.at(-1)!
  if (near(end, other[0]!)) return other.slice(1)
  return near(end, other.at(-1)!) ? [...other].reverse().slice(1) : undefined
}

/** The points of a line, the first said again at the end where it is closed. */
function pointsOf(entity: Entity): Point[] {
  const { type, vertices = [], center, radius = 0, startAngle = 0, endAngle = 2 * Math.PI } = entity
  if (center && (type === 'ARC' || type === 'CIRCLE')) {
    const turn = type === 'CIRCLE' ? 2 * Math.PI : (endAngle - startAngle + 2 * Math.PI) % (2 * Math.PI)
    const from = type === 'CIRCLE' ? 0 : startAngle
    const start: Point = [center.x + radius * Math.cos(from), center.y + radius * Math.sin(from)]
    return [start, ...flatArc([center.x, center.y], radius, from, turn)]
  }
  const last = entity.shape ? vertices.length : vertices.length - 1
  const points: Point[] = vertices.length > 0 ? [[vertices[0]!.x, vertices[0]!.y]] : []
  for (let i = 0; i < last; i++) {
    const [a, b] = [vertices[i]!, vertices[(i + 1) % vertices.length]!]
    points.push(...flatBulge([a.x, a.y], [b.x, b.y], a.bulge ?? 0))
  }
  return points
}
