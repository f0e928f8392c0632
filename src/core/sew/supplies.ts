import { type Detail, type Garment } from '../vocabulary/choosing'
import { countNoun } from '../units/format'
import { type SewAdvice } from './advice'
import { elasticWords } from './elastic'
import { inCm, inGsm, inMetres, inMm } from '../text/amounts'
import { type Phrase, phrase, joinTexts } from '../text/text'

/** Thread that a seam takes for each metre of it, by its stitch; as in textbooks of making-up, from memory. */
export const THREAD_PER_METRE = {
  straight: 2.7,
  'narrow-zigzag': 4,
  stretch: 7.5,
  overlocked: 14,
  felled: 5.5,
} as const
/** Ends, tests and what is unpicked: common practice. */
const THREAD_MARGIN = 1.25
/** Metres on a reel that shops sell. */
const REEL_METRES = 100

/** Metres of seam and hem, of a middling size; from memory, with a wide spread. */
const SEAMS: Readonly<Partial<Record<Garment, number>>> = {
  shirt: 16,
  'shirt-dress': 22,
  jeans: 22,
  trousers: 15,
  shorts: 10,
  blazer: 32,
  coat: 38,
  'jacket-casual': 24,
  gown: 30,
  jumpsuit: 26,
  curtain: 14,
  cushion: 3,
  bag: 9,
  apron: 8,
  quilt: 60,
  scarf: 4,
  'skirt-tiered': 22,
  'tee-knit': 8,
  leggings: 6,
  tablecloth: 7,
}
const USUAL_SEAMS = 16
/** What a detail adds, metres. */
const MORE: Readonly<Partial<Record<Detail, number>>> = {
  collar: 2,
  cuffs: 2,
  lined: 10,
  tiers: 6,
  ruffles: 5,
  'patch-pockets': 2,
  topstitching: 8,
  'quilted-layers': 30,
  waistband: 2,
  hood: 2,
  'bound-edges': 5,
}
/** Interfacing that a detail takes, m² for one; from memory. */
const INTERFACED: Readonly<Partial<Record<Detail, number>>> = {
  collar: 0.06,
  cuffs: 0.06,
  lapel: 0.15,
  waistband: 0.08,
  facings: 0.1,
  placket: 0.05,
  buttonholes: 0.05,
  'welt-pockets': 0.04,
  'button-loops': 0.02,
}

/** One line of a supply list. */
export interface Supply {
  id: 'thread' | 'needles' | 'interfacing' | 'zip' | 'buttons' | 'elastic' | 'cord' | 'binding' | 'marking' | 'lining'
  text: Phrase
  why: Phrase
}

/** What to ask in the shop for each, or to look at there. Common practice. */
export const SHOP_ASKS: Readonly<Record<Supply['id'], string>> = {
  thread:
    'Lay one strand over the fabric in daylight: a shade darker disappears, a lighter one shows. ' +
    'How long is a reel?',
  needles: 'The point by its name, and the size in both numbers; a packet of one size, not mixed.',
  interfacing: 'Does it shrink, and at what heat does it fuse? Fold it with your fabric: it should be no heavier.',
  zip: 'Are the teeth metal or plastic, is the end open or closed, and how hot may the iron be near it?',
  buttons:
    'Can you wash and iron them as hot as the fabric? Shank or holes? Put one through a slit in ' +
    'paper for the buttonhole.',
  elastic: 'Stretch it twice: does it recover, and does it roll? Can you wash it with the fabric?',
  cord: 'Does its end fray, does it run in the wash, and does it fit the eyelets?',
  binding: 'Is it cut on the bias, and was it washed? Of what fibre is it: it shrinks next to the fabric.',
  marking: 'Does it wash out, with what, and does an iron set it? Test it on a scrap.',
  lining: 'Does it breathe, cling or shrink? Hold it together with the fabric and let both hang.',
}

export interface SuppliesAsked {
  advice: SewAdvice
  garment?: Garment
  details: readonly Detail[]
  copies: number
  overlocker: boolean
  smallestNeedle: number
}

/** Thread for so much seam, metres: [low, high], margin included. */
export function threadMetres(
  seamMetres: number,
  { stitch, seams }: SewAdvice,
  overlocker: boolean,
): [number, number] {
  const sewn = THREAD_PER_METRE[stitch.kind]
  const [first] = seams
  const finish = overlocker && first?.id === 'overlocked' ? THREAD_PER_METRE.overlocked : 0
  const felled = first?.id === 'flat-felled' || first?.id === 'french' ? THREAD_PER_METRE.felled - sewn : 0
  const metres = seamMetres * (sewn + Math.max(0, felled) + finish) * THREAD_MARGIN
  return [Math.round(metres * 0.8), Math.round(metres * 1.3)]
}

