import { turnPolygon, type Outline, type Point } from '../../shapes/polygon'
import { ON_FOLD } from '../../shapes/fold'
import { edgesWith, footTurn, isOnBorder, type Edge } from '../border'
import { grainAs } from '../grain'
import { type LayCloth, type LayPiece, type LayTask, type Layers } from '../types'
import { panelBins, stripOf, type Bin } from './bins'
import { isSameShape, shapeOf, type Shape } from './shape'

/** One thing to be laid: a piece, or a piece through both layers. */
export interface LayItem {
  id: string
  copies: number[]
  /** The shapes that it may take in each bin. */
  choices: readonly (readonly Shape[])[]
  /** Its fold edge lies on the fold: at x = 0, or at y = 0. */
  onFold: 'x' | 'y' | null
  /** Of all its copies, mm². */
  area: number
  /** Why no cloth could take it. */
  why?: string
}

/** What is to be laid on what. */
export interface LayItems {
  layers: Layers
  bins: Bin[]
  items: LayItem[]
  shapes: Shape[]
}

/** Angles that are tried between, where the grain may be off by as much, and where a piece may lie anyhow. */
const OFF_GRAIN = [0, 1, -1, 0.5, -0.5]
const ANYHOW = [0, 90, 180, 270, 45, 135, 225, 315]

/** What a task comes to where the cloth lies in these layers (which on panels is always single). */
export function planOf(task: LayTask, layers: Layers): LayItems {
  const bins = task.cloth ? [stripOf(task.cloth, layers)] : (task.panels ?? []).flatMap(panelBins)
  const shapes: Shape[] = []
  const items = task.pieces.flatMap((piece) => itemsOf({ piece, bins, shapes, layers, task }))
  return { layers, bins, items, shapes }
}

interface Asked {
  piece: LayPiece
  bins: readonly Bin[]
  shapes: Shape[]
  layers: Layers
  task: LayTask
}

function itemsOf(asked: Asked): LayItem[] {
  const { piece, layers } = asked
  if (layers === 'folded-lengthwise' && piece.onFold) return foldItems(asked, 'x')
  if (layers === 'folded-crosswise' && piece.onFold && isLevel(piece) && !piece.bias) return foldItems(asked, 'y')
  const outline = piece.onFold ? unfoldItem(piece.outline) : piece.outline
  const choices = (isMirrored: boolean) => choicesOf(asked, outline, isMirrored)
  const plain = choices(false)
  const item = (copies: number[], of: Shape[][]): LayItem => ({
    id: piece.id,
    copies,
    choices: of,
    onFold: null,
    area: copies.length * (of.flat()[0]?.area ?? 0),
  })
  const copies = Array.from({ length: piece.count }, (_, i) => i + 1)
  if (layers !== 'single' && (piece.pair || isItsOwnMirror(plain, choices(true)))) {
    const both = copies.filter((copy) => copy % 2 === 1 && copy < piece.count)
    const through = both.map((copy) => item([copy, copy + 1], plain))
    return piece.count % 2 === 0 ? through : [...through, item([piece.count], plain)]
  }
  const over = piece.pair ? choices(true) : plain
  return copies.map((copy) => item([copy], copy > piece.count / 2 ? over : plain))
}

/** Pieces whose fold edge lies on the fold: nothing turns them, since the fold holds them. */
function foldItems(asked: Asked, axis: 'x' | 'y'): LayItem[] {
  const { piece, shapes, bins, task } = asked
  const isOnRight = Math.max(...piece.outline.map(([x]) => x)) > ON_FOLD
  const runsAlong = !piece.bias && (axis === 'x' ? isUpright(piece.warpDeg) : isLevel(piece))
  // Its head to the same end as the others’: turned over and round, its edge stays on the fold.
  const isDown = axis === 'x' && isUpright(piece.warpDeg) && grainAs(piece.warpDeg, false) % 360 > 180
  const degrees = axis === 'y' ? (isOnRight ? 90 : 270) : isDown ? 180 : 0
  const isMirrored = axis === 'x' && isOnRight === isDown
  const shape = addShape(shapes, piece.outline, { degrees, isMirrored, gapMm: task.gapMm })
  return Array.from({ length: piece.count }, (_, i) => ({
    id: piece.id,
    copies: [i + 1],
    choices: bins.map(() => [shape]),
    onFold: axis,
    area: 2 * shape.area,
    ...(!runsAlong && { why: 'its grain would not run along the fabric with its edge on this fold' }),
  }))
}

const isUpright = (warpDeg: number) => Math.abs((((warpDeg % 180) + 180) % 180) - 90) < 1e-6
const isLevel = ({ warpDeg, crosswise }: LayPiece) => isUpright(warpDeg + 90) || (crosswise && isUpright(warpDeg))

