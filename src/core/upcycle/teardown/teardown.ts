import { joinTexts, phrase, type Phrase, type TextWithId } from '../../text/text'
import { shareOf } from '../../fabric/mix'
import { type Offer } from '../../fabric/types'
import { inflatePolygon, subtractPolygons } from '../../lay/clip'
import { largestRectangle } from '../../lay/rectangle'
import { areaOf, boxOf, isSimple, movePolygon, signedArea, tidyOutline, type Point } from '../../shapes/polygon'
import { interval80 } from '../../units/quantity'
import { blockOf, type TakenBlock } from './blocks'
import { conditionOf, copiesOf, type Place } from './condition'
import { keptFrom } from './keep'
import { type BlockPanel, type Measures, type Panel, type SeamMake, type WornPlace } from './types'
import { seamPlan, tearingOf, type SeamPlan } from './ways'
import { fibresOf } from '../../fibres/traits'
import { itemAt } from '../../lists/items'
import { inSquareMetres, sizeInCm } from '../../text/amounts'

/** A garment in the hand. */
export interface TeardownAsked {
  garment: TakenBlock
  offer: Offer
  /** Of the garment itself, mm; null where nobody measured. Round the chest, round the hips, from top to hem. */
  chestMm: number | null
  hipMm: number | null
  lengthMm: number | null
  /** From shoulder to hand. */
  sleeveMm?: number | null
  seams: SeamMake
  worn: readonly WornPlace[]
  /** How it is elsewhere; left out: good. */
  places?: readonly Place[]
}

export interface TeardownAnswer {
  plan: SeamPlan[]
  minutes: number
  panels: Panel[]
  clothMm2: { value: number; interval80: [number, number] }
  /** What it comes to, as a sewist would say it: "two of 45 × 60 cm". */
  yields: Phrase
  worth: { id: 'worth-it' | 'if-you-like-it' | 'not-for-the-cloth'; text: Phrase }
  keep: TextWithId[]
  cautions: TextWithId[]
}

/** Seam allowance that a bought garment usually has, mm. Common practice. */
const ALLOWANCE = 10
/** Of a hem that is let down, so much comes back beside its crease, mm. */
const LET_DOWN = 25
/** How far a real garment’s cloth differs from its block: measured, and as usual (darts, pockets, cut). From memory. */
const DOUBT = { measured: 0.09, usual: 0.2 }
/** Pieces smaller than this are strips and scraps, mm². */
const A_SCRAP = 40_000
/** Minutes to begin, and to trim and press each panel. From memory. */
const BEGIN_MINUTES = 10
const PRESS_MINUTES = 4
/** m² that an hour has to bring for the cloth alone to pay for it; ours. */
const WORTH_FROM = 0.8
const LIKED_FROM = 0.45

/** Fastenings come off first, then what is sewn on, then hems, then the long seams, and last the fittings. */
const ORDER = ['fixing', 'hem', 'long', 'fitting']

/** How a garment comes apart, seam by seam, and what cloth it yields. Common practice; blocks about. */
export function tornDown(asked: TeardownAsked): TeardownAnswer {
  const { garment, offer, seams, worn, places = [] } = asked
  const block = blockOf(garment)
  const mm = measuresOf(asked, block.usual)
  const tearing = tearingOf(offer)
  const sewn = block.seams(mm).toSorted((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind))
  const plan = sewn.filter(({ lengthMm }) => lengthMm > 0).map((seam) => seamPlan(seam, seams, tearing, worn))
  const losesOf = (kind: 'long' | 'hem', usual: number) => {
    const own = plan.filter((_, i) => itemAt(sewn, i).kind === kind)
    return own.length === 0 ? usual : Math.max(...own.map(({ loses }) => loses))
  }
  const grows = ALLOWANCE - (block.isFlat ? ALLOWANCE : losesOf('long', 0))
  const hem = losesOf('hem', 0)
  const lengthens = hem >= LET_DOWN ? -(hem - LET_DOWN) : LET_DOWN
  const panels = block.panels(mm).flatMap((one) => panelsOf(one, { grows, lengthens, worn, places }))
  const value = Math.round(
    panels.reduce((sum, { outline, holes, count }) => sum + count * areaLess(outline, holes), 0),
  )
  const isMeasured = asked.lengthMm !== null && (asked.chestMm !== null || asked.hipMm !== null)
  const sd = value * (isMeasured ? DOUBT.measured : DOUBT.usual)
  const minutes = plan.reduce((sum, one) => sum + one.minutes, 0)
  return {
    plan,
    minutes,
    panels,
    clothMm2: {
      value,
      interval80: interval80({ value, sd }).map(Math.round) as [number, number],
    },
    yields: yieldOf(panels),
    worth: worthOf(value, minutes, panels),
    keep: keptFrom(block.keep.filter((id) => !(id === 'collar-and-cuffs' && worn.includes('collar')))),
    cautions: CAUTIONS.filter(({ when }) => when(plan, asked)).map(({ id, text }) => ({ id, text })),
  }
}

/** What was measured, and the rest in proportion. */
function measuresOf({ chestMm, hipMm, lengthMm, sleeveMm }: TeardownAsked, usual: Measures): Measures {
  const scale = chestMm !== null ? chestMm / usual.chest : hipMm !== null ? hipMm / usual.hip : 1
  return {
    chest: chestMm ?? usual.chest * scale,
    hip: hipMm ?? usual.hip * scale,
    length: lengthMm ?? usual.length * Math.min(1.3, Math.max(0.4, scale)),
    ...(sleeveMm && { sleeve: sleeveMm }),
  }
}

interface Cutting {
  grows: number
  lengthens: number
  worn: readonly WornPlace[]
  places: readonly Place[]
}

