import { corsetHems } from './kinds/corsetAndRain'
import { quiltingHems } from './kinds/quilting'
import { isSwimOrLingerie } from './kinds/swim'
import { rankByPoints, type Points, type Rule } from './rule'
import { HEM_WORDS, type HemId } from './seamWords'
import { type SewCase } from './sewCase'

export const HEM_RULES: readonly Rule<Points<HemId>>[] = [
  {
    id: 'hem-any',
    when: (c) => !c.isFilm && !c.isNet,
    gives: { double: 1, 'single-blind': 1 },
    text: 'suits most fabrics.',
    safety: 0,
  },
  {
    id: 'hem-rolled-sheer',
    when: (c) => c.isWoven && (c.is('sheer') || c.gsm < 65) && !c.isFilm,
    gives: { rolled: 9, 'narrow-double': 6, double: -2 },
    text: 'a hem shows through sheer fabric: keep it as small as possible.',
    safety: 3,
  },
  {
    id: 'hem-limp-light',
    when: (c) => c.isWoven && c.isLimp && c.gsm < 130 && !c.is('pile'),
    gives: { 'narrow-double': 6, rolled: 5, 'single-blind': 2 },
    text: 'light and limp: narrow, so that it swings.',
    safety: 2,
    school: 'hem',
  },
  {
    id: 'hem-sweeping',
    when: (c) => c.isSweeping && c.isWoven && !c.isFilm,
    gives: { 'narrow-double': 5, rolled: 4, faced: 4, double: -4, 'deep-hand': -5 },
    text: 'a curved or bias edge works only with a narrow turn, or a facing.',
    safety: 3,
  },
  {
    id: 'hem-light-crisp',
    when: (c) => c.isWoven && !c.isLimp && c.gsm < 190 && !c.is('pile', 'coated', 'sheer'),
    gives: { double: 5, 'narrow-double': 6, 'single-blind': 2 },
    text: 'folds sharply and holds a crease: turned twice.',
    safety: 1,
  },
  {
    id: 'hem-limp-middling',
    when: (c) => c.isWoven && c.isLimp && c.gsm >= 130 && !c.is('pile'),
    gives: { 'single-blind': 6, 'narrow-double': 4 },
    text: 'a soft drape: a single blind turn leaves no ridge.',
    safety: 1,
    school: 'hem',
  },
  {
    id: 'hem-middling',
    when: (c) => c.isWoven && c.gsm >= 190 && c.gsm < 300 && !c.is('pile', 'coated'),
    gives: { double: 4, 'single-blind': 5 },
    text: 'medium fabric: one blind turn for dresses, two topstitched for work clothes.',
    safety: 1,
  },
  {
    id: 'hem-work',
    when: (c) => c.isStressed && c.isWoven && !c.isLimp && !c.is('coated', 'sheer', 'pile', 'slippery'),
    gives: { double: 6 },
    text: 'worn and washed hard: turned twice and topstitched.',
    safety: 2,
  },
  {
    id: 'hem-tailored',
    when: (c) => c.isMostly('felts') && c.isWoven && c.gsm >= 150,
    gives: { 'deep-hand': 7, 'single-blind': 5, double: -4 },
    text: 'wool hides hand stitches and hangs by a deep hem; can be let down.',
    safety: 2,
  },
  {
    id: 'hem-coat',
    when: (c) =>
      c.makes('coat', 'blazer', 'cloak', 'jacket-casual') && (c.isWoven || c.isFelted) && c.gsm >= 280 && !c.isFilm,
    gives: { 'deep-hand': 6, faced: 4, 'single-blind': 2, double: -8 },
    text: 'too thick to turn twice: one deep turn, caught by hand.',
    safety: 3,
  },
  {
    id: 'hem-heavy-plant',
    when: (c) => c.isWoven && c.gsm >= 300 && !c.isMostly('felts') && !c.is('pile', 'coated') && c.gsm < 480,
    gives: { double: 6, faced: 2, 'single-topstitched': 2 },
    text: 'heavy and firm: hammered flat, topstitched.',
    safety: 1,
  },
  {
    id: 'hem-very-thick',
    when: (c) => c.gsm >= 480 && !c.isFilm,
    gives: { faced: 7, 'single-topstitched': 4, double: -9 },
    text: 'a facing of something thinner: it will not fold twice.',
    safety: 3,
  },
  {
    id: 'hem-knit',
    when: (c) => c.isKnit && !c.is('bulky', 'pile', 'coated') && !isSwimOrLingerie(c),
    gives: { 'twin-needle': 8, 'single-blind': 2, banded: 3, 'narrow-double': -6, double: -6, rolled: -6 },
    text: 'one turn with two rows that give; test that it does not tunnel.',
    safety: 3,
  },
  {
    id: 'hem-swim',
    when: (c) => isSwimOrLingerie(c) && (c.isKnit || c.isNet),
    gives: { elastic: 12, 'single-blind': -20, double: -20, 'twin-needle': 2, 'deep-hand': -20, faced: -20 },
    text: 'every edge is turned over elastic and zigzagged, or bound with it.',
    safety: 4,
  },
  {
    id: 'hem-knit-thick',
    when: (c) => c.isKnit && c.is('bulky', 'pile'),
    gives: { 'single-topstitched': 5, banded: 5, 'twin-needle': 5, double: -8, raw: 2 },
    text: 'thick and soft: one turn, or a band of rib.',
    safety: 3,
  },
  {
    id: 'hem-knit-light-lettuce',
    when: (c) => c.isKnit && c.gsm < 150 && c.is('curls'),
    gives: { raw: 3 },
    text: 'its edge rolls by itself, if you like that.',
    safety: 0.5,
  },
  {
    id: 'hem-pile',
    when: (c) => c.isVelvety && c.isWoven,
    gives: { 'deep-hand': 7, faced: 5, 'single-blind': 5, double: -9, 'narrow-double': -9 },
    text: 'topstitching crushes pile: one turn by hand, or a facing of something smooth.',
    safety: 4,
  },
  {
    id: 'hem-cord',
    when: (c) => c.is('pile') && !c.isVelvety && c.isWoven,
    gives: { 'single-blind': 6, 'deep-hand': 4, double: 4, faced: 2 },
    text: 'cords and towelling can be topstitched; one turn is flatter.',
    safety: 2,
  },
  {
    id: 'hem-film',
    when: (c) => c.isFilm,
    gives: { 'single-topstitched': 7, raw: 6, faced: 4, double: -9, 'single-blind': -9, 'narrow-double': -9 },
    text: 'it neither frays nor presses: one turn, glued or topstitched, or left raw.',
    safety: 4,
  },
  {
    id: 'hem-felted',
    when: (c) => c.isFelted,
    gives: { raw: 6, 'single-topstitched': 5, 'deep-hand': 3 },
    text: 'milled fabric does not fray: cut clean and left, or one turn.',
    safety: 2,
  },
  {
    id: 'hem-net',
    when: (c) => c.isNet,
    gives: { raw: 8, rolled: 2 },
    text: 'net needs no hem; lace ends in its own edge.',
    safety: 2,
  },
  {
    id: 'hem-curtain',
    when: (c) => c.makes('curtain', 'stage-drape', 'roman-blind', 'tablecloth') && c.isWoven,
    gives: { double: 8, 'deep-hand': 3 },
    text: 'a deep double hem gives it weight to hang by.',
    safety: 2,
  },
  ...quiltingHems,
  ...corsetHems,
  ...(['single-blind', 'narrow-double', 'rolled'] as const).map((id): Rule<Points<HemId>> => ({
    id: `hem-${id}-picked`,
    when: (c) => c.schools.hem === id && c.isLimp,
    gives: { [id]: 5 },
    text: 'your preference on limp fabric.',
    safety: 1,
    school: 'hem',
  })),
]

export const hemChoices = (c: SewCase) => rankByPoints(HEM_RULES, c, HEM_WORDS)
