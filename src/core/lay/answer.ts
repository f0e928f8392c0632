import { buy } from '../units/buy'
import { leftOver } from './leftOver'
import { lengthsTaken } from '../vocabulary/laying'
import { isLongEnough } from './strip'
import { type LayAnswer, type LayTask, type Unplaced } from './types'
import { placementsOf, keepVerified, type LaidPieces } from './keepVerified'
import { layWords } from './words'
import { itemAt } from '../lists/items'

/**
 * What is told of a lay: only what passed the check.
 * @param isLast what is left of the cloth is reckoned for the last lay only
 * @param whole.needMm what everything would take, where the cloth is too short for it
 */
export function answerOf(task: LayTask, found: LaidPieces, isLast: boolean, whole?: { needMm: number }): LayAnswer {
  const laid = keepVerified(task, found)
  const { plan, bound } = laid
  const placements = placementsOf(laid).map(({ placement }) => placement)
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

function unplacedOf({ plan, spots }: LaidPieces): Unplaced[] {
  return plan.items.flatMap(({ id, copies, why = 'there is no room left for it' }, item) =>
    itemAt(spots, item).bin >= 0 ? [] : [{ id, copies: [...copies], why }],
  )
}

/** The pieces’ area over what was used: the length by its usable width, or all of the odd pieces. */
function densityOf({ plan, spots }: LaidPieces, length: number): number {
  const taken = plan.items.reduce((sum, item, i) => {
    const { bin, shape } = itemAt(spots, i)
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
