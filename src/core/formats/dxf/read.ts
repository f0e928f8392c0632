import { areaOf, boxOf, isWithin, type Point } from '../../shapes/polygon'
import { HOLE, withMarks, type Loose } from '../../outlines/belongs'
import { joinedLines, type Joined } from '../../outlines/join'
import { foundOf, longestOf } from '../../outlines/found'
import { type Drawn } from '../../outlines/settleOutlines'
import { MOST_FOUND, NoOutlines, UNIT_MM, type FoundOutlines, type UnitId, type UnitRead } from '../../outlines/types'
import { expandBlocks, type Expanded, type PlacedEntity } from './expand'
import { dxfFile, numberOf, textOf, type DxfFile, type TaggedEntity } from './tags'
import { itemAt, lastOf, mustHave } from '../../lists/items'

/** Layers of ASTM D6673 (from memory): cut line, notches of several shapes, mirror line, grain line, marks. */
const CUT = '1'
const NOTCHES = ['4', '80', '81', '82', '83']
const MIRROR = '6'
const GRAIN = '7'
/** Lines inside a piece (darts, pockets, buttonholes), and holes that are drilled. */
const INSIDE = '8'
const DRILLED = '13'
/** Units by the code of $INSUNITS: inches, feet, mm, cm, m, yards, dm. */
const UNITS: Readonly<Record<number, number>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000, 10: 914.4, 14: 100 }
const UNIT_IDS: Readonly<Record<number, UnitId>> = { 1: 'in', 2: 'ft', 4: 'mm', 5: 'cm', 6: 'm', 10: 'yd', 14: 'dm' }
/** Layers that hold no outline, by what people call them. */
const NO_OUTLINE =
  /grain|warp|\bfold\b|mirror|notch|text|annot|dim|title|note|mark|drill|button|seam|sew|stitch|dart|hatch|guide/i
const OUTLINE = /\bcut(?:ting)?\b|outline|contour|boundary|perimeter/i
const FLAT_MM = 0.1

/**
 * Pieces of a DXF file: one a block, as pattern programs write them (ASTM D6673), or else each closed line, whatever
 * it is made of.
 * @param asked the unit of a file that does not say its own
 * @throws NoOutlines in words where it is no DXF, or holds nothing that could be cut
 */
export function readDxf(text: string, asked?: UnitId): FoundOutlines {
  const file = dxfFile(text)
  if (!file) throw new NoOutlines('This is not a DXF file, or it is damaged.')
  const unit = unitOf(file, asked)
  const all = expandBlocks(file, FLAT_MM / unit.mm, hasCutLine)
  scale(all, unit.mm)
  const blocks = all.groups.map((_, group) => all.placed.filter((one) => one.group === group))
  const named = blocks.flatMap((placed, group) =>
    group === 0 ? [] : (pieceOf(placed, itemAt(all.groups, group).block) ?? []),
  )
  const joined: Joined[] = []
  const drawn = named.length > 0 ? together(named, all, blocks) : loose(all, blocks, joined)
  const notRead = [
    ...(all.hidden > 0 ? [`${all.hidden} lines on layers that are switched off`] : []),
    ...joined
      .filter(({ widestMm }) => widestMm > 0.01)
      .map(({ widestMm }) => `ends up to ${widestMm.toFixed(2)} mm apart were joined`)
      .slice(0, 1),
  ]
  const closedMm = Math.max(0, ...joined.flatMap(({ loops }) => loops.map(longestOf)))
  return foundOf(drawn, {
    unit: { is: unit.is, by: unit.by },
    notRead,
    closedMm,
    nothing: () => nothingWords(all, joined),
  })
}

interface Unit extends UnitRead {
  mm: number
}

/** Said in words among its texts, by its header, or by the person; else mm. */
function unitOf(file: DxfFile, asked: UnitId | undefined): Unit {
  const code = Number(file.header.get('$INSUNITS') ?? 0)
  const texts = [file.entities, ...[...file.blocks.values()].map(({ entities }) => entities)].flat()
  const said = texts
    .map((entity) =>
      TEXTS.includes(entity.type) ? /units?\s*:?\s*(\w+)/i.exec(textOf(entity, 1))?.[1]?.toLowerCase() : '',
    )
    .find((word) => word && WORDS.some(([pattern]) => pattern.test(word)))
  const word = said && WORDS.find(([pattern]) => pattern.test(said))
  if (word) return { is: word[1], by: 'words', mm: UNIT_MM[word[1]] }
  if (UNITS[code]) return { is: mustHave(UNIT_IDS[code]), by: 'header', mm: mustHave(UNITS[code]) }
  if (asked) return { is: asked, by: 'asked', mm: UNIT_MM[asked] }
  return { is: 'mm', by: 'assumed', mm: 1 }
}