/** Both halves of what is drawn to its fold, as one. */
export function unfoldItem(half: Outline): Point[] {
  const onFold = (i: number) => Math.abs(half[(i + half.length) % half.length]![0]) <= ON_FOLD
  // Begin behind the stretch that lies on the fold, so that the other half can be hung on it.
  const start = half.findIndex((_, i) => onFold(i) && !onFold(i + 1))
  if (start < 0) return [...half]
  const run = half.map((_, i) => half[(start + i) % half.length]!)
  const end = run.findIndex((_, i) => i > 0 && Math.abs(run[i]![0]) <= ON_FOLD)
  const open = run.slice(0, end < 0 ? run.length : end + 1)
  const straight = open.map(([x, y], i): Point => [i === 0 || i === open.length - 1 ? 0 : x, y])
  const other = straight.slice(1, -1).map(([x, y]): Point => [-x, y])
  return [...straight, ...other.reverse()]
}

function isItsOwnMirror(plain: readonly (readonly Shape[])[], over: readonly (readonly Shape[])[]): boolean {
  const [one] = plain.flat()
  return one !== undefined && over.flat().some((other) => isSameShape(one, other))
}

function choicesOf({ piece, bins, shapes, task }: Asked, outline: Outline, isMirrored: boolean): Shape[][] {
  const kept: Shape[] = []
  return bins.map((bin) => {
    const turns = turnsOf(piece, bin.warpDeg, task, isMirrored)
    const all = turns.map(({ degrees, foot }) => {
      const known = kept.find((shape) => shape.degrees === degrees && shape.foot === (foot ?? null))
      if (known) return known
      const shape = addShape(shapes, outline, { degrees, isMirrored, gapMm: task.gapMm, foot })
      kept.push(shape)
      return shape
    })
    return all.filter((shape, i) => !all.slice(0, i).some((earlier) => isSameShape(earlier, shape)))
  })
}

function addShape(
  shapes: Shape[],
  outline: Outline,
  how: { degrees: number; isMirrored: boolean; gapMm: number; foot?: Edge },
): Shape {
  const shape = shapeOf(outline, how, shapes.length)
  shapes.push(shape)
  return shape
}

interface TurnedTo {
  degrees: number
  foot?: Edge
}

/** How a piece may be turned from its drawing: with its foot to a border, or along the warp as it is allowed. */
function turnsOf(piece: LayPiece, warpDeg: number, task: LayTask, isMirrored: boolean): TurnedTo[] {
  if (!isOnBorder(piece, task.cloth))
    return anglesOf(piece, warpDeg, task, isMirrored).map((degrees) => ({ degrees }))
  return edgesWith(task.cloth!.border!.side).map((foot) => ({
    degrees: whole(footTurn(piece.warpDeg, isMirrored, foot)),
    foot,
  }))
}

/** The angles by which a piece may be turned from its drawing, the straight ones first. */
function anglesOf(piece: LayPiece, warpDeg: number, task: LayTask, isMirrored: boolean): number[] {
  const isOneWay = task.cloth?.oneWay === true
  const grain = grainAs(piece.warpDeg, isMirrored)
  const straight = warpDeg - grain
  const isMatched = task.match.some(({ a, b }) => a[0] === piece.id || b[0] === piece.id)
  if (piece.turn === 'any' && !isOneWay && !isMatched) return ANYHOW.map((degrees) => whole(straight + degrees))
  const base = piece.bias ? [-45] : [0]
  const ways = [...base, ...(piece.crosswise && !piece.bias && !isMatched ? [90] : [])]
  const canTurn = piece.turn !== 'none' && !isOneWay
  const turnedToo = canTurn ? ways.flatMap((way) => [way, way + 180]) : ways
  const off = piece.toleranceDeg > 0 && !isMatched ? OFF_GRAIN.map((share) => share * piece.toleranceDeg) : [0]
  return off.flatMap((more) => turnedToo.map((way) => whole(straight + way + more)))
}

const whole = (degrees: number) => ((degrees % 360) + 360) % 360

/** Ways of laying this cloth that its nap and its repeat allow. */
export function layersOf({ layers, oneWay, leanDeg, border }: LayCloth, pieces: readonly LayPiece[]): Layers[] {
  if (leanDeg || border) return ['single']
  if (layers !== 'best') return [layers]
  const hasFold = pieces.some(({ onFold, count }) => onFold || count > 1)
  if (!hasFold) return ['single']
  return oneWay ? ['single', 'folded-lengthwise'] : ['single', 'folded-lengthwise', 'folded-crosswise']
}

/** The drawing’s points as they lie in a shape. */
export function asItLies(points: Outline, { degrees, isMirrored }: Pick<Shape, 'degrees' | 'isMirrored'>): Point[] {
  return turnPolygon(isMirrored ? points.map(([x, y]): Point => [-x, y]) : points, degrees)
}