/** Every copy of a panel: one that is marked apart from the others. */
function panelsOf(one: BlockPanel, cutting: Cutting): Panel[] {
  const own = cutting.places.filter(({ panel }) => panel === one.id)
  return copiesOf(one.count, own).flatMap(({ count, places, isMarked }) =>
    panelOf({ ...one, count, ...(isMarked && { id: `${one.id}-marked` }) }, { ...cutting, places }),
  )
}

/** A panel as it lies on the table: with what is left of its allowances, without what is worn. */
function panelOf(
  { id, outline, count, hasHem, worn }: BlockPanel,
  { grows, lengthens, worn: wornAt, places }: Cutting,
): Panel[] {
  const lowest = boxOf(outline).minY
  const longer = outline.map(([x, y]): Point => [x, hasHem && y === lowest ? y - lengthens : y])
  const wider = inflatePolygon([longer], grows, true)
  const { bad, faded } = conditionOf(wider[0] ?? longer, places)
  const holes = [...worn.filter(({ place }) => wornAt.includes(place)).map((one) => one.outline), ...bad]
  const left = holes.length > 0 ? subtractPolygons(wider, holes) : wider
  const [outer, ...rest] = left.toSorted((a, b) => areaOf(b) - areaOf(a))
  if (!outer) return []
  const { minX, minY } = boxOf(outer)
  const placed = (points: readonly Point[]) =>
    tidyOutline(movePolygon(points, -minX, -minY), 0.05).map(([x, y]): Point => [rounded(x), rounded(y)])
  const whole = placed(signedArea(outer) < 0 ? outer.toReversed() : outer)
  // What is cut off from it altogether is a scrap; what lies in it is a hole.
  const inner = rest.filter((one) => signedArea(one) * signedArea(outer) < 0).map(placed)
  if (whole.length < 3 || !isSimple(whole)) return []
  const { widthMm, lengthMm } = largestRectangle([whole, ...inner])
  const pale = faded.map(placed)
  return [
    { id, outline: whole, holes: inner, faded: pale, warpDeg: 90, count, hasHem, largest: { widthMm, lengthMm } },
  ]
}

const rounded = (value: number) => Math.round(value * 10) / 10
const areaLess = (outline: readonly Point[], holes: readonly (readonly Point[])[]) =>
  holes.reduce((area, hole) => area - areaOf(hole), areaOf(outline))

const COUNTS = ['none', 'one', 'two', 'three', 'four', 'five', 'six']

function yieldOf(panels: readonly Panel[]): Phrase {
  const words: Phrase[] = panels
    .filter(({ largest }) => largest.widthMm * largest.lengthMm >= A_SCRAP)
    .map(({ count, largest: { widthMm, lengthMm } }) => {
      const many = COUNTS[count] ?? String(count)
      return phrase`${many} of ${sizeInCm(Math.floor(widthMm / 10), Math.floor(lengthMm / 10))}`
    })
  const small = panels.filter(({ largest }) => largest.widthMm * largest.lengthMm < A_SCRAP)
  const strips = small.reduce((sum, { count }) => sum + count, 0)
  if (strips > 0) words.push(`${COUNTS[strips] ?? strips} strip${strips === 1 ? '' : 's'}`)
  return words.length === 0 ? 'nothing larger than scraps' : joinTexts(words, ', ')
}

function worthOf(mm2: number, apart: number, panels: readonly Panel[]): TeardownAnswer['worth'] {
  const minutes = BEGIN_MINUTES + apart + panels.reduce((sum, { count }) => sum + count * PRESS_MINUTES, 0)
  const anHour = mm2 / 1e6 / (minutes / 60)
  const hours = phrase`${inSquareMetres(Math.round(mm2 / 1e5) / 10)} in ${minutes} minutes with pressing`
  if (anHour >= WORTH_FROM) return { id: 'worth-it', text: phrase`${hours}: worth it for the fabric.` }
  if (anHour >= LIKED_FROM)
    return { id: 'if-you-like-it', text: phrase`${hours}: worth it for a fabric that you like.` }
  return { id: 'not-for-the-cloth', text: phrase`${hours}: not for its fabric alone; keep its fittings.` }
}

const CAUTIONS: readonly (TextWithId & { when: (plan: readonly SeamPlan[], asked: TeardownAsked) => boolean })[] = [
  {
    id: 'blades',
    when: () => true,
    text:
      'Blades are for adults: cut away from your body and from the hand that holds, in good light; ' +
      'close them when you put them down.',
  },
  {
    id: 'needles-left',
    when: () => true,
    text: 'Feel along seams for pins, wires and broken needles before you pull.',
  },
  {
    id: 'wash-first',
    when: () => true,
    text: 'Wash or air it first: dust, moths and mould come with old clothes; wear a mask if it is musty.',
  },
  {
    id: 'rip-slowly',
    when: (plan) => plan.some(({ way }) => way === 'rip'),
    text: 'Rip slowly, away from your face: the thread breaks suddenly.',
  },
  {
    id: 'tailored-inside',
    when: (_, { garment }) => garment === 'blazer' || garment === 'coat',
    text:
      'Open the lining first and look inside. You can’t separate fused fronts cleanly: cut them as ' +
      'they are. Canvassed fronts have pad stitches in the lapels, tapes along the edges, a chest ' +
      'piece and shoulder pads: snip the pad stitches from the canvas side, and keep the canvas and ' +
      'the pads.',
  },
  {
    id: 'old-silk-splits',
    when: (_, { offer }) => shareOf(offer, fibresOf('silken')) >= 0.5 && offer.called === 'taffeta',
    text: 'Old silk taffeta splits along its folds and shows every needle hole. Pull a hidden corner gently first.',
  },
]
