import { defineFeature } from './define'

export const approach = defineFeature({
  id: 'approach',
  kind: 'burn',
  look: 'heat',
  hazard: 'flame',
  minutes: 3,
  title: 'Flame comes near',
  question: 'Bring the flame near. What does the edge do before the flame touches it?',
  hint:
    'Bring the flame in slowly from the side. Curling alone misleads: silk and wool curl away like ' + 'synthetics.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['unmoved', 'Stays still', 'The edge waits for the flame.'],
    ['curls-away', 'Curls away', 'It rolls back from the heat without going glassy.'],
    ['melts-back', 'Melts back', 'It shrinks, goes glassy or pulls into a rim.'],
  ],
})
