import { hasMeltingPile } from '../fabric/handling'
import { materialCleaning, materialLayouts, materialSeams } from './materialRules'
import { bagOrder } from './kinds/bags'
import { corsetOrder, rainOrder } from './kinds/corsetAndRain'
import { costumeOrder } from './kinds/costume'
import { quiltingOrder } from './kinds/quilting'
import { isSwimOrLingerie, swimOrder } from './kinds/swim'
import { tailoringOrder } from './kinds/tailoring'
import { type Rule } from './rule'
import { type SewCase } from './sewCase'
import { inCelsius } from '../text/amounts'
import { phrase } from '../text/text'

const NECKED = [
  'shirt',
  'blouse',
  'tunic',
  'woven-tee',
  'camisole',
  'shirt-dress',
  'dress-fitted',
  'dress-fluid',
  'dress-fit-and-flare',
  'wrap-dress',
  'gown',
  'jumpsuit',
  'blazer',
  'waistcoat',
  'jacket-casual',
  'coat',
  'pyjamas',
  'dressing-gown',
  'kaftan',
  'nightdress',
  'vest-top',
  'doublet',
  'corset',
  'kimono-jacket',
  'dungarees',
] as const
const SKIRTED = [
  'skirt-a-line',
  'skirt-full',
  'skirt-tiered',
  'skirt-wrap',
  'dress-fluid',
  'wrap-dress',
  'gown',
  'cape',
  'cloak',
  'dress-fit-and-flare',
  'curtain',
  'stage-drape',
] as const
const hasCurves = (c: SewCase) => c.makes(...NECKED) || c.has('princess-seams', 'cowl', 'yoke', 'facings', 'circle')

