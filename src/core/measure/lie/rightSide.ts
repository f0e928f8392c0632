import { type Sign } from './signs'

/** Signs that a side is the right one; common practice, the weights are ours. A is the side that lies up. */
export const rightSigns: readonly Sign[] = [
  { id: 'print', question: 'Which side is the print stronger on?', how: 'Look at both in daylight.', odds: 50 },
  {
    id: 'pile',
    question: 'Which side has the pile, the raised figure or the clearer line?',
    how: 'Velvet, cord, figured cloth, a twill’s line.',
    odds: 20,
  },
  {
    id: 'bright',
    question: 'Which side is smoother or brighter?',
    how: 'Turn a corner over and tilt it to the light.',
    odds: 5,
  },
  {
    id: 'clean',
    question: 'Which side is cleaner of slubs, knots and loose floats?',
    how: 'Faults are mended towards the back.',
    odds: 4,
  },
  {
    id: 'holes',
    question: 'From which side are the selvedge’s pinholes pushed out?',
    how: 'Feel the edge: mostly they stand out on the right side, but mills differ.',
    odds: 1.5,
  },
]
