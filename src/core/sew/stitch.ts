import { quiltingLengths } from './kinds/quilting'
import { swimStitches } from './kinds/swim'
import { toileLengths } from './kinds/toile'
import { materialFeet, materialLengths } from './materialRules'
import { chooseSafest, type Chosen, type Rule } from './rule'
import { type SewCase } from './sewCase'
import { stitchLengthMm, stitchWidthMm } from '../text/amounts'
import { phrase } from '../text/text'

export type StitchKind = 'straight' | 'narrow-zigzag' | 'stretch'
export const STITCH_KINDS: readonly StitchKind[] = ['straight', 'narrow-zigzag', 'stretch']

export const STITCH_RULES: readonly Rule<StitchKind>[] = [
  { id: 'stitch-straight', when: () => true, gives: 'straight', text: 'A straight stitch.', safety: 0 },
  {
    id: 'stitch-zigzag-knit',
    when: (c) => c.isKnit && c.stretch >= 10,
    gives: 'narrow-zigzag',
    text: phrase`A narrow zigzag (about ${stitchWidthMm(0.5)} wide) stretches with the knit; a straight seam
      would snap.`,
    safety: 2,
  },
  {
    id: 'stitch-zigzag-woven',
    when: (c) => !c.isKnit && !c.isNet && c.stretch >= 30,
    gives: 'narrow-zigzag',
    text: 'It stretches: a narrow zigzag where the seam has to stretch.',
    safety: 2,
  },
  {
    id: 'stitch-straight-film',
    when: (c) => c.isFilm,
    gives: 'straight',
    text: 'A straight stitch: a zigzag cuts it in two.',
    safety: 5,
  },
  {
    id: 'stitch-zigzag-bias',
    when: (c) => c.has('bias-cut') && !c.isKnit,
    gives: 'narrow-zigzag',
    text: 'Seams along the bias drop: the narrowest zigzag allows this.',
    safety: 1,
  },
  {
    id: 'stitch-stretch',
    when: (c) => c.isKnit && (c.stretch >= 60 || (c.holds('elastic') && c.stretch >= 30)),
    gives: 'stretch',
    text: 'It stretches far: a stretch stitch or the overlocker, so that no seam cracks.',
    safety: 3,
  },
  ...swimStitches,
]

export const LENGTH_RULES: readonly Rule<readonly [number, number]>[] = [
  {
    id: 'length-light',
    when: (c) => c.gsm < 150,
    gives: [2, 2.5],
    text: phrase`${stitchLengthMm(2, 2.5)} on light fabric.`,
    safety: 0,
  },
  {
    id: 'length-middling',
    when: (c) => c.gsm >= 150 && c.gsm < 280,
    gives: [2.5, 3],
    text: phrase`${stitchLengthMm(2.5, 3)} on medium fabric.`,
    safety: 0,
  },
  {
    id: 'length-heavy',
    when: (c) => c.gsm >= 280,
    gives: [3, 3.5],
    text: phrase`${stitchLengthMm(3, 3.5)} on heavy fabric.`,
    safety: 0,
  },
  {
    id: 'length-fine',
    when: (c) => c.gsm < 75 || (c.isMostly('silken') && c.gsm < 95) || (c.is('sheer') && c.gsm < 110),
    gives: [1.5, 2],
    text: phrase`Short stitches (${stitchLengthMm(1.5, 2)}) keep a fine seam from puckering.`,
    safety: 3,
  },
  {
    id: 'length-film',
    when: (c) => c.isFilm,
    gives: [3, 4],
    text: 'Long stitches: close holes tear it like the edge of a stamp.',
    safety: 5,
  },
  {
    id: 'length-knit',
    when: (c) => c.isKnit && c.gsm < 280,
    gives: [2.5, 3],
    text: phrase`${stitchLengthMm(2.5, 3)} on knits: shorter ones make it wavy.`,
    safety: 2,
  },
  {
    id: 'length-pile',
    when: (c) => c.is('pile') && !c.is('bulky') && c.gsm < 420,
    gives: [2.5, 3],
    text: 'Stitches sink into pile: a little longer.',
    safety: 2,
  },
  {
    id: 'length-bulky',
    when: (c) => c.is('bulky'),
    gives: [3, 3.5],
    text: 'Stitches sink into loft: a longer one.',
    safety: 2,
  },
  ...quiltingLengths,
  ...toileLengths,
  ...materialLengths,
]

