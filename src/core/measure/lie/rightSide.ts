import { type Sign } from './signs'

/** Signs that a side is the right one; common practice, the weights are ours. A is the side that lies up. */
export const rightSigns: readonly Sign[] = [
  { id: 'print', question: 'On which side is the print stronger?', how: 'Look at both in daylight.', odds: 50 },
  {
    id: 'pile',
    question: 'Which side has the pile, the raised motif or the clearer line?',
    how: 'Velvet, cord, figured fabric, the line of a twill.',
    odds: 20,
  },
  {
    id: 'bright',
    question: 'Which side is smoother or shinier?',
    how: 'Turn a corner over and tilt it to the light.',
    odds: 5,
  },
  {
    id: 'clean',
    question: 'Which side has fewer slubs, knots and loose floats?',
    how: 'Faults are mended on the back.',
    odds: 4,
  },
  {
    id: 'holes',
    question: 'On which side do the selvedge’s pinholes stick out?',
    how: 'Feel the edge: they usually stand out on the right side, but mills differ.',
    odds: 1.5,
  },
]
