import { type Sign } from './signs'

/**
 * Signs that a direction is the warp; common practice, the weights are ours. A is chalked along one set of threads, B
 * along the other.
 */
export const warpSigns: readonly Sign[] = [
  {
    id: 'selvedge',
    question: 'Which runs with a selvedge?',
    how: 'A firm finished edge, often with pinholes, runs with the warp.',
    odds: 1000,
  },
  {
    id: 'give',
    question: 'Which gives less?',
    how: 'Pull along the threads, not across the corner: the warp gives less.',
    odds: 6,
  },
  {
    id: 'snap',
    question: 'Which rings higher when it is snapped taut?',
    how: 'Hold it by two hands’ breadth, slack, and jerk it taut: the warp rings, the weft thuds.',
    odds: 4,
  },
  {
    id: 'reed',
    question: 'Which has fine straight lines between its threads?',
    how: 'Against the light: marks of the reed run with the warp.',
    odds: 5,
  },
  {
    id: 'count',
    question: 'Which has more threads to the centimetre?',
    how: 'Count both, or use the loupe: most cloths have more ends than picks.',
    odds: 2.5,
  },
  {
    id: 'yarn',
    question: 'Which has the smoother, stronger yarn?',
    how: 'Pull a thread of each and break it: the warp had to stand the loom.',
    odds: 2,
  },
  {
    id: 'stripe',
    question: 'Which do woven stripes run along?',
    how: 'Stripes and cords mostly run with the warp.',
    odds: 2.5,
  },
]
