import polylabel from 'polylabel'
import { ON_FOLD } from '../../shapes/fold'
import { boxOf, isWithin, type Outline, type Point } from '../../shapes/polygon'
import { borderFault } from '../border'
import { stripEdges } from '../strip'
import { type LayAnswer, type LayPiece, type LayTask, type Placement } from '../types'
import { areBoxesNear, distanceBetween } from './apart'
import { sharedWidth, widthBeside } from './clipping'
import { grainFault } from './grain'
import { unfoldedHalf } from './unfoldedHalf'
import { itemAt, mustHave } from '../../lists/items'

/** What a layout may be off by before it is told, mm: no scissors are finer. */
export const OFF_BY_MM = 0.5

export type LayoutFaultKind = 'overlap' | 'gap' | 'edge' | 'hole' | 'grain' | 'nap' | 'fold' | 'shape' | 'border'

/** Something that is wrong with a layout. */
export interface LayoutFault {
  kind: LayoutFaultKind
  /** Numbers of the placements that it is about: two for an overlap or a gap, else one. */
  placements: number[]
}

/**
 * Checks a layout with code that did not compute it: no two pieces overlap or come nearer than the gap, all lie on the
 * fabric and off its holes and flaws, along the grain as they may, on the fold that they need, and are the pieces that
 * they say.
 * @returns what is wrong, by the numbers of the placements; nothing where the layout can be cut
 */
export function verifyLayout(
  task: LayTask,
  { placements, layers }: Pick<LayAnswer, 'placements' | 'layers'>,
): LayoutFault[] {
  const faults: LayoutFault[] = []
  placements.forEach((placement, i) => {
    for (const kind of ownFaults(task, layers, placement)) faults.push({ kind, placements: [i] })
    for (let j = i + 1; j < placements.length; j++) {
      const kind = pairFault(placement, itemAt(placements, j), task.gapMm)
      if (kind) faults.push({ kind, placements: [i, j] })
    }
  })
  return faults
}

// Pieces that did not move since the last check need no second one.
const known = new WeakMap<Placement, WeakMap<Placement, { gapMm: number; kind: LayoutFaultKind | undefined }>>()

function pairFault(one: Placement, other: Placement, gapMm: number): LayoutFaultKind | undefined {
  if (one.panel !== other.panel || one.panelCopy !== other.panelCopy) return undefined
  const before = known.get(one)?.get(other)
  if (before?.gapMm === gapMm) return before.kind
  const kind = freshPairFault(one.polygon, other.polygon, gapMm)
  const row = known.get(one) ?? new WeakMap()
  known.set(one, row.set(other, { gapMm, kind }))
  return kind
}

function freshPairFault(one: Outline, other: Outline, gapMm: number): LayoutFaultKind | undefined {
  if (areBoxesNear(one, other, -OFF_BY_MM) && liesOn(one, other)) return 'overlap'
  const least = gapMm - OFF_BY_MM
  if (least <= 0 || !areBoxesNear(one, other, least)) return undefined
  return distanceBetween(one, other) < least ? 'gap' : undefined
}

/** Whether two outlines lie on one another by more than nothing. */
function liesOn(one: Outline, other: Outline): boolean {
  const areApart = distanceBetween(one, other) > 0 && !isInside(one, other) && !isInside(other, one)
  return !areApart && sharedWidth(one, other) > OFF_BY_MM
}

/** Whether the middle of one lies in the other: enough where their sides do not meet. */
function isInside(one: Outline, other: Outline): boolean {
  const [x, y] = polylabel([one], 1)
  return isWithin([x, y], other)
}

function ownFaults(task: LayTask, layers: LayAnswer['layers'], placement: Placement): LayoutFaultKind[] {
  const piece = task.pieces.find(({ id }) => id === placement.id)
  if (!piece) return ['shape']
  const faults = task.cloth ? offLength(task, layers, placement) : offPanel(task, placement)
  if (!isThePiece(piece, placement)) faults.push('shape')
  if (task.cloth?.border && borderFault(piece, placement, task.cloth)) faults.push('border')
  if (isOffFold(piece, layers, placement)) faults.push('fold')
  const grain = grainFault(task, piece, layers, placement)
  return grain ? [...faults, grain] : faults
}

