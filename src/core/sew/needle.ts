import { swimPoints, swimSizes } from './kinds/swim'
import { materialPoints } from './materialRules'
import { chooseSafest, type Chosen, type Rule } from './rule'
import { type SewCase } from './sewCase'
import { needleSizes } from './needleSizes'
import { inGsm, inMm } from '../text/amounts'
import { phrase } from '../text/text'

type Span = readonly [low: number, high: number]

export type NeedlePoint = 'universal' | 'sharp' | 'ball-point' | 'stretch' | 'jeans' | 'leather'
export const POINTS: readonly NeedlePoint[] = ['universal', 'sharp', 'ball-point', 'stretch', 'jeans', 'leather']

const heavyPlant = (c: SewCase) =>
  c.isWoven && c.gsm >= 270 && !c.is('pile') && !c.isMostly('felts') && c.body !== 'fluid' && c.body !== 'soft'

/** Which point; limits from memory. */
export const POINT_RULES: readonly Rule<NeedlePoint>[] = [
  {
    id: 'point-universal',
    when: () => true,
    gives: 'universal',
    text: 'A universal point works for most woven fabrics.',
    safety: 0,
  },
  {
    id: 'point-sharp-fine',
    when: (c) => c.isFineAndClose,
    gives: 'sharp',
    text: 'A new sharp point goes between fine close threads instead of pulling them.',
    safety: 3,
    school: 'needle',
  },
  {
    id: 'point-universal-picked',
    when: (c) => c.schools.needle === 'universal' && c.isFineAndClose && !c.isMostly('silken'),
    gives: 'universal',
    text: 'A fine universal point, your preference on limp fabric; use a new one.',
    safety: 3.2,
    school: 'needle',
  },
  {
    id: 'point-sharp-film',
    when: (c) => c.isFilm,
    gives: 'sharp',
    text: 'A sharp point leaves a small clean hole in a film; every hole stays, so seam once.',
    safety: 4,
  },
  {
    id: 'point-leather-thick',
    when: (c) => c.isFauxLeather && c.gsm >= 450,
    gives: 'leather',
    text: 'Thick and leathery: a cutting point gets through it.',
    safety: 5,
  },
  {
    id: 'point-jeans',
    when: (c) => heavyPlant(c) || c.isOf('dense'),
    gives: 'jeans',
    text: 'Dense and heavy: the stiff slim point made for jeans goes through folds without bending.',
    safety: 3,
  },
  {
    id: 'point-ball-knit',
    when: (c) => c.isKnit,
    gives: 'ball-point',
    text: 'A rounded point slips between loops; a sharp one cuts them, and they run.',
    safety: 4,
  },
  {
    id: 'point-ball-net',
    when: (c) => c.isNet && !c.holds('elastic'),
    gives: 'ball-point',
    text: 'A fine rounded point pushes the threads of net aside.',
    safety: 2,
  },
  {
    id: 'point-stretch',
    when: (c) => (c.isKnit || c.isNet) && (c.holds('elastic') || c.stretch >= 60) && !c.is('bulky'),
    gives: 'stretch',
    text: 'Elastane springs back at the needle and stitches are skipped: a stretch point catches them.',
    safety: 6,
  },
  {
    id: 'point-stretch-woven',
    when: (c) => c.isWoven && c.stretch >= 25 && !heavyPlant(c),
    gives: 'stretch',
    text: 'Woven fabric that stretches this much skips stitches with any other point.',
    safety: 3.5,
  },
  ...swimPoints,
  ...materialPoints,
]

/** mm up to which a skin is sewn as a garment is. */
const THIN_SKIN_MM = 1.05

