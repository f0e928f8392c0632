import { type Edge } from './border'
import { boundOf } from './bounds'
import { answerOf } from './answer'
import { seededRandom } from '../numbers/seededRandom'
import { upTo, type Budget } from './search/budget'
import { PlacementField } from './search/field'
import { fillIn } from './search/fill'
import { layersOf, planOf, type LayItems } from './search/items'
import { latticesOf } from './search/lattice'
import { squeeze } from './search/squeeze'
import { bottomLeft, bySize, inRows } from './search/start'
import { lengthsTaken } from '../vocabulary/laying'
import { isLongEnough } from './strip'
import { type LaidPieces } from './keepVerified'
import { type LayAnswer, type LayTask, type Layers } from './types'
import { itemAt, mustHave } from '../lists/items'

/** How much of what may be spent each way of folding gets to show what it can, before the best goes on alone. */
const TRIAL_SHARE = 0.12
/** How much may be spent on first lays, before the rest is laid in rows. */
const START_SHARE = 0.4
/** How much is spent on making it shorter, before the rest goes on what still finds no place. */
const SQUEEZE_SHARE = 0.75
/** A folded lay is cut in half the time: it stands where it takes no more than this share longer. */
const FOLD_WORTH = 1.003

/** Angles that differ by less are one, degrees. */
const SAME_TURN = 0.01

/** One way of laying the cloth, on its way. */
interface Way {
  plan: LayItems
  lead: number
  field: PlacementField
  /** mm along the strip as it is folded; no lay is shorter */
  bound: number
  /** Items that found no place at first. */
  left: number[]
}

/** A better lay as it was when it was found; made into an answer, and checked, only where somebody wants to see it. */
export type BetterLay = () => LayAnswer
type Search = Generator<BetterLay | undefined, LayAnswer>

/**
 * Lays a pattern’s pieces on cloth: a first lay from the largest piece to the smallest, each as low as it goes; then
 * ever shorter ones by parting what was pushed together.
 * @param budget how much may be spent: by moves for the same answer each time, or by the clock
 * @returns the best answer; yields each better lay on the way (without what is left of the cloth), and undefined
 *   between
 * @throws RangeError where the cloth has no width
 */
export function* layOut(task: LayTask, budget: Budget): Search {
  const chance = seededRandom(task.seed)
  return task.cloth ? yield* onLength(task, budget, chance) : yield* onPanels(task, budget, chance)
}

/** The last answer of a lay, all at once. */
export function laidOut(task: LayTask, budget: Budget): LayAnswer {
  const search = layOut(task, budget)
  for (;;) {
    const { done, value } = search.next()
    if (done) return value
  }
}

function* onLength(task: LayTask, budget: Budget, chance: () => number): Search {
  const ways: Way[] = []
  const kinds = layersOf(mustHave(task.cloth), task.pieces)
  for (const layers of kinds) {
    const until = (START_SHARE * (ways.length + 1)) / kinds.length
    const leads: Way[] = []
    for (const lead of leadsOf(task)) {
      const isShown = ways.length + leads.length === 0
      leads.push(yield* wayOf(task, budget, { layers, isEndless: true, lead, until, isShown }))
    }
    ways.push(bestOf(leads))
    yield betterOf(task, bestOf(ways))
  }
  let share = budget.spent()
  if (ways.length > 1) {
    for (const way of ways) {
      share += TRIAL_SHARE
      yield* told(task, way, squeeze(way.field, way.bound, chance, upTo(budget, share)))
    }
  }
  const best = bestOf(ways)
  yield* told(task, best, squeeze(best.field, best.bound, chance, upTo(budget, squeezeShare(task))))
  const chosen = bestOf(ways)
  const { lengthMm } = mustHave(task.cloth)
  if (lengthMm === undefined || isLongEnough(lengthMm, lengthOf(chosen))) return answerOf(task, laidOf(chosen), true)
  return yield* asMuchAsFits(task, chosen, chance, budget)
}

const squeezeShare = (task: LayTask) => (task.cloth?.lengthMm === undefined ? 1 : SQUEEZE_SHARE)

/** The most of the pieces that the length takes, where it does not take them all. */
function* asMuchAsFits(task: LayTask, whole: Way, chance: () => number, budget: Budget): Search {
  const how = { layers: whole.plan.layers, isEndless: false, lead: whole.lead, until: 1 }
  const way = yield* wayOf(task, budget, how)
  const filling = fillIn(way.field, way.left, chance, upTo(budget, 1))
  while (!filling.next().done) yield undefined
  return answerOf(task, laidOf(way), true, { needMm: lengthOf(whole) })
}

function* onPanels(task: LayTask, budget: Budget, chance: () => number): Search {
  const way = yield* wayOf(task, budget, { layers: 'single', isEndless: false, lead: 0, until: START_SHARE * 2 })
  yield betterOf(task, way)
  yield* told(task, way, fillIn(way.field, way.left, chance, upTo(budget, 1)))
  return answerOf(task, laidOf(way), true)
}

/** Which of the pieces with matched notches may lie at the edge, for the others to follow. */
function leadsOf({ cloth, match }: LayTask): number[] {
  const isMatched = cloth !== undefined && match.length > 0 && (cloth.repeatMm.x > 0 || cloth.repeatMm.y > 0)
  return isMatched ? [0, 1, 2] : [0]
}

interface How {
  layers: Layers
  /** On as much cloth as it takes, else on what there is. */
  isEndless: boolean
  /** Which of the pieces with matched notches lies at the edge. */
  lead: number
  /** How far the budget may be spent on it. */
  until: number
  /** Told in rows first, so that there is something to see at once. */
  isShown?: boolean
}