export interface StitchAdvice extends Chosen<StitchKind> {
  mm: readonly [number, number]
}

/** Kind and length of the seam's stitch. */
export function stitchAdvice(c: SewCase): StitchAdvice {
  const kind = chooseSafest(STITCH_RULES, c)
  const length = chooseSafest(LENGTH_RULES, c)
  return {
    ...kind,
    mm: length.gives,
    text: phrase`${kind.text} ${length.text}`,
    because: [...kind.because, ...length.because],
  }
}

export const FOOT_RULES: readonly Rule<string>[] = [
  { id: 'foot-standard', when: () => true, gives: 'standard', text: 'The standard foot.', safety: 0 },
  {
    id: 'foot-straight-plate',
    when: (c) => c.is('sheer', 'delicate') && c.isWoven && c.gsm < 90,
    gives: 'straight-stitch',
    text:
      'A straight-stitch foot and plate, or a scrap of tissue under the start: the machine pulls ' +
      'fine fabric into the hole.',
    safety: 2,
  },
  {
    id: 'foot-walking',
    when: (c) => (c.is('pile', 'bulky') || c.has('quilted-layers')) && c.machine.walkingFoot,
    gives: 'walking',
    text: 'The walking foot: layers creep along one another.',
    safety: 3,
  },
  {
    id: 'foot-walking-matching',
    when: (c) => (c.offer.repeatMm ?? 0) > 0 && c.machine.walkingFoot,
    gives: 'walking',
    text: 'The walking foot keeps stripes and checks together.',
    safety: 1,
  },
  {
    id: 'foot-no-walking',
    when: (c) => (c.is('pile', 'bulky') || c.has('quilted-layers')) && !c.machine.walkingFoot,
    gives: 'standard',
    text:
      'Without a walking foot: use less presser foot pressure, and tack by hand first. The walking ' +
      'foot is worth buying.',
    safety: 3,
  },
  {
    id: 'foot-non-stick',
    when: (c) => c.isFilm,
    gives: 'non-stick',
    text: 'A non-stick foot, or a strip of paper over the fabric: a film sticks to metal.',
    safety: 5,
  },
  {
    id: 'foot-light-pressure-knit',
    when: (c) => c.isKnit && !c.is('bulky', 'pile'),
    gives: 'standard',
    text: 'The standard foot with less pressure, so that the knit does not grow.',
    safety: 2,
  },
  ...materialFeet,
]

export const TENSION_RULES: readonly Rule<string>[] = [
  { id: 'tension-usual', when: () => true, gives: 'usual', text: 'Normal tension; sew a scrap first.', safety: 0 },
  {
    id: 'tension-looser-fine',
    when: (c) => c.gsm < 95 && c.isWoven,
    gives: 'looser',
    text: 'Slightly lower upper tension: tight thread gathers fine fabric.',
    safety: 2,
  },
  {
    id: 'tension-looser-stretch',
    when: (c) => c.isKnit || c.stretch >= 15,
    gives: 'looser',
    text: 'Slightly lower tension, so that the seam can stretch.',
    safety: 1,
  },
  {
    id: 'tension-firmer-thick',
    when: (c) => c.gsm >= 350 && c.isWoven && !c.is('pile'),
    gives: 'firmer',
    text: 'Slightly higher tension: thick fabric pushes the knot down.',
    safety: 1,
  },
]
