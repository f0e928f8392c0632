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
  rows: [
    [['cotton', 'linen', 'hemp', 'ramie', 'jute'], { unmoved: 88, 'curls-away': 9, 'melts-back': 3 }],
    [['viscose', 'modal', 'lyocell', 'cupro'], { unmoved: 86, 'curls-away': 11, 'melts-back': 3 }],
    [['acetate', 'triacetate'], { unmoved: 5, 'curls-away': 22, 'melts-back': 73 }],
    [['wool', 'hair'], { unmoved: 15, 'curls-away': 75, 'melts-back': 10 }],
    [['silk'], { unmoved: 12, 'curls-away': 78, 'melts-back': 10 }],
    [['polyester', 'nylon', 'polypropylene'], { unmoved: 3, 'curls-away': 22, 'melts-back': 75 }],
    [['acrylic', 'modacrylic'], { unmoved: 7, 'curls-away': 28, 'melts-back': 65 }],
    [['elastane'], { unmoved: 18, 'curls-away': 12, 'melts-back': 70 }],
    [['glass'], { unmoved: 95, 'curls-away': 2, 'melts-back': 3 }],
    [['metallic'], { unmoved: 60, 'curls-away': 15, 'melts-back': 25 }],
  ],
})
