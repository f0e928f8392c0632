import { idsOf } from './words'

/** What is asked of a cloth in the hand beside its name. */
export const SIDE_ASKS = {
  warp: 'Which way does the warp (lengthwise grain) run?',
  face: 'Which is the right side (face)?',
  nap: 'Which way up does the pile run upwards?',
  grain: 'How does the weft run?',
  light: 'Against the light: what do you see?',
} as const
export type SideAsk = keyof typeof SIDE_ASKS

/** What can be answered, in plain words. */
export const SIDE_CHOICE_WORDS = {
  'up-and-down': 'up and down the picture',
  across: 'from side to side',
  a: 'A',
  b: 'B',
  straight: 'straight across',
  skewed: 'straight, but one edge runs ahead (skewed)',
  bowed: 'in a curve (bowed)',
  whole: 'whole and even',
  thin: 'worn thin in a place',
  holes: 'holes (moths or snags)',
  line: 'a line of needle holes (let down or unpicked)',
} as const
export type SideChoice = keyof typeof SIDE_CHOICE_WORDS
export const SIDE_CHOICES = idsOf(SIDE_CHOICE_WORDS)

/** The choices of each question, in the order in which they stand. */
export const CHOICES_OF: Readonly<Record<SideAsk, readonly SideChoice[]>> = {
  warp: ['up-and-down', 'across'],
  face: ['a', 'b'],
  nap: ['a', 'b'],
  grain: ['straight', 'skewed', 'bowed'],
  light: ['whole', 'thin', 'holes', 'line'],
}
