import { quiltingSeams } from './kinds/quilting'
import { toileSeams } from './kinds/toile'
import { SEAM_WORDS, type SeamId } from './seamWords'
import { rankByPoints, type Points, type Rule } from './rule'
import { type SewCase } from './sewCase'

const noNeedToFinish = (c: SewCase) => c.isFelted || c.isFilm || c.isNet

export const SEAM_RULES: readonly Rule<Points<SeamId>>[] = [
  {
    id: 'seam-french-sheer',
    when: (c) => c.isWoven && c.is('sheer') && !c.isFilm,
    gives: { french: 9, bound: 2, 'flat-felled': 2 },
    text: 'every edge shows through sheer fabric: this hides it.',
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
    text: 'quick and flat, trimmed as you sew.',
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
    text: 'stretches with the knit and lies flat.',
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
      !c.isMostly('felts') &&
      c.body !== 'fluid' &&
      c.gsm < 480,
    gives: { 'flat-felled': 8 },
    text: 'sewn twice with no edge to wear: for strain and hot washes.',
    safety: 2,
  },
  {
    id: 'seam-felled-heavy-plant',
    when: (c) => c.isOf('workwear') && !c.isLined,
    gives: { 'flat-felled': 6 },
    text: 'the traditional seam for such fabric.',
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
    text: 'nothing rubs it under a lining: flat is better than finished.',
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
    text: 'it does not fray; topstitch its allowances or glue them down, since you can’t press it flat.',
    safety: 4,
  },
  {
    id: 'seam-felted',
    when: (c) => c.isFelted,
    gives: { plain: 7, lapped: 6, pinked: 1 },
    text: 'milled fabric does not fray: pressed open and catch-stitched, or lapped raw.',
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
    when: (c) => c.isOf('lacy'),
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
      text: 'your preference.',
      safety: 1,
      school: 'seam',
    }),
  ),
]

export const seamChoices = (c: SewCase) => rankByPoints(SEAM_RULES, c, SEAM_WORDS)