const TEXTS = ['TEXT', 'MTEXT']
const WORDS: readonly (readonly [RegExp, UnitId])[] = [
  [/^(?:engl|inch|imperial)/, 'in'],
  [/^(?:cm|centim)/, 'cm'],
  [/^(?:mm|millim|metric)/, 'mm'],
]

const hasCutLine = (entities: TaggedEntity[]) =>
  entities.some((entity) => textOf(entity, 8) === CUT && entity.type !== 'TEXT' && numberOf(entity, 67, 0) === 0)

function scale({ placed }: Expanded, mm: number): void {
  if (mm === 1) return
  const scaled = ([x, y]: Point): Point => [x * mm, y * mm]
  for (const one of placed) {
    // A closed line ends with the very point that it begins with.
    const isShut = one.line !== undefined && one.line[0] === one.line.at(-1)
    if (one.line) one.line = one.line.map(scaled)
    if (isShut) mustHave(one.line)[mustHave(one.line).length - 1] = itemAt(mustHave(one.line), 0)
    if (one.at) one.at = scaled(one.at)
  }
}

/** What a block says of itself: one piece; undefined where it has no cut line. */
function pieceOf(placed: readonly PlacedEntity[], block: string): Drawn | undefined {
  const on = (...layers: string[]) => placed.filter(({ layer }) => layers.includes(layer))
  const { loops } = joinedLines(on(CUT).flatMap(({ line }) => (line ? [line] : [])))
  const outline = largest(loops)
  if (!outline) return undefined
  const said = (key: string) =>
    placed.map(({ text = '' }) => new RegExp(`^\\s*${key}\\s*:\\s*(.+)$`, 'i').exec(text)?.[1]?.trim()).find(Boolean)
  const quantity = said('quantity')?.match(/\d+/g)?.map(Number) ?? [1]
  const [right, left] = [quantity[0] ?? 1, quantity[1] ?? 0]
  const points = (...layers: string[]) =>
    on(...layers).flatMap(({ at, text }) => (at && text === undefined ? [at] : []))
  const [grain, fold] = [endsOf(on(GRAIN)), endsOf(on(MIRROR))]
  return {
    name: (said('piece name') ?? block).slice(0, 80),
    outline,
    notches: points(...NOTCHES),
    lines: on(INSIDE).flatMap(({ line }) => (line && line.length >= 2 ? [line] : [])),
    drilled: points(DRILLED),
    ...(grain && { grain }),
    ...(fold && { fold }),
    count: Math.min(200, Math.max(1, right + left)),
    pair: left > 0 && left === right,
    size: (said('size') ?? '').slice(0, 24),
  }
}

function endsOf(placed: readonly PlacedEntity[]): [Point, Point] | undefined {
  const line = placed.find((one) => (one.line?.length ?? 0) >= 2)?.line
  return line && [itemAt(line, 0), lastOf(line)]
}

/** A block that is inserted several times is one piece, several times; turned over as well, it is a pair. */
function together(
  pieces: readonly Drawn[],
  { groups }: Expanded,
  blocks: readonly (readonly PlacedEntity[])[],
): Drawn[] {
  const of = groups.filter((_, i) => i > 0 && pieceOf(itemAt(blocks, i), itemAt(groups, i).block))
  const merged = new Map<string, { piece: Drawn; plain: number; over: number }>()
  pieces.forEach((piece, i) => {
    const { block, isMirrored, scale: by } = itemAt(of, i)
    const key = `${block}\n${by.toFixed(4)}`
    const known = merged.get(key) ?? { piece, plain: 0, over: 0 }
    merged.set(key, { ...known, [isMirrored ? 'over' : 'plain']: known[isMirrored ? 'over' : 'plain'] + 1 })
  })
  return [...merged.values()].map(({ piece, plain, over }) => {
    const times = plain + over
    return times === 1
      ? piece
      : { ...piece, count: Math.min(200, piece.count * times), pair: piece.pair || plain === over }
  })
}

