import { phrase, pieceNamed, type TextWithId } from '../text/text'
import { handlingOf, isCoated } from '../fabric/handling'
import { materialOf } from '../fabric/materialOf'
import { smoothing, truing } from './truing'
import { refusalToWork } from '../sew/refusal'
import { afterOthers } from './secondHand'
import { dryingMinutes, shrinkWords, type DryWay } from './drying'
import { loadsOf, type Household, type Load } from './loads'
import { making } from './making'
import { NO_WAIT, step, type PlannedProject, type Step, type HouseholdUse } from './step'
import { sideOf, squareNeeded, washPlan, type PiecePlanned, type WashPlan } from './washing'
import { itemAt, lastOf, mustHave } from '../lists/items'
import { inCm } from '../text/amounts'

export interface Planned {
  steps: Step[]
  loads: Load[]
  warnings: TextWithId[]
}

type Schools = Readonly<Record<string, string>>

/**
 * Every step from a cloth that was brought home to the last hem, and what has to come before what.
 * @param longest the longest time that the person has without a break, minutes: long work is cut to it
 */
export function preparationStepsOf(
  given: readonly PiecePlanned[],
  project: PlannedProject | null,
  household: Household,
  schools: Schools,
  longest: number,
): Planned {
  const judged = given.map((piece) => ({ piece, why: refusalToWork(piece.offer) }))
  const refused = judged.flatMap(({ piece, why }) =>
    why ? [{ id: why.id, text: phrase`${pieceNamed(piece.id)}: ${why.text}` }] : [],
  )
  const pieces = judged.flatMap(({ piece, why }) => (why ? [] : [piece]))
  if (refused.length > 0 && pieces.length === 0) return { steps: [], loads: [], warnings: refused }
  const planned = pieces.map((piece) => ({ piece, plan: washPlan(piece, schools) }))
  const { loads, tooHeavy } = loadsOf(planned, household)
  const steps: Step[] = []
  const warnings = [...refused, ...planned.flatMap(({ piece, plan }) => warningsOf(piece, plan))]
  for (const id of tooHeavy)
    warnings.push({
      id: 'over-the-drum',
      text: phrase`${pieceNamed(id)} is too heavy for the machine: use a launderette, or wash it by hand in parts.`,
    })
  const ready = new Map<string, string>()
  for (const { piece, plan } of planned) {
    const before = beforeWashing(piece, plan, schools)
    steps.push(...before)
    ready.set(piece.id, before.at(-1)?.id ?? '')
  }
  for (const load of loads) {
    const members = planned.filter(({ piece }) => load.pieces.includes(piece.id))
    const washes = washesOf(load, members, (id) => mustHave(ready.get(id)))
    steps.push(...washes)
    load.pieces.forEach((id) => ready.set(id, lastOf(washes).id))
  }
  const inLoad = new Set(loads.flatMap((load) => load.pieces))
  for (const one of planned) {
    const after = afterWashing(one, household, mustHave(ready.get(one.piece.id)), inLoad.has(one.piece.id))
    steps.push(...after)
    ready.set(one.piece.id, after.at(-1)?.id ?? mustHave(ready.get(one.piece.id)))
  }
  const prepared = [...ready.values()].filter((id) => id !== '')
  if (project) steps.push(...making(pieces, project, schools, prepared, longest))
  return { steps, loads, warnings }
}

function beforeWashing(piece: PiecePlanned, plan: WashPlan, schools: Schools): Step[] {
  const { id, offer } = piece
  const steps: Step[] = afterOthers(piece)
  const square = squareNeeded(piece)
  if (square)
    steps.push(
      step(`${id}:test-square`, 'test-square', [id], {
        text: phrase`Cut and mark a square of ${inCm(20)}, wash it as you will the garment, dry it, measure it
          again.`,
        why: square,
        risk: 'The fabric will shrink as much as the square.',
        hands: 20,
        wait: [180, 600],
        after: steps.map((one) => one.id),
      }),
    )
  const isInWater = plan.way === 'machine' || plan.way === 'hand'
  const edges = sideOf(schools, 'edges')
  const mayFray = offer.construction?.value !== 'knit' && offer.construction?.value !== 'felted' && !isCoated(offer)
  if (isInWater && mayFray && edges !== 'cut-off')
    steps.push(
      step(`${id}:finish-edges`, 'finish-edges', [id], {
        text:
          edges === 'tube'
            ? 'Sew the two cut edges together into a tube with a long stitch.'
            : 'Overlock or zigzag the cut edges.',
        why: 'Loose threads tangle in the wash and pull the fabric askew.',
        hands: 10,
        after: steps.map((one) => one.id),
      }),
    )
  return steps
}