/** What is done when, that would be too late afterwards. Rules fire in the order in which they are done. */
export const ORDER_RULES: readonly Rule<null>[] = [
  ...tailoringOrder.slice(0, 1),
  ...materialLayouts,
  ...materialSeams,
  {
    id: 'test-seam',
    when: () => true,
    gives: null,
    text: 'First sew a seam, a hem and a buttonhole on a scrap, with the needle and thread that you will use.',
    safety: 1,
  },
  {
    id: 'toile-first',
    when: (c) => c.has('close-fit', 'boning') || c.makes('dress-fitted', 'corset', 'blazer', 'gown'),
    gives: null,
    text: 'Make a test garment from cheap fabric first: check the fit before you cut.',
    safety: 1,
  },
  {
    id: 'chalk-right-side',
    when: (c) => !c.is('pile') && c.offer.coloured?.value !== 'printed' && !c.isFilm && !c.isOf('two-faced'),
    gives: null,
    text: 'Chalk the same side of every piece as you cut it: the sides look alike, but differ in another light.',
    safety: 1,
  },
  {
    id: 'one-way',
    when: (c) => c.is('pile') || c.offer.nap?.value === true,
    gives: null,
    text: 'All pieces one way: smooth downwards wears best, upwards looks deepest.',
    safety: 3,
    school: 'nap',
  },
  {
    id: 'staystitch',
    when: (c) => !c.isKnit && !c.isFelted && !c.isFilm && (hasCurves(c) || c.isLimp || c.is('frays')),
    gives: null,
    text: 'Staystitch necklines, armholes and every curve as soon as you cut them, before they hang.',
    safety: 2,
  },
  {
    id: 'stay-tape-knit',
    when: (c) => c.isKnit && !isSwimOrLingerie(c) && (c.stretch >= 15 || c.isLimp),
    gives: null,
    text: 'Sew tape (clear elastic or a strip of the knit) into shoulder seams, so that they don’t grow.',
    safety: 2,
  },
  {
    id: 'finish-edges-first',
    when: (c) => c.isWoven && c.is('frays') && c.gsm >= 130 && !c.is('sheer'),
    gives: null,
    text: 'Finish the edges of each piece before you sew it: it frays while you handle it.',
    safety: 2,
  },
  {
    id: 'clear-sequins',
    when: (c) => c.isOf('sequins'),
    gives: null,
    text: 'Take sequins off the allowances, with your eyes covered: they break needles and scratch.',
    safety: 2,
  },
  {
    id: 'interface-first',
    when: (c) => c.has('collar', 'cuffs', 'lapel', 'waistband', 'facings', 'placket', 'buttonholes', 'welt-pockets'),
    gives: null,
    text: 'Apply interfacing before you sew anything together; let it cool flat.',
    safety: 1,
  },
  {
    id: 'needle-new',
    when: (c) => c.isMelting || c.is('slippery') || c.isFilm,
    gives: null,
    text: 'Start with a new needle, and change it half-way: a burr pulls threads in smooth or dense fabric.',
    safety: 1,
  },
  {
    id: 'hold-threads',
    when: (c) => c.isWoven && c.gsm < 90,
    gives: null,
    text: 'Hold both thread ends at the start, and sew away from the edge: the machine pulls fine fabric in.',
    safety: 1,
  },
  {
    id: 'sew-with-pile',
    when: (c) => c.is('pile') && !c.isKnit,
    gives: null,
    text: 'Sew in the direction of the pile, stopping to lift the foot.',
    safety: 2,
  },
  {
    id: 'press-each-seam',
    when: (c) => !c.isFilm && c.care.ironDots > 0 && !c.isVelvety,
    gives: null,
    text: 'Press each seam flat, then open, before another crosses it.',
    safety: 1,
  },
  {
    id: 'open-seams-pile',
    when: (c) => c.isVelvety && c.care.ironDots > 0,
    gives: null,
    text:
      'Open each seam with your fingers, pile down on a towel or a needle board; a little steam from above at ' +
      'most.',
    safety: 2,
  },
  {
    id: 'open-seams-without-iron',
    when: (c) => c.isFilm || c.care.ironDots === 0,
    gives: null,
    text: 'Open each seam with your fingers or a seam roller, and topstitch or glue its allowances down.',
    safety: 2,
  },
  {
    id: 'grade-seams',
    when: (c) => c.is('bulky') || c.gsm >= 300,
    gives: null,
    text: 'Grade the allowances and clip the corners: thickness adds up at crossings.',
    safety: 1,
  },
  {
    id: 'sew-twice',
    when: (c) => !c.isFilm && (c.isStressed || c.has('pull-on', 'handles')),
    gives: null,
    text: 'Sew twice where there is strain: crotch, ends of pockets, handles; bars at their corners.',
    safety: 1,
  },
  ...tailoringOrder.slice(1),
  ...swimOrder,
  ...quiltingOrder,
  ...bagOrder,
  ...costumeOrder,
  ...corsetOrder,
  ...rainOrder,
  {
    id: 'hang-before-hem',
    when: (c) =>
      c.has('bias-cut', 'circle', 'cowl', 'godets', 'flounces', 'draped') ||
      (c.isLimp && (c.garment === undefined || c.makes(...SKIRTED))) ||
      (c.isKnit && c.makes(...SKIRTED)),
    gives: null,
    text: 'Let it hang a day (bias and limp fabric two) before you measure the hem: it drops.',
    safety: 3,
  },
  {
    id: 'wash-out-stabiliser',
    when: (c) => c.is('slippery') && c.care.washCelsius !== null && !c.isMostly('silken', 'felts'),
    gives: null,
    text: 'If you stiffened it, wash that out before you measure the hem.',
    safety: 0.5,
  },
]

