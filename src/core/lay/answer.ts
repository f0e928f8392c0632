import { buy } from '../units/buy'
import { leftOver } from './leftOver'
import { moved } from '../shapes/polygon'
import { type Spot } from './search/field'
import { type Plan } from './search/items'
import { lengthsTaken } from '../vocabulary/laying'
import { isLongEnough } from './strip'
import { type LayAnswer, type LayTask, type Placement, type Unplaced } from './types'
import { layWords } from './words'

/** A lay as the search has it. */
export interface Laid {
  plan: Plan
  spots: readonly Spot[]
  /** mm along the strip as it is folded */
  bound: number
}

/**
 * What is told of a lay.
 * @param isLast what is left of the cloth is reckoned for the last lay only
 * @param whole.needMm what everything would take, where the cloth is too short for it
 */
export function answerOf(task: LayTask, laid: Laid, isLast: boolean, whole?: { needMm: number }): LayAnswer {
  const { plan, spots, bound } = laid
  const placements = plan.items.flatMap((_, item) => placementOf(plan, item, spots[item]!))
  const unplaced = unplacedOf(laid)
  const both = lengthsTaken(plan.layers)
  const far = Math.max(0, ...placements.flatMap(({ polygon }) => polygon.map(([, y]) => y)))
  const usedLengthMm = task.cloth ? far * both : 0
  const have = task.cloth?.lengthMm
  const isShort = have !== undefined && !isLongEnough(have, usedLengthMm)
  const fits = unplaced.length === 0 && !isShort
  const needMm = whole?.needMm ?? usedLengthMm
  const isAsked = task.cloth !== undefined && (have === undefined || !fits)
  const bought = isAsked && needMm > 0 ? buy(needMm) : undefined
  const answer = {
    verdict: fits ? ('fits' as const) : ('does-not-fit' as const),
    layers: plan.layers,
    placements,
    usedLengthMm,
    density: densityOf(laid, usedLengthMm / both),
    lowerBoundMm: bound * both,
    unplaced,
    leftOver: isLast
      ? leftOver(plan.bins, placements, {
          layers: plan.layers,
          upTo: task.cloth ? (have ?? usedLengthMm) / both : Infinity,
        })
      : [],
    buy: bought ? { metres: bought.metres, yards: bought.yards } : null,
  }
  return { ...answer, text: layWords(answer, task) }
}

function placementOf(plan: Plan, item: number, { bin, shape, x, y }: Spot): Placement[] {
  const on = plan.bins[bin]
  if (!on) return []
  const { id, copies } = plan.items[item]!
  return [
    {
      id,
      copies: [...copies],
      panel: on.panel,
      panelCopy: on.panelCopy,
      mirrored: shape.isMirrored,
      polygon: moved(shape.outline, x, y),
      degrees: shape.degrees,
      at: [x, y],
    },
  ]
}

function unplacedOf({ plan, spots }: Laid): Unplaced[] {
  return plan.items.flatMap(({ id, copies, why = 'there is no room left for it' }, item) =>
    spots[item]!.bin >= 0 ? [] : [{ id, copies: [...copies], why }],
  )
}

/** The pieces’ area over what was used: the length by its usable width, or all of the odd pieces. */
function densityOf({ plan, spots }: Laid, length: number): number {
  const taken = plan.items.reduce((sum, item, i) => {
    const { bin, shape } = spots[i]!
    // On the fold half of it is drawn, through both layers each copy is: either way two of what is drawn are cut.
    const through = plan.layers === 'single' ? 1 : item.onFold ? 2 : item.copies.length
    return bin < 0 ? sum : sum + shape.area * through
  }, 0)
  const layers = plan.layers === 'single' ? 1 : 2
  const [bin] = plan.bins
  const isStrip = bin?.panel === null
  const area = isStrip ? (bin.maxX - bin.minX) * length : plan.bins.reduce((sum, one) => sum + one.area, 0)
  return area > 0 ? Math.min(1, taken / (area * layers)) : 0
}
