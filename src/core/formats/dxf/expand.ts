import { type Point } from '../../shapes/polygon'
import { lineOf, IN_WORLD } from './lines'
import { composeMatrices, extrusionMatrix, insertsOf, mapPoint, SAME, type Matrix } from './matrix'
import { boundPoints } from '../../outlines/types'
import { numberOf, textOf, type DxfFile, type TaggedEntity } from './tags'
import { itemAt } from '../../lists/items'

/** Something that is drawn, where it comes to lie once all blocks are put where they belong. */
export interface PlacedEntity {
  /** Of the drawing itself, or a block’s, as often as it is inserted; by number. */
  group: number
  layer: string
  /** A line; closed where it ends where it begins. */
  line?: Point[]
  /** A point that is marked: a notch, a drill hole. */
  at?: Point
  text?: string
}

/** One appearance of a block. */
export interface Group {
  block: string
  /** Whether it is turned over, and how large it is beside the block. */
  isMirrored: boolean
  scale: number
}

export interface Expanded {
  placed: PlacedEntity[]
  groups: Group[]
  /** Lines on layers that are switched off: they are left out. */
  hidden: number
}

/** Blocks in blocks, and things that are drawn: more is no pattern. */
const DEEPEST = 12
const MOST = 60_000

interface Where {
  matrix: Matrix
  group: number
  layer: string
  depth: number
}

/**
 * Everything that a file draws, blocks put in where they are inserted: turned, mirrored, scaled, one in another, in
 * rows. Blocks that hold a cut line and are inserted nowhere count as drawn.
 * @param tolerance how far a straight stretch may lie from its curve, in the file’s units
 * @param isPiece whether a block is a piece by itself
 */
export function expandBlocks(
  file: DxfFile,
  tolerance: number,
  isPiece: (entities: TaggedEntity[]) => boolean,
): Expanded {
  const found: Expanded = { placed: [], groups: [{ block: '', isMirrored: false, scale: 1 }], hidden: 0 }
  const used = new Set<string>()
  let points = 0

  const put = (entities: readonly TaggedEntity[], where: Where) => {
    entities.forEach((entity, i) => {
      if (found.placed.length >= MOST || numberOf(entity, 67, 0) === 1 || numberOf(entity, 60, 0) === 1) return
      const own = textOf(entity, 8)
      const layer = own === '' || own === '0' ? where.layer || own : own
      if (entity.type === 'INSERT') return insert(entity, { ...where, layer })
      const thing = thingOf(entity, verticesOf(entities, i), tolerance, where.matrix)
      if (!thing) return
      if (file.hiddenLayers.has(layer)) found.hidden++
      else found.placed.push({ ...thing, group: where.group, layer })
      points += thing.line?.length ?? 0
      boundPoints(thing.line?.length ?? 0, points)
    })
  }
  const insert = (entity: TaggedEntity, where: Where) => {
    const name = textOf(entity, 2)
    const block = file.blocks.get(name.toUpperCase())
    if (!block || where.depth >= DEEPEST || (file.hiddenLayers.has(where.layer) && where.layer !== '')) return
    used.add(name.toUpperCase())
    for (const by of insertsOf(entity, block.base)) {
      const matrix = composeMatrices(where.matrix, by)
      put(block.entities, { ...where, matrix, group: groupOf(name, matrix), depth: where.depth + 1 })
    }
  }
  const groupOf = (block: string, [a, b, c, d]: Matrix) => {
    const area = a * d - b * c
    found.groups.push({ block, isMirrored: area < 0, scale: Math.sqrt(Math.abs(area)) })
    return found.groups.length - 1
  }

  put(file.entities, { matrix: SAME, group: 0, layer: '', depth: 0 })
  for (const [key, { name, base, entities }] of file.blocks) {
    if (used.has(key) || name.startsWith('*') || !isPiece(entities)) continue
    const matrix: Matrix = [1, 0, 0, 1, -base[0], -base[1]]
    put(entities, { matrix, group: groupOf(name, matrix), layer: '', depth: 0 })
  }
  return found
}

/** The corners of an old polyline, which follow it in the file. */
function verticesOf(entities: readonly TaggedEntity[], at: number): TaggedEntity[] {
  const vertices: TaggedEntity[] = []
  for (let i = at + 1; i < entities.length && itemAt(entities, i).type === 'VERTEX'; i++)
    vertices.push(itemAt(entities, i))
  return vertices
}

function thingOf(
  entity: TaggedEntity,
  vertices: readonly TaggedEntity[],
  tolerance: number,
  matrix: Matrix,
): Pick<PlacedEntity, 'line' | 'at' | 'text'> | undefined {
  const [a, b, c, d] = matrix
  const scale = Math.max(Math.hypot(a, b), Math.hypot(c, d), 1e-9)
  const own = IN_WORLD.has(entity.type) ? matrix : composeMatrices(matrix, extrusionMatrix(entity))
  const at: Point = [numberOf(entity, 10, 0), numberOf(entity, 20, 0)]
  if (entity.type === 'POINT') return { at: itemAt(mapPoint(own, [at]), 0) }
  if (entity.type === 'TEXT' || entity.type === 'MTEXT' || entity.type === 'ATTRIB')
    return { at: itemAt(mapPoint(own, [at]), 0), text: textIn(entity) }
  const line = entity.type === 'VERTEX' ? undefined : lineOf(entity, tolerance / scale, vertices)
  return line && { line: closedAgain(line, mapPoint(own, line)) }
}

/** A line that is closed stays so: its first and last point are one. */
function closedAgain(before: readonly Point[], now: Point[]): Point[] {
  const isShut = before.length > 3 && before[0] === before.at(-1)
  return isShut ? [...now.slice(0, -1), itemAt(now, 0)] : now
}

/** Words of a text, without what says how they look. */
function textIn({ tags }: TaggedEntity): string {
  const words = tags.flatMap(([code, value]) => (code === 1 || code === 3 ? [value] : []))
  return words
    .join('')
    .replace(/\\P/g, ' ')
    .replace(/\\[A-Za-z][^;\\]*;|[{}]|%%[a-z]/g, '')
    .trim()
}
