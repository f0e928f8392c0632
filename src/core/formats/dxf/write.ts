import { boxOf, type Outline, type Point } from '../../shapes/polygon'
import { type FoundPiece } from '../../outlines/types'
import { itemAt } from '../../lists/items'

/** Layers of ASTM D6673, as they are read: cut line, notches, mirror line, grain line, marks, words. */
const CUT = '1'
const NOTCH = '4'
const MIRROR = '6'
const GRAIN = '7'
const INSIDE = '8'
const DRILLED = '13'
const WORDS = '15'

type Pair = readonly [code: number, value: string | number]

/**
 * Pieces as a DXF file in mm, one a block, which `readDxf` and pattern programs read. The grain line is drawn through
 * the middle of the piece, the mirror line along its fold.
 */
export function dxfOfPieces(pieces: readonly FoundPiece[]): string {
  const names = pieces.map((_, i) => `PIECE_${i + 1}`)
  const header = section('HEADER', [
    [9, '$ACADVER'],
    [1, 'AC1009'],
    [9, '$INSUNITS'],
    [70, 4],
  ])
  const blocks = section(
    'BLOCKS',
    pieces.flatMap((piece, i) => blockOf(piece, itemAt(names, i))),
  )
  const entities = section(
    'ENTITIES',
    names.flatMap((name): Pair[] => [[0, 'INSERT'], [8, CUT], [2, name], ...at([0, 0])]),
  )
  return [...header, ...blocks, ...entities, [0, 'EOF'] as Pair]
    .map(([code, value]) => `${code}\n${value}\n`)
    .join('')
}

/** Polygons where they lie, as closed lines, each on a layer of its name. */
export function dxfOfPolygons(polygons: readonly { name: string; outline: Outline }[]): string {
  const lines = polygons.flatMap(({ name, outline }) => polyline(plainName(name), outline, true))
  return [...section('ENTITIES', lines), [0, 'EOF'] as Pair].map(([code, value]) => `${code}\n${value}\n`).join('')
}

/** A layer’s name: letters, digits and a few signs. */
const plainName = (name: string) => name.replace(/[^\w$-]+/g, '_').slice(0, 31) || 'PIECE'

function section(name: string, inner: readonly Pair[]): Pair[] {
  return [[0, 'SECTION'], [2, name], ...inner, [0, 'ENDSEC']]
}

function blockOf(piece: FoundPiece, name: string): Pair[] {
  const { outline, notches, marks, onFold, warpDeg, count, pair, size } = piece
  const half = count / 2
  const words = [
    `PIECE NAME: ${oneLine(piece.name)}`,
    `QUANTITY: ${pair ? `${half},${half}` : count}`,
    ...(size ? [`SIZE: ${oneLine(size)}`] : []),
    'UNITS: METRIC',
  ]
  return [
    [0, 'BLOCK'],
    [8, CUT],
    [2, name],
    ...at([0, 0]),
    ...polyline(CUT, outline, true),
    ...polyline(GRAIN, grainOf(outline, warpDeg), false),
    ...(onFold ? polyline(MIRROR, foldOf(outline), false) : []),
    ...notches.flatMap((notch): Pair[] => [[0, 'POINT'], [8, NOTCH], ...at(notch.at)]),
    ...marks.flatMap(({ is, points }): Pair[] =>
      is === 'drill' ? [[0, 'POINT'], [8, DRILLED], ...at(itemAt(points, 0))] : polyline(INSIDE, points, false),
    ),
    ...words.flatMap((text): Pair[] => [[0, 'TEXT'], [8, WORDS], ...at([0, 0]), [40, 5], [1, text]]),
    [0, 'ENDBLK'],
  ]
}

const oneLine = (text: string) => text.replace(/\s+/g, ' ')
const at = ([x, y]: Point): Pair[] => [
  [10, fixed(x)],
  [20, fixed(y)],
]
const fixed = (value: number) => Number(value.toFixed(4))

function polyline(layer: string, points: Outline, isClosed: boolean): Pair[] {
  return [
    [0, 'POLYLINE'],
    [8, layer],
    [66, 1],
    [70, isClosed ? 1 : 0],
    ...points.flatMap((point): Pair[] => [[0, 'VERTEX'], [8, layer], ...at(point)]),
    [0, 'SEQEND'],
  ]
}

/** A line along the grain through the middle, half as long as the piece. */
export function grainOf(outline: Outline, warpDeg: number): [Point, Point] {
  const { minX, minY, maxX, maxY } = boxOf(outline)
  const [x, y] = [(minX + maxX) / 2, (minY + maxY) / 2]
  const angle = (warpDeg * Math.PI) / 180
  const reach = Math.min(maxX - minX, maxY - minY) / 4 + (Math.abs(Math.sin(angle)) * (maxY - minY)) / 8
  const [dx, dy] = [Math.cos(angle) * reach, Math.sin(angle) * reach]
  return [
    [x - dx, y - dy],
    [x + dx, y + dy],
  ]
}

function foldOf(outline: Outline): [Point, Point] {
  const ys = outline.filter(([x]) => x === 0).map(([, y]) => y)
  return [
    [0, Math.min(...ys)],
    [0, Math.max(...ys)],
  ]
}
