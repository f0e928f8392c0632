import { BODIES, OPACITIES } from './cloth'
import { idsOf } from './words'

/** What of a cloth is guessed by hand or by eye. */
export const GUESS_WORDS = {
  gsm: { title: 'Weight', asks: 'How heavy is it?', how: 'Hold it folded over the hand, then let it hang.' },
  stretch: {
    title: 'Stretch across',
    asks: 'How far does it stretch?',
    how: 'Stretch a hand’s width gently, and let go.',
  },
  width: {
    title: 'Width',
    asks: 'How wide is it?',
    how: 'Hold it out between your hands: use your arm span as a measure.',
  },
  length: { title: 'Length', asks: 'How long is it?', how: 'In arm spans along the edge, or by counting its folds.' },
  body: { title: 'Drape', asks: 'How does it fall?', how: 'Hold it by one corner, and shake it once.' },
  opacity: { title: 'Opacity', asks: 'What shows through?', how: 'One layer over your hand, in daylight.' },
} as const
export type Guessed = keyof typeof GUESS_WORDS
export const GUESSED = idsOf(GUESS_WORDS)

/** What is guessed in steps, and not in figures: its steps in their order. */
export const GUESS_STEPS: Readonly<Partial<Record<Guessed, readonly string[]>>> = { body: BODIES, opacity: OPACITIES }