function washesOf(
  load: Load,
  members: readonly { piece: PiecePlanned; plan: WashPlan }[],
  ready: (id: string) => string,
): Step[] {
  const times = Math.max(...members.map(({ plan }) => plan.times))
  const { plan } = itemAt(members, 0)
  return Array.from({ length: times }, (_, i) =>
    step(times === 1 ? `${load.id}:wash` : `${load.id}:wash-${i + 1}`, 'wash', load.pieces, {
      text: i === 0 ? phrase`${plan.text} ${load.text}` : 'Wash it a second time.',
      why: plan.why,
      risk: plan.risk,
      hands: 10,
      wait: [50, 100],
      after: i === 0 ? load.pieces.map(ready).filter(Boolean) : [`${load.id}:wash-${i}`],
      use: { of: 'washer', much: 1 },
    }),
  )
}

/** Wet cloth that lies longer creases and sours, minutes. */
const SOON = 240
/** Metres of line that a piece takes: it hangs over it by its width. */
const LINE_METRES = 1.5

function afterWashing(
  { piece, plan }: { piece: PiecePlanned; plan: WashPlan },
  household: Household,
  before: string,
  isWashed: boolean,
): Step[] {
  const { id, offer } = piece
  const steps: Step[] = []
  const last = () => [steps.at(-1)?.id ?? before].filter(Boolean)
  if (plan.way === 'hand' || (plan.way === 'machine' && !isWashed))
    steps.push(
      step(`${id}:wash`, 'wash', [id], {
        text: plan.way === 'hand' ? plan.text : 'Wash it by hand, or in parts: it is too heavy for the machine.',
        why: plan.why,
        risk: plan.risk,
        hands: 25,
        after: last(),
        // One wash at a time: the water, the spin and the person are the same.
        use: { of: 'washer', much: 1 },
      }),
    )
  if (plan.dry) {
    const way: DryWay = plan.dry === 'tumble' && !household.dryer ? 'line' : plan.dry
    steps.push(
      step(`${id}:dry`, 'dry', [id], {
        text: DRY_WORDS[way],
        why: 'Fabric is measured and cut dry, as you will wear it.',
        hands: 5,
        wait: dryingMinutes(offer, way, household, plan.isSpun),
        after: last(),
        use: takenUp(way, household),
        soon: SOON,
      }),
    )
  }
  const pressing = smoothing(offer, plan)
  steps.push(
    step(`${id}:press`, 'press', [id], {
      ...pressing,
      hands: Math.round(10 + areaOf(piece) * 6),
      wait: plan.way === 'steam' ? [240, 720] : NO_WAIT,
      after: last(),
    }),
  )
  if (materialOf(offer)?.comesAs === 'skin')
    steps.push(
      step(`${id}:find-flaws`, 'find-flaws', [id], {
        text:
          'Check it in slanting light from both sides, and chalk around scars, holes, thin and stained ' +
          'places. Measure its thickness at the back and at the belly.',
        why: 'A flaw that you find after cutting costs you the piece.',
        hands: 20,
        after: last(),
      }),
    )
  const grain = truing(offer)
  if (grain) steps.push(step(`${id}:true-grain`, 'true-grain', [id], { ...grain, hands: 15, after: last() }))
  const isSlow = offer.construction?.value === 'knit' || handlingOf(offer).includes('slippery')
  steps.push(
    step(`${id}:rest`, 'rest', [id], {
      text: 'Leave it flat, unfolded, without a weight on it.',
      why: 'Stretched fabric creeps back.',
      wait: isSlow ? [480, 1440] : [60, 480],
      after: last(),
    }),
  )
  return steps
}

const DRY_WORDS: Readonly<Record<DryWay, string>> = {
  line: 'Hang it by its width over the line, selvedges level.',
  flat: 'Roll it in a towel, then dry it flat.',
  tumble: 'Tumble it, and take it out a little damp.',
}

function takenUp(way: DryWay, { lineMetres, dryer }: Household): HouseholdUse | null {
  if (way === 'tumble' && dryer) return { of: 'dryer', much: 1 }
  if (way === 'line' && lineMetres > 0) return { of: 'line', much: Math.min(LINE_METRES, lineMetres) }
  return null
}

/** Square metres of a piece, from its weight. */
function areaOf({ grams, offer }: PiecePlanned): number {
  return Math.min(12, grams / (offer.gsm?.value.value ?? 150))
}

function warningsOf({ id, bleeds, offer }: PiecePlanned, plan: WashPlan): Planned['warnings'] {
  const isWashed = plan.way === 'machine' || plan.way === 'hand'
  return [
    ...(bleeds
      ? [{ id: 'bleeds', text: `The dye of ${id} runs: wash it alone every time, and never with pale fabric.` }]
      : []),
    ...(isWashed && offer.washed !== true
      ? [
          {
            id: 'will-shrink',
            text:
              `${id} may shrink by ${shrinkWords(offer)} in its first wash: allow for that when you buy and ` +
              'lay out.',
          },
        ]
      : []),
    ...(plan.risk && isWashed && !plan.because.includes('wash-in-machine')
      ? [{ id: itemAt(plan.because, 0), text: `${id}: ${plan.risk}` }]
      : []),
  ]
}
