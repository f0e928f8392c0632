import { corsetHems } from './kinds/corsetAndRain'
import { quiltingHems, quiltingSeams } from './kinds/quilting'
import { isSwimOrLingerie } from './kinds/swim'
import { toileSeams } from './kinds/toile'
import { HEM_WORDS, SEAM_WORDS, type HemId, type SeamId } from './seamWords'
import { rankByPoints, type Points, type Rule } from './rule'
import { type SewCase } from './sewCase'

const noNeedToFinish = (c: SewCase) => c.isFelted || c.isFilm || c.isNet

export const SEAM_RULES: readonly Rule<Points<SeamId>>[] = [
  {
    id: 'seam-french-sheer',
    when: (c) => c.isWoven && c.is('sheer') && !c.isFilm,
    gives: { french: 9, bound: 2, 'flat-felled': 2 },
    text: 'every edge shows through sheer cloth: this hides it.',
    safety: 3,
  },
  {
    id: 'seam-french-light',
    when: (c) => c.isWoven && c.gsm < 120 && !c.is('pile', 'coated') && !c.isLined,
    gives: { french: 7, 'flat-felled': 1 },
    text: 'light enough to enclose its own edges; strong, and fine on the skin.',
    safety: 2,
  },
  {
    id: 'seam-not-french-thick',
    when: (c) => c.gsm > 190 || c.is('pile', 'bulky', 'coated') || c.isKnit || c.isFelted,
    gives: { french: -20 },
    text: 'four layers of this are a ridge.',
    safety: 3,
  },
  {
    id: 'seam-french-frays',
    when: (c) => c.isWoven && c.is('frays') && c.gsm <= 150 && !c.isLined,
    gives: { french: 3, overlocked: 2, bound: 1 },
    text: 'it frays: an enclosed edge cannot.',
    safety: 2,
  },
  {
    id: 'seam-overlocked',
    when: (c) => c.machine.overlocker && !noNeedToFinish(c) && !c.is('sheer'),
    gives: { overlocked: 6, zigzag: 2 },
    text: 'quick and flat, trimmed as it is sewn.',
    safety: 1,
  },
  {
    id: 'seam-zigzag-no-overlocker',
    when: (c) => !c.machine.overlocker && !noNeedToFinish(c) && !c.is('sheer'),
    gives: { zigzag: 6, bound: 1 },
    text: 'without an overlocker: stitched inside the edge, then trimmed to it.',
    safety: 1,
  },
  {
    id: 'seam-no-overlocker',
    when: (c) => !c.machine.overlocker,
    gives: { overlocked: -20 },
    text: 'there is none.',
    safety: 3,
  },
  {
    id: 'seam-overlocked-knit',
    when: (c) => c.isKnit && !c.isFilm,
    gives: { overlocked: 4, zigzag: 3 },
    text: 'gives with the knit and lies flat.',
    safety: 2,
  },
  {
    id: 'seam-knit-raw',
    when: (c) => c.isKnit && (c.is('bulky') || c.stretch < 20),
    gives: { plain: 3 },
    text: 'a knit does not fray; thick ones lie flattest so.',
    safety: 1,
  },
  {
    id: 'seam-felled-stressed',
    when: (c) =>
      c.isStressed &&
      c.isWoven &&
      !c.is('pile', 'coated') &&
      !c.isLined &&
      !c.isMostly('wool', 'hair') &&
      c.body !== 'fluid' &&
      c.gsm < 480,
    gives: { 'flat-felled': 8 },
    text: 'sewn twice with no edge to wear: for what is pulled and washed hard.',
    safety: 2,
  },
  {
    id: 'seam-felled-heavy-plant',
    when: (c) => c.calls('denim', 'denim-heavy', 'denim-shirt', 'duck', 'canvas', 'drill', 'chino') && !c.isLined,
    gives: { 'flat-felled': 6 },
    text: 'what such cloth has always been sewn with.',
    safety: 1,
  },
  {
    id: 'seam-felled-shirt',
    when: (c) => c.makes('shirt', 'shirt-dress', 'pyjamas') && c.isWoven && c.gsm < 220 && !c.is('sheer', 'slippery'),
    gives: { 'flat-felled': 8, french: 3 },
    text: 'clean on both sides, and strong: a shirt’s own seam.',
    safety: 1,
  },
  {
    id: 'seam-bound-jacket',
    when: (c) => c.isUnlinedJacket && c.isWoven && c.gsm >= 160 && !c.isFilm,
    gives: { bound: 9 },
    text: 'an unlined jacket is seen inside: bound in silk or cotton lawn.',
    safety: 2,
  },
  {
    id: 'seam-bound-heavy-frays',
    when: (c) => c.isWoven && c.is('frays') && c.gsm >= 200 && !c.isLined,
    gives: { bound: 4, overlocked: 2, zigzag: 1 },
    text: 'heavy and fraying: a binding holds what stitches would let slip.',
    safety: 1,
  },
  {
    id: 'seam-lined',
    when: (c) => c.isLined && c.isWoven,
    gives: { plain: 4, pinked: 4, french: -4, bound: -6, 'flat-felled': -2 },
    text: 'under a lining nothing rubs it: flat is better than finished.',
    safety: 2,
  },
  {
    id: 'seam-lined-frays',
    when: (c) => c.isLined && c.is('frays'),
    gives: { overlocked: 4, zigzag: 3, plain: -6, pinked: -3 },
    text: 'it frays even under a lining: finished thinly.',
    safety: 3,
  },
  {
    id: 'seam-pinked-firm',
    when: (c) =>
      c.isWoven && !c.is('frays', 'sheer', 'coated') && (c.isLined || c.makes('cushion', 'toile', 'curtain')),
    gives: { pinked: 3 },
    text: 'firm and hardly fraying: zigzag-cut edges are enough out of sight.',
    safety: 0.5,
  },
  {
    id: 'seam-film',
    when: (c) => c.isFilm,
    gives: { plain: 8, lapped: 7, overlocked: -9, zigzag: -9, 'flat-felled': -9, bound: 2 },
    text: 'it does not fray; topstitch its allowances or glue them down, since it cannot be pressed flat.',
    safety: 4,
  },
  {
    id: 'seam-felted',
    when: (c) => c.isFelted,
    gives: { plain: 7, lapped: 6, pinked: 1 },
    text: 'milled cloth does not fray: pressed open and catch-stitched, or lapped raw.',
    safety: 3,
  },
  {
    id: 'seam-net',
    when: (c) => c.isNet && !c.is('coated'),
    gives: { plain: 5, zigzag: 4, overlocked: 1 },
    text: 'nothing to fray: two close rows, trimmed to the second.',
    safety: 2,
  },
  {
    id: 'seam-lace-narrow',
    when: (c) => c.calls('lace', 'sequin-net'),
    gives: { zigzag: 5, french: 2 },
    text: 'a narrow zigzag along a motif, trimmed: hardly to be seen.',
    safety: 1,
  },
  {
    id: 'seam-pile',
    when: (c) => c.is('pile') && c.isWoven,
    gives: { overlocked: 2, zigzag: 2, bound: 2, 'flat-felled': -9 },
    text: 'pile sheds and creeps: finished singly and pressed open.',
    safety: 2,
  },
  {
    id: 'seam-children-and-beds',
    when: (c) => c.makes('duvet-cover', 'pillowcase') && c.isWoven,
    gives: { french: 6, 'flat-felled': 3 },
    text: 'washed hot and often: no raw edge inside.',
    safety: 1,
  },
  ...quiltingSeams,
  ...toileSeams,
  ...(['overlocked', 'zigzag', 'french', 'flat-felled', 'bound', 'pinked'] as const).map(
    (id): Rule<Points<SeamId>> => ({
      id: `seam-${id}-picked`,
      when: (c) => c.schools.seam === id,
      gives: { [id]: 5 },
      text: 'as you like it.',
      safety: 1,
      school: 'seam',
    }),
  ),
]

