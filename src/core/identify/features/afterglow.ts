import { defineFeature } from './define'

export const afterglow = defineFeature({
  id: 'afterglow',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'Afterglow',
  question: 'Once the flame is out, does a red edge creep on?',
  hint: 'Shade it with your hand. Drown it in the water afterwards: a glow can relight.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['yes', 'Yes, it glows', 'A red line creeps along the edge.'],
    ['no', 'No glow', 'It goes dark at once.'],
  ],
  rows: [
    [['cotton'], { yes: 72, no: 28 }],
    [['linen', 'hemp', 'ramie'], { yes: 62, no: 38 }],
    [['jute'], { yes: 78, no: 22 }],
    [['viscose', 'modal', 'lyocell', 'cupro'], { yes: 42, no: 58 }],
    [['acetate', 'triacetate'], { yes: 7, no: 93 }],
    [['wool', 'hair', 'silk'], { yes: 8, no: 92 }],
    [['polyester', 'nylon', 'acrylic', 'modacrylic', 'polypropylene', 'elastane'], { yes: 3, no: 97 }],
    [['glass'], { yes: 12, no: 88 }],
    [['metallic'], { yes: 20, no: 80 }],
  ],
})