/** Everything that is bought before the first cut, beside the cloths themselves. */
export function suppliesFor(asked: SuppliesAsked): Supply[] {
  const { advice, garment, details, copies, overlocker, smallestNeedle } = asked
  const seams = ((garment && SEAMS[garment]) || USUAL_SEAMS) + details.reduce((sum, one) => sum + (MORE[one] ?? 0), 0)
  const [low, high] = threadMetres(seams * copies, advice, overlocker)
  const reels = Math.max(1, Math.ceil(high / REEL_METRES))
  const { needle, thread, marking, interfacing } = advice
  const [fibre] = thread.choices
  const list: Supply[] = [
    {
      id: 'thread',
      text: phrase`${fibre?.fibre ?? 'polyester'} thread, ${inMetres(low, high)}: ${reelWords(reels)}`,
      why: phrase`About ${inMetres(Math.round(seams * copies))} of seams, a quarter more for
        tests.${fibre ? phrase` ${fibre.text}` : ''}`,
    },
    {
      id: 'needles',
      text: `machine needles ${needle.nm[0]} to ${needle.nm[1]}, ${needle.point}`,
      why: smallestNeedle > needle.nm[0] ? 'Finer than you have.' : 'A new one for each project.',
    },
  ]
  const area = details.reduce((sum, one) => sum + (INTERFACED[one] ?? 0), 0) * copies
  const { construction, maxGsm } = interfacing
  // Of 90 cm width, with half as much again lost between its pieces.
  const metres = Math.max(0.2, Math.ceil((area / 0.9) * 1.5 * 10) / 10)
  if (area > 0)
    list.push({
      id: 'interfacing',
      text: phrase`${construction} interfacing to ${inGsm(maxGsm)}, ${inMetres(metres)} of ${inCm(90)}`,
      why: interfacing.text,
    })
  list.push(...fastenings(details, garment, copies))
  list.push({ id: 'marking', text: MARKING[marking.id] ?? 'chalk', why: marking.text })
  return list
}

const reelWords = (reels: number) => phrase`${countNoun(reels, 'reel')} of ${inMetres(REEL_METRES)}`

const MARKING: Readonly<Record<string, string>> = {
  chalk: 'chalk, or a pen that you tried on a scrap',
  tacks: 'tacking thread, silk or fine cotton',
  pencil: 'a soft pencil',
}

/** Buttons stand about so far apart down a front, mm; how long a front opens. Common practice. */
const [BUTTONS_APART, FRONT] = [85, 620]

/** Widths that waists are made with. */
const WAIST_ELASTIC_MM = [10, 25, 40]
const waistElastic = () =>
  joinTexts(
    WAIST_ELASTIC_MM.map((mm) => elasticWords('waist', mm)),
    '; ',
  )

function fastenings(details: readonly Detail[], garment: Garment | undefined, copies: number): Supply[] {
  const list: Supply[] = []
  const has = (detail: Detail) => details.includes(detail)
  if (has('buttonholes')) {
    const front = Math.ceil(FRONT / BUTTONS_APART)
    const count = (front + (has('cuffs') ? 2 : 0) + 1) * copies
    const size = garment === 'coat' || garment === 'blazer' ? inMm(20, 25) : inMm(11, 15)
    list.push({
      id: 'buttons',
      text: phrase`${count} buttons, ${size}`,
      why: phrase`About one every ${inCm(8.5)}, and one to spare.`,
    })
  }
  if (has('zip'))
    list.push({ id: 'zip', text: `${copies} zip${copies > 1 ? 's' : ''}`, why: 'Its length from the pattern.' })
  if (has('elastic-waist'))
    list.push({
      id: 'elastic',
      text: phrase`elastic for ${countNoun(copies, 'waist')}: ${waistElastic()}`,
      why: phrase`Measured on the body, and ${inCm(2)} for the join. Try it round the body before you cut it.`,
    })
  if (has('drawstring'))
    list.push({ id: 'cord', text: phrase`cord, the waist and ${inCm(60)} more`, why: 'To tie, without slipping in.' })
  if (has('bound-edges'))
    list.push({
      id: 'binding',
      text: phrase`bias binding, about ${inMetres(5 * copies)}`,
      why: 'Or cut it from what is left of the fabric.',
    })
  return list
}