/** What to be warned of. */
export const WARNING_RULES: readonly Rule<null>[] = [
  ...materialCleaning,
  {
    id: 'pins-leave-holes',
    when: (c) => c.isFilm || (c.isMostly('silken') && c.isWoven && c.gsm < 90) || c.isOf('pins-mark'),
    gives: null,
    text: 'Pins, and stitches that you undo, leave holes.',
    safety: 2,
  },
  {
    id: 'iron-melts',
    when: (c) =>
      c.construction !== 'hide' && ((c.care.ironDots <= 1 && c.isMelting) || c.isFilm || hasMeltingPile(c.offer)),
    gives: null,
    text: 'A hot iron melts or glazes it: start cool, on a scrap. Hot irons and steam burn skin too.',
    safety: 4,
  },
  {
    id: 'iron-shrinks-skin',
    when: (c) => c.construction === 'hide',
    gives: null,
    text: phrase`Heat and steam shrink a skin for good, from about ${inCelsius(60)}. Keep the iron away.`,
    safety: 4,
  },
  {
    id: 'iron-felts',
    when: (c) => c.isMostly('felts') && !c.isFilm,
    gives: null,
    text:
      'A hot or sliding iron scorches wool, makes it shine and felts it: two dots, steam, a press ' +
      'cloth, and lift.',
    safety: 3,
  },
  {
    id: 'water-spots',
    when: (c) => c.isMostly('silken') || c.holds('dulls-in-heat') || c.isOf('water-spots'),
    gives: null,
    text: 'Drops of water leave rings.',
    safety: 2,
  },
  {
    id: 'weak-when-wet',
    when: (c) => c.isMostly('weak-when-wet'),
    gives: null,
    text: 'Weak and heavy when wet: never hang or wring it wet.',
    safety: 3,
  },
  {
    id: 'curls',
    when: (c) => c.is('curls'),
    gives: null,
    text: 'Its edges roll: starch spray (with the window open) or a wide allowance helps.',
    safety: 1,
  },
  {
    id: 'frays-away',
    when: (c) => c.is('frays') && c.isWoven,
    gives: null,
    text: 'It frays while you work: use wide allowances, finish early, and clip no further than you must.',
    safety: 2,
  },
  {
    id: 'grows-on-bias',
    when: (c) => c.has('bias-cut'),
    gives: null,
    text: 'Bias edges grow: lay each piece flat, and don’t let it hang from the machine.',
    safety: 1,
  },
  {
    id: 'snags',
    when: (c) => c.isNet || c.is('slippery') || c.isOf('snags'),
    gives: null,
    text: 'Snags on rings, nails and rough tables.',
    safety: 1,
  },
  {
    id: 'sheds',
    when: (c) => c.is('pile') || c.isOf('sheds-when-cut'),
    gives: null,
    text: 'Cut edges shed: clean the machine afterwards; wear a dust mask where there is a lot.',
    safety: 1,
  },
  {
    id: 'creeps',
    when: (c) => c.is('pile') && !c.machine.walkingFoot,
    gives: null,
    text: 'One layer creeps along the other: tack, sew slowly, lift the foot now and then.',
    safety: 2,
  },
  {
    id: 'shrinks-later',
    when: (c) => c.offer.washed !== true && !c.isFilm && c.isMostly('shrinks-first'),
    gives: null,
    text: 'Not washed yet, as far as we know: wash or steam it before you cut.',
    safety: 3,
  },
  {
    id: 'needle-too-coarse',
    when: (c) => c.gsm < 95 && c.machine.smallestNeedle > 70,
    gives: null,
    text: 'Your finest needle is too coarse for this: buy a 60 or 70 first.',
    safety: 2,
  },
  {
    id: 'flame-near',
    when: (c) =>
      (c.makes('nightdress', 'pyjamas', 'dressing-gown', 'tutu', 'stage-drape') && c.isMostly('flares-up')) ||
      (c.isNet && c.makes('tutu')),
    gives: null,
    text:
      'Brushed or open plant fabric flares up near a flame: the nightwear and stage rules where you ' +
      'live decide.',
    safety: 4,
  },
  {
    id: 'weight-guessed',
    when: (c) => !c.isWeighed,
    gives: null,
    text: 'Its weight is not known: needle, stitch and interfacing are for a medium fabric. Weigh it.',
    safety: 1,
  },
  {
    id: 'blades-and-needles',
    when: () => true,
    gives: null,
    text:
      'Cut away from your body, and close blades when you put them down; no pins in your mouth; sew ' +
      'slowly over pins and thick places: a broken needle flies. The machine’s own instructions come ' +
      'first.',
    safety: 0,
  },
]
