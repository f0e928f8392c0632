import { idsOf } from './words'

/** The steps of a project, in the order of the work. */
export const STEP_WORDS = {
  cloth: { title: 'Fabric', asks: 'Which fabrics do you use?' },
  enough: { title: 'Enough', asks: 'Is there enough of it?' },
  buy: { title: 'Buy', asks: 'What do you need to buy?' },
  prepare: { title: 'Prepare', asks: 'Is everything washed, pressed and straight?' },
  cut: { title: 'Cut', asks: 'Is it cut and marked?' },
  sew: { title: 'Sew', asks: 'Is it sewn?' },
  done: { title: 'Done', asks: 'How did it turn out?' },
} as const
export type MakingStep = keyof typeof STEP_WORDS
export const MAKING_STEPS = idsOf(STEP_WORDS)

/** How a finished thing wore and washed. */
export const WEAR_WORDS = {
  well: 'it wears well',
  creased: 'creased more than I liked',
  pilled: 'pilled',
  faded: 'faded',
  shrank: 'shrank',
  grew: 'grew in wear',
  sheer: 'turned out see-through',
  stiff: 'hung too stiffly',
  limp: 'hung too limply',
  hot: 'too warm to wear',
  cold: 'too thin to wear',
  scratched: 'scratched on the skin',
} as const
export type Wear = keyof typeof WEAR_WORDS
export const WEARS = idsOf(WEAR_WORDS)

/** Feet of a sewing machine, beside the one that it came with. */
export const FOOT_WORDS = {
  walking: 'walking foot',
  'non-stick': 'non-stick foot',
  straight: 'straight-stitch foot and plate',
  'rolled-hem': 'rolled-hem foot',
  'blind-hem': 'blind-hem foot',
  zip: 'zip foot',
  buttonhole: 'buttonhole foot',
} as const
export type Foot = keyof typeof FOOT_WORDS
export const FEET = idsOf(FOOT_WORDS)

/** Which of several projects comes first where they share the hours. */
export const PRIORITIES = ['first', 'usual', 'later'] as const
export type Priority = (typeof PRIORITIES)[number]

/** As they are offered. */
export const PRIORITY_WORDS: Readonly<Record<Priority, string>> = {
  first: 'before the others',
  usual: 'as usual',
  later: 'when there is time',
}