/** A first legal lay in these layers: each piece as low as it goes, and in rows what there is no time for. */
function* wayOf(
  task: LayTask,
  budget: Budget,
  { layers, isEndless, lead, until, isShown }: How,
): Generator<BetterLay | undefined, Way> {
  const plan = planOf(task, layers)
  if (isEndless) plan.bins = plan.bins.map((bin) => ({ ...bin, maxY: Infinity, area: Infinity }))
  const { of, torn } = latticesOf(plan, task, lead)
  plan.items.forEach((item) => {
    if (torn.has(item.id)) item.why ??= 'its notches cannot all agree with the repeat'
  })
  const field = new PlacementField(plan, of, Infinity, () => budget.tick())
  pin(field, task)
  const order = bySize(field).filter((item) => !itemAt(plan.items, item).why && !field.held.has(item))
  if (isShown && inRows(field, order, task.gapMm).length === 0) {
    yield betterOf(task, { plan, field, bound: 0 })
  }
  for (const item of order) field.put(item, { ...itemAt(field.spots, item), bin: -1 })
  const laying = bottomLeft(field, order, { isOver: () => budget.spent() >= until })
  let laid = laying.next()
  for (; !laid.done; laid = laying.next()) yield undefined
  const { homeless, waiting } = laid.value
  const late = inRows(field, waiting, task.gapMm)
  const left = [...homeless, ...late]
  // What no length of cloth takes is not waited for.
  if (isEndless) for (const item of left) itemAt(plan.items, item).why ??= whyNot(plan, item, late.includes(item))
  const bound = isEndless ? Math.max(boundOf(plan), heldTo(field)) : 0
  return { plan, lead, field, bound, left: isEndless ? [] : left }
}

const NO_TIME = 'there was no time left to look for its place'

/** How far what is held reaches, mm: no lay is shorter. */
function heldTo(field: PlacementField): number {
  return [...field.held].reduce((far, item) => {
    const { y, shape } = itemAt(field.spots, item)
    return Math.max(far, y + shape.box.maxY)
  }, 0)
}

/** Puts the pieces that the person holds where they are held. */
function pin(field: PlacementField, { pinned = [] }: LayTask): void {
  for (const pinnedAt of pinned) {
    const item = field.items.findIndex(
      ({ id, copies }, i) => !field.held.has(i) && id === pinnedAt.id && copies[0] === pinnedAt.copies[0],
    )
    const bin = field.plan.bins.findIndex(
      ({ panel, panelCopy }) => panel === pinnedAt.panel && panelCopy === pinnedAt.panelCopy,
    )
    const shape = field.items[item]?.choices[bin]?.find(
      ({ degrees, isMirrored }) =>
        isMirrored === pinnedAt.mirrored && Math.abs(degrees - pinnedAt.degrees) < SAME_TURN,
    )
    if (!shape) continue
    field.put(item, { bin, shape, x: pinnedAt.at[0], y: pinnedAt.at[1] })
    field.held.add(item)
  }
}

function whyNot(plan: LayItems, item: number, isLate: boolean): string {
  const shapes = itemAt(plan.items, item).choices.flat()
  const [border] = plan.bins.flatMap((bin) => bin.border ?? [])
  const isLonger = border && shapes.every(({ foot, box }) => foot && box.maxX - box.minX > widthFor(plan, foot))
  if (isLonger) return 'it is longer than the fabric is wide, with its bottom edge on the border'
  const beside = border ? border.clearMaxX - border.clearMinX : Infinity
  if (shapes.every(({ foot, box }) => !foot && box.maxX - box.minX > beside))
    return 'it is wider than the fabric beside its border'
  const isWide = itemAt(plan.items, item)
    .choices.flat()
    .every(({ box }) => plan.bins.every(({ minX, maxX }) => box.maxX - box.minX > maxX - minX))
  if (isWide) return 'it is wider than the fabric'
  return isLate ? NO_TIME : 'it does not fit anywhere on the fabric'
}

/** What is left of the width from a foot’s line on, mm. */
function widthFor({ bins }: LayItems, foot: Edge): number {
  const [{ minX, maxX, border }] = bins as [LayItems['bins'][number]]
  return foot === 'left' ? maxX - mustHave(border).left : mustHave(border).right - minX
}

/** A search, with the lay told wherever the search says that it is better. */
function* told(task: LayTask, way: Way, search: Iterable<boolean>): Generator<BetterLay | undefined, void> {
  for (const isBetter of search) yield isBetter ? betterOf(task, way) : undefined
}

/** mm of cloth, both layers together where it is folded crosswise */
function lengthOf({ plan, field }: Way): number {
  return field.length() * lengthsTaken(plan.layers)
}

/** The way that leaves the least out, then takes the least; folded where that costs next to nothing. */
function bestOf(ways: readonly Way[]): Way {
  const refused = ({ plan }: Way) => plan.items.filter(({ why }) => why).length
  const cost = (way: Way) => lengthOf(way) * (isCutThrough(way) ? 1 : FOLD_WORTH)
  return ways.reduce((best, way) => {
    if (refused(way) !== refused(best)) return refused(way) < refused(best) ? way : best
    return cost(way) < cost(best) ? way : best
  })
}

/** Folding is worth it where most is cut through both layers, or on the fold. */
function isCutThrough({ plan: { layers, items } }: Way): boolean {
  const through = items.filter(({ copies, onFold }) => copies.length > 1 || onFold)
  return layers !== 'single' && through.length * 2 > items.length
}

function betterOf(task: LayTask, way: Pick<Way, 'plan' | 'field' | 'bound'>): BetterLay {
  const laid = laidOf(way)
  return () => answerOf(task, laid, false)
}

function laidOf({ plan, field, bound }: Pick<Way, 'plan' | 'field' | 'bound'>): LaidPieces {
  return { plan, spots: field.copy(), bound }
}