function offLength({ cloth }: LayTask, layers: LayAnswer['layers'], { polygon }: Placement): LayoutFaultKind[] {
  const edges = stripEdges(mustHave(cloth), layers)
  const { minX, minY, maxX, maxY } = boxOf(polygon)
  const isOff =
    minX < edges.minX - OFF_BY_MM ||
    maxX > edges.maxX + OFF_BY_MM ||
    minY < edges.minY - OFF_BY_MM ||
    maxY > edges.maxY + OFF_BY_MM
  const isOnFlaw = flawsOf(mustHave(cloth), layers).some((flaw) => meetsFlaw(polygon, flaw))
  return [...(isOff ? ['edge' as const] : []), ...(isOnFlaw ? ['hole' as const] : [])]
}

const meetsFlaw = (polygon: Outline, flaw: Outline) =>
  areBoxesNear(polygon, flaw, -OFF_BY_MM) && liesOn(polygon, flaw)

/** Flaws as both layers show them once the fabric is folded. */
function flawsOf({ flaws = [], widthMm, lengthMm = 0 }: NonNullable<LayTask['cloth']>, layers: LayAnswer['layers']) {
  if (layers === 'single') return flaws
  return flaws.flatMap((flaw) =>
    [1, -1].map((way) =>
      flaw.map(([x, y]): Point =>
        layers === 'folded-lengthwise' ? [way * (x - widthMm / 2), y] : [x, way * (y - lengthMm / 2)],
      ),
    ),
  )
}

function offPanel({ panels = [] }: LayTask, { panel: id, panelCopy, polygon }: Placement): LayoutFaultKind[] {
  const panel = panels.find((one) => one.id === id)
  if (!panel || panelCopy === null || panelCopy < 1 || panelCopy > panel.count) return ['edge']
  const isOff = widthBeside(polygon, panel.outline) > OFF_BY_MM
  const isOnHole = panel.holes.some((hole) => meetsFlaw(polygon, hole))
  return [...(isOff ? ['edge' as const] : []), ...(isOnHole ? ['hole' as const] : [])]
}

/** Whether the polygon is the piece, turned over and turned as is said of it, or the piece unfolded. */
function isThePiece(piece: LayPiece, { polygon, mirrored, degrees, at }: Placement): boolean {
  const angle = (degrees * Math.PI) / 180
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)]
  const placed = ([x, y]: Point): Point => {
    const over = mirrored ? -x : x
    return [at[0] + over * cos - y * sin, at[1] + over * sin + y * cos]
  }
  const drawings = piece.onFold ? [piece.outline, unfoldedHalf(piece.outline)] : [piece.outline]
  return drawings.some((drawing) => {
    const laid = drawing.map(placed)
    const isCorner = ([x, y]: Point) => laid.some(([u, v]) => Math.hypot(x - u, y - v) <= OFF_BY_MM)
    return polygon.every(isCorner) && isSameBox(laid, polygon)
  })
}

function isSameBox(one: Outline, other: Outline): boolean {
  const [a, b] = [boxOf(one), boxOf(other)]
  const isNear = (side: keyof typeof a) => Math.abs(a[side] - b[side]) <= OFF_BY_MM
  return isNear('minX') && isNear('maxX') && isNear('minY') && isNear('maxY')
}

/** Whether a piece that is drawn to its fold, and laid so, has its edge anywhere but on the fold. */
function isOffFold({ onFold, outline }: LayPiece, layers: LayAnswer['layers'], { polygon }: Placement): boolean {
  const isHalf = onFold && polygon.length <= outline.length
  if (!isHalf) return false
  if (layers === 'single') return true
  const axis = layers === 'folded-lengthwise' ? 0 : 1
  return polygon.filter((corner) => Math.abs(corner[axis]) <= ON_FOLD).length < 2
}