/** Which size, NM; limits from memory. The size that is safer is the finer one where holes show. */
export const SIZE_RULES: readonly Rule<Span>[] = [
  {
    id: 'size-very-light',
    when: (c) => c.gsm < 80,
    gives: [60, 70],
    text: phrase`Under ${inGsm(80)}: fine.`,
    safety: 0,
  },
  {
    id: 'size-light',
    when: (c) => c.gsm >= 80 && c.gsm < 130,
    gives: [70, 75],
    text: phrase`${inGsm(80, 130)}: fairly fine.`,
    safety: 0,
  },
  {
    id: 'size-middling',
    when: (c) => c.gsm >= 130 && c.gsm < 190,
    gives: [75, 80],
    text: phrase`${inGsm(130, 190)}: the usual size.`,
    safety: 0,
  },
  {
    id: 'size-firm',
    when: (c) => c.gsm >= 190 && c.gsm < 280,
    gives: [80, 90],
    text: phrase`${inGsm(190, 280)}: the usual size or one more.`,
    safety: 0,
  },
  {
    id: 'size-heavy',
    when: (c) => c.gsm >= 280 && c.gsm < 420,
    gives: [90, 100],
    text: phrase`From ${inGsm(280)}: strong enough not to bend.`,
    safety: 0,
  },
  {
    id: 'size-very-heavy',
    when: (c) => c.gsm >= 420,
    gives: [100, 110],
    text: phrase`From ${inGsm(420)}: the strongest, and hand-turned over thick crossings.`,
    safety: 0,
  },
  {
    id: 'size-silk',
    when: (c) => c.isMostly('silken') && c.gsm < 95 && c.isWoven,
    gives: [60, 70],
    text: 'Fine silk shows every hole: 60 to 70.',
    safety: 3,
  },
  {
    id: 'size-sheer',
    when: (c) => c.is('sheer') && c.gsm < 110,
    gives: [60, 70],
    text: 'Sheer: holes are seen from both sides.',
    safety: 2,
  },
  {
    id: 'size-fine-close',
    when: (c) => c.isFineAndClose && c.gsm >= 95 && c.gsm < 135,
    gives: [70, 70],
    text: 'Fine threads, close together: 70 is enough.',
    safety: 1,
    school: 'needle',
  },
  {
    id: 'size-knit-thick',
    when: (c) => c.isKnit && c.gsm >= 280 && !c.isFilm,
    gives: [80, 90],
    text: 'Thick knits are soft: a medium size parts their loops without holes.',
    safety: 2,
  },
  {
    id: 'size-pile',
    when: (c) => c.is('pile') && c.isWoven && c.gsm >= 190 && c.gsm < 420,
    gives: [80, 90],
    text: 'Pile counts in the weight, but the needle does not go through it.',
    safety: 1,
  },
  {
    id: 'size-velvet',
    when: (c) => c.isVelvety && c.isWoven && c.gsm < 330,
    gives: [70, 80],
    text: 'Velvet marks: finer than its weight suggests.',
    safety: 2,
  },
  {
    id: 'size-net',
    when: (c) => c.isNet && c.gsm >= 80,
    gives: [70, 75],
    text: 'Lace and net weigh little where the needle goes.',
    safety: 1,
  },
  {
    id: 'size-wool-thick',
    when: (c) => c.isMostly('felts') && c.gsm >= 420,
    gives: [90, 100],
    text: 'Thick wool is open for the needle: 90 to 100.',
    safety: 1,
  },
  {
    id: 'size-skin-thin',
    when: (c) => c.construction === 'hide' && c.mm <= THIN_SKIN_MM,
    gives: [80, 90],
    text: phrase`Up to ${inMm(1)} thick: 80 to 90.`,
    safety: 5,
  },
  {
    id: 'size-skin-thick',
    when: (c) => c.construction === 'hide' && c.mm > THIN_SKIN_MM,
    gives: [100, 110],
    text: phrase`More than ${inMm(1)} thick: 100 to 110.`,
    safety: 5,
  },
  {
    id: 'size-felted',
    when: (c) => (c.isFelted || c.isMostly('felts')) && c.gsm >= 280 && c.gsm < 420,
    gives: [80, 90],
    text: 'Wool is open for the needle: one size smaller than its weight suggests.',
    safety: 1,
  },
  ...swimSizes,
]

export interface NeedleAdvice extends Chosen<NeedlePoint> {
  nm: Span
  us: Span
}

/** The needle to begin with: the size by what it goes through, the point by how its threads lie. */
export function needleAdvice(c: SewCase): NeedleAdvice {
  const point = chooseSafest(POINT_RULES, c)
  const size = chooseSafest(SIZE_RULES, c)
  const has = needleSizes.filter(({ nm }) => nm >= c.machine.smallestNeedle)
  const atLeast = (nm: number) => Math.max(nm, has[0]?.nm ?? nm)
  const nm: Span = [atLeast(size.gives[0]), atLeast(size.gives[1])]
  const tooCoarse = nm[0] > size.gives[1]
  const short = tooCoarse ? ` Better ${size.gives[0]} to ${size.gives[1]}, worth buying.` : ''
  return {
    ...point,
    text: phrase`${point.text} ${size.text}${short}`,
    because: [...point.because, ...size.because],
    nm,
    us: [usOf(nm[0]), usOf(nm[1])],
  }
}

/** The US number of a size, or of the nearest. */
export function usOf(nm: number): number {
  return needleSizes.reduce((best, one) => (Math.abs(one.nm - nm) < Math.abs(best.nm - nm) ? one : best)).us
}
