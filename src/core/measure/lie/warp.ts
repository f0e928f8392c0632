import { type Sign } from './signs'

/**
 * Signs that a direction is the warp; common practice, the weights are ours. A is chalked along one set of threads, B
 * along the other.
 */
export const warpSigns: readonly Sign[] = [
  {
    id: 'selvedge',
    question: 'Which one runs along a selvedge?',
    how: 'A firm finished edge, often with pinholes, runs with the warp.',
    odds: 1000,
  },
  {
    id: 'give',
    question: 'Which one stretches less?',
    how: 'Pull along the threads, not across the corner: the warp stretches less.',
    odds: 6,
  },
  {
    id: 'snap',
    question: 'Which one rings higher when you snap it taut?',
    how: 'Hold it with your hands a little apart, slack, and jerk it taut: the warp rings, the weft thuds.',
    odds: 4,
  },
  {
    id: 'reed',
    question: 'Which one has fine straight lines between its threads?',
    how: 'Against the light: marks of the reed run along the warp.',
    odds: 5,
  },
  {
    id: 'count',
    question: 'Which one has more threads per cm?',
    how: 'Count both, or use the thread counter: most fabrics have more warp threads than weft threads.',
    odds: 2.5,
  },
  {
    id: 'yarn',
    question: 'Which one has the smoother, stronger yarn?',
    how: 'Pull a thread of each and break it: the warp had to be strong on the loom.',
    odds: 2,
  },
  {
    id: 'stripe',
    question: 'Along which one do woven stripes run?',
    how: 'Stripes and cords usually run along the warp.',
    odds: 2.5,
  },
]
