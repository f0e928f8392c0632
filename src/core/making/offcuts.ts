import { leftOver } from '../lay/leftOver'
import { panelBins, stripOf } from '../lay/search/bins'
import { unfoldItem } from '../lay/search/items'
import { type LayAnswer, type LayTask, type Layers, type LeftOver } from '../lay/types'
import { boxOf, movePolygon, type Point } from '../shapes/polygon'
import { lengthsTaken } from '../vocabulary/laying'

/** What a cut leaves of a cloth, worth keeping. mm */
export interface Offcut {
  outline: Point[]
  widthMm: number
  lengthMm: number
  areaMm2: number
}

/** What is smaller is not put back on the shelf, mm²: ten centimetres square. */
const WORTH_KEEPING = 10_000
const MOST_KEPT = 12
/** An edge nearer the fold than this lies on it, mm. */
const ON_FOLD = 0.6

/**
 * Offcuts of one cloth, the largest first: what lies between and beside the pieces as far as is cut off. What is left
 * of a length beyond that stays a length. Where the cloth lay folded, an offcut on the fold opens out, and of any other
 * there are two.
 * @param ground id of the cloth among those of the task
 * @param usedLengthMm along the cloth, all layers together
 */
export function offcutsOf(
  { cloth, panels = [] }: LayTask,
  ground: string,
  { placements, layers, usedLengthMm }: Pick<LayAnswer, 'placements' | 'layers' | 'usedLengthMm'>,
): Offcut[] {
  const bins = cloth ? [stripOf(cloth, layers)] : panels.filter(({ id }) => id === ground).flatMap(panelBins)
  const upTo = cloth ? usedLengthMm / lengthsTaken(layers) : Infinity
  const left = leftOver(bins, placements, { layers: cloth ? layers : 'single', upTo })
  return left
    .flatMap((part) => openedOut(part, layers))
    .filter(({ areaMm2 }) => areaMm2 >= WORTH_KEEPING)
    .sort((a, b) => b.areaMm2 - a.areaMm2)
    .slice(0, MOST_KEPT)
}

function openedOut(part: LeftOver, layers: Layers): Offcut[] {
  if (part.layers === 1) return [offcut(part, part.outline, 1)]
  const axis = layers === 'folded-lengthwise' ? 0 : 1
  const edges = part.outline.filter((point) => Math.abs(point[axis]) < ON_FOLD).length
  if (edges < 2) return [offcut(part, part.outline, 1), offcut(part, part.outline, 1)]
  const swap = ([x, y]: Point): Point => [y, x]
  const upright = axis === 0 ? part.outline : part.outline.map(swap)
  const whole = unfoldItem(upright)
  return [offcut(part, axis === 0 ? whole : whole.map(swap), 2)]
}

function offcut(part: LeftOver, outline: readonly Point[], times: number): Offcut {
  const { minX, minY, maxX, maxY } = boxOf(outline)
  return {
    outline: movePolygon(outline, -minX, -minY).map(([x, y]): Point => [
      Math.round(x * 10) / 10,
      Math.round(y * 10) / 10,
    ]),
    widthMm: maxX - minX,
    lengthMm: maxY - minY,
    areaMm2: part.areaMm2 * times,
  }
}
