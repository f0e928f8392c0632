import { BODIES, OPACITIES } from './cloth'
import { idsOf } from './words'

/** What of a cloth is guessed by hand or by eye. */
export const GUESS_WORDS = {
  gsm: { title: 'Weight', asks: 'How heavy is it?', how: 'Hold it folded over the hand, then let it hang.' },
  stretch: {
    title: 'Stretch across',
    asks: 'How far does it give?',
    how: 'Pull a hand’s breadth, softly, and let go.',
  },
  width: { title: 'Width', asks: 'How wide is it?', how: 'Hold it out between the hands: an arm-span is a measure.' },
  length: { title: 'Length', asks: 'How long is it?', how: 'In arm-spans along the edge, or by its folds.' },
  body: { title: 'How it falls', asks: 'How does it fall?', how: 'Hold it by one corner, and shake it once.' },
  opacity: { title: 'What shows through', asks: 'What shows through?', how: 'One layer over the hand, by daylight.' },
} as const
export type Guessed = keyof typeof GUESS_WORDS
export const GUESSED = idsOf(GUESS_WORDS)

/** What is guessed in steps, and not in figures: its steps in their order. */
export const GUESS_STEPS: Readonly<Partial<Record<Guessed, readonly string[]>>> = { body: BODIES, opacity: OPACITIES }