export const seamChoices = (c: SewCase) => rankByPoints(SEAM_RULES, c, SEAM_WORDS)

export const HEM_RULES: readonly Rule<Points<HemId>>[] = [
  {
    id: 'hem-any',
    when: (c) => !c.isFilm && !c.isNet,
    gives: { double: 1, 'single-blind': 1 },
    text: 'does for most.',
    safety: 0,
  },
  {
    id: 'hem-rolled-sheer',
    when: (c) => c.isWoven && (c.is('sheer') || c.gsm < 65) && !c.isFilm,
    gives: { rolled: 9, 'narrow-double': 6, double: -2 },
    text: 'a hem shows through sheer cloth: as little of it as can be.',
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
    text: 'a curved or bias edge takes only a narrow turn, or a facing.',
    safety: 3,
  },
  {
    id: 'hem-light-crisp',
    when: (c) => c.isWoven && !c.isLimp && c.gsm < 190 && !c.is('pile', 'coated', 'sheer'),
    gives: { double: 5, 'narrow-double': 6, 'single-blind': 2 },
    text: 'folds sharply and holds its press: turned twice.',
    safety: 1,
  },
  {
    id: 'hem-limp-middling',
    when: (c) => c.isWoven && c.isLimp && c.gsm >= 130 && !c.is('pile'),
    gives: { 'single-blind': 6, 'narrow-double': 4 },
    text: 'falls from its weight: one turn, blind, leaves no ridge.',
    safety: 1,
    school: 'hem',
  },
  {
    id: 'hem-middling',
    when: (c) => c.isWoven && c.gsm >= 190 && c.gsm < 300 && !c.is('pile', 'coated'),
    gives: { double: 4, 'single-blind': 5 },
    text: 'middling cloth: one turn blind for dress, two topstitched for work.',
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
    when: (c) => c.isMostly('wool', 'hair') && c.isWoven && c.gsm >= 150,
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
    when: (c) => c.isWoven && c.gsm >= 300 && !c.isMostly('wool', 'hair') && !c.is('pile', 'coated') && c.gsm < 480,
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
    text: 'cords and towelling bear topstitching; one turn is flatter.',
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
    text: 'milled cloth does not fray: cut clean and left, or one turn.',
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
    text: 'as you like it on limp cloth.',
    safety: 1,
    school: 'hem',
  })),
]

export const hemChoices = (c: SewCase) => rankByPoints(HEM_RULES, c, HEM_WORDS)