/** Closed lines without a cut line of a block: each a piece, named by the text in it, its block or its layer. */
function loose(
  { placed, groups }: Expanded,
  blocks: readonly (readonly PlacedEntity[])[],
  joined: Joined[],
): Drawn[] {
  const layers = new Set(placed.flatMap(({ line, layer }) => (line ? [layer] : [])))
  const cut = [...layers].filter((layer) => OUTLINE.test(layer))
  const bounding = cut.length > 0 ? cut : [...layers].filter((layer) => !NO_OUTLINE.test(layer))
  const isBounding = new Set(bounding.length > 0 ? bounding : layers)
  const found: { drawn: Drawn; layer: string }[] = []
  const texts = placed.filter(({ text, at }) => text && at && isName(text)).slice(0, MOST_TEXTS)
  const marks: Loose[] = []
  blocks.forEach((own, group) => {
    const open: { layer: string; line: Point[] }[] = []
    for (const layer of new Set(own.map((one) => one.layer))) {
      const lines = own.flatMap((one) => (one.layer === layer && one.line ? [one.line] : []))
      if (!isBounding.has(layer)) marks.push(...lines.map((points) => ({ label: layer, points })))
      else {
        const part = joinedLines(lines)
        if (part.loops.length > 0) joined.push(part)
        for (const outline of part.loops) add(outline, layer, group)
        open.push(...part.rest.map((line) => ({ layer, line })))
      }
    }
    // What is left of all layers may bound a piece together.
    const part = joinedLines(open.map(({ line }) => line))
    joined.push(part)
    for (const outline of part.loops) add(outline, itemAt(open, 0).layer, group)
    marks.push(...part.rest.map((points) => ({ label: '', points })))
  })
  return withMarks(numbered(found), marks)

  function add(outline: Point[], layer: string, group: number) {
    if (areaOf(outline) < HOLE) {
      marks.push({ label: layer, points: [...outline, itemAt(outline, 0)] })
      return
    }
    const block = itemAt(groups, group).block
    // More pieces than are kept need no names.
    const named =
      found.length < MOST_FOUND ? texts.find(({ at }) => isWithin(mustHave(at), outline))?.text : undefined
    const name = named ?? (block !== '' && !block.startsWith('*') ? block : layer)
    found.push({ drawn: { name, outline, notches: [], count: 1, pair: false, size: '' }, layer })
  }
}

/** So many texts are looked at for names. */
const MOST_TEXTS = 2000

/** Words that name a piece: no number, no key with its value. */
const isName = (text: string) => /[a-z]{2}/i.test(text) && !/^[^:]{1,30}:/.test(text) && text.length <= 60

/** Names that stand for several are numbered. */
function numbered(found: readonly { drawn: Drawn; layer: string }[]): Drawn[] {
  const alike = new Map<string, number>()
  for (const { drawn } of found) alike.set(drawn.name, (alike.get(drawn.name) ?? 0) + 1)
  const places = new Map<string, number>()
  return found.map(({ drawn }) => {
    const place = (places.get(drawn.name) ?? 0) + 1
    places.set(drawn.name, place)
    const name = [drawn.name || 'piece', mustHave(alike.get(drawn.name)) > 1 ? place : ''].join(' ').trim()
    return { ...drawn, name: name.slice(0, 80) }
  })
}

function largest(loops: readonly Point[][]): Point[] | undefined {
  const size = (loop: Point[]) => {
    const { minX, minY, maxX, maxY } = boxOf(loop)
    return (maxX - minX) * (maxY - minY)
  }
  return loops.reduce<Point[] | undefined>(
    (best, loop) => (!best || size(loop) > size(best) ? loop : best),
    undefined,
  )
}

/** What was found where nothing is closed. */
function nothingWords({ placed, hidden }: Expanded, joined: readonly Joined[]): string {
  const lines = placed.filter(({ line }) => line).length
  const apart = Math.max(0, ...joined.map(({ apartMm = 0 }) => apartMm))
  if (lines === 0 && hidden > 0)
    return `We found no closed outline in this file: its ${hidden} lines are on layers that are switched off.`
  if (lines === 0) return 'We found no closed outline in this file: it has no lines.'
  const gap = apart > 0 ? `, up to ${apart < 100 ? apart.toFixed(1) : Math.round(apart)} mm apart` : ''
  const what = lines === 1 ? 'one line was' : `${lines} lines were`
  return `We found no closed outline in this file: ${what} found that do not meet${gap}.`
}
