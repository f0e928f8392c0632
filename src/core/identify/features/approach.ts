import { defineFeature } from './define'

export const approach = defineFeature({
  id: 'approach',
  kind: 'burn',
  look: 'heat',
  hazard: 'flame',
  minutes: 3,
  title: 'Flame comes near',
  question: 'The flame comes near. What does the edge do before it is touched?',
  hint: 'Bring the flame slowly in from the side. Curling alone misleads: silk and wool curl away as synthetics do.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['unmoved', 'Stays still', 'The edge waits for the flame.'],
    ['curls-away', 'Curls away', 'It rolls back from the heat without going glassy.'],
    ['melts-back', 'Melts back', 'It shrinks, goes glassy or pulls into a rim.'],
  ],
})
