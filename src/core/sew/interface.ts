import { interfacedPlaces } from './interfacingPlaces'
import { chooseSafest, type Rule } from './rule'
import { type SewCase } from './sewCase'
import { isLike } from '../fibres/traits'
import { inGsm } from '../text/amounts'
import { phrase } from '../text/text'

export const INTERFACING_KINDS: readonly Rule<'woven' | 'knit' | 'nonwoven'>[] = [
  {
    id: 'interfacing-woven',
    when: () => true,
    gives: 'woven',
    text: 'A woven one moves like woven fabric.',
    safety: 0,
  },
  {
    id: 'interfacing-knit',
    when: (c) => c.isKnit || c.stretch >= 10,
    gives: 'knit',
    text: 'A knitted one stretches with the fabric.',
    safety: 4,
  },
  {
    id: 'interfacing-knit-limp',
    when: (c) =>
      c.isWoven &&
      (c.body === 'fluid' || c.is('slippery')) &&
      c.care.ironDots >= 2 &&
      !c.isMostly('silken') &&
      !c.is('sheer'),
    gives: 'knit',
    text: 'A soft knitted one keeps the drape of limp fabric; use layers where it has to support more.',
    safety: 1,
    school: 'interfacing',
  },
  {
    id: 'interfacing-nonwoven-stiff',
    when: (c) => c.makes('bag', 'hat', 'rucksack', 'pouch', 'roman-blind'),
    gives: 'nonwoven',
    text: 'Where it only has to stand up, use a non-woven one.',
    safety: 5,
  },
]

export const ATTACH_RULES: readonly Rule<'fusible' | 'sew-in'>[] = [
  {
    id: 'attach-fusible',
    when: () => true,
    gives: 'fusible',
    text: 'Fusible, with a test snip first: heat, steam and ten seconds without sliding.',
    safety: 0,
    school: 'interfacing',
  },
  {
    id: 'attach-sew-in-picked',
    when: (c) => c.schools.interfacing === 'sew-in',
    gives: 'sew-in',
    text: 'Sew-in, your preference: nothing peels off in the wash.',
    safety: 4,
    school: 'interfacing',
  },
  {
    id: 'attach-sew-in-heat',
    // A few per cent of elastane are no hindrance: glue is pressed on, not ironed for long.
    when: (c) => c.care.ironDots <= 1 && (c.care.tenderest === null || !isLike(c.care.tenderest, 'elastic')),
    gives: 'sew-in',
    text: 'Sew-in: the glue needs more heat (two dots) than this fabric tolerates.',
    safety: 5,
  },
  {
    id: 'attach-sew-in-surface',
    when: (c) => c.is('pile', 'coated') || c.isOf('flattened-by-glue'),
    gives: 'sew-in',
    text: 'Sew-in: fusing flattens its surface.',
    safety: 4,
  },
  {
    id: 'attach-sew-in-sheer',
    when: (c) => c.is('sheer') || c.isNet,
    gives: 'sew-in',
    text: 'Sew-in (silk organza or the fabric itself): glue shows through.',
    safety: 4,
  },
  {
    id: 'attach-sew-in-silk',
    when: (c) => c.isMostly('silken'),
    gives: 'sew-in',
    text: 'Sew-in: silk organza supports silk without changing its handle.',
    safety: 3,
  },
]

/** Where stiffness is wanted an interfacing may weigh more than its cloth: so many times as much. From memory. */
const STIFFER = 1.6

/** What holds its collar, cuffs and closures, and how heavy that may be. */
export function interfacingAdvice(c: SewCase) {
  const kind = chooseSafest(INTERFACING_KINDS, c)
  const attach = chooseSafest(ATTACH_RULES, c)
  const maxGsm = Math.round(c.gsm * (c.isStiffWanted ? STIFFER : 1))
  const limit = c.isStiffWanted
    ? phrase`Up to ${inGsm(maxGsm)}: here it may be heavier than the fabric, since it has to stand up.`
    : phrase`A third to a half of the fabric’s weight for most parts
      (${inGsm(Math.round(c.gsm / 3), Math.round(c.gsm / 2))}), never heavier than the fabric, ${inGsm(maxGsm)}.`
  const weighed = c.isWeighed ? '' : ' The fabric’s weight is estimated: weigh it.'
  return {
    maxGsm,
    places: interfacedPlaces(c, { construction: kind.gives, attach: attach.gives }),
    construction: kind.gives,
    attach: attach.gives,
    text: phrase`${limit} ${kind.text} ${attach.text}${weighed}`,
    because: ['interfacing-no-heavier', ...kind.because, ...attach.because],
    others: [...kind.others, ...attach.others],
  }
}
