import { defineFeature } from './define'

export const melting = defineFeature({
  id: 'melting',
  kind: 'burn',
  look: 'heat',
  hazard: 'flame',
  minutes: 3,
  title: 'Melting',
  question: 'Does it melt?',
  hint: 'Look for something liquid or glassy. Keep clear: drops stick to skin and go on burning.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['none', 'No', 'It chars or turns to ash.'],
    ['partly', 'Partly', 'Some yarns or specks shine and shrink, others do not.'],
    ['melts', 'It melts', 'The edge turns liquid.'],
    ['melts-drips', 'Melts and drips', 'Drops fall or strings pull.'],
  ],
  rows: [
    [
      ['cotton', 'linen', 'hemp', 'ramie', 'jute', 'viscose', 'modal', 'lyocell', 'cupro'],
      { none: 95, partly: 3, melts: 1, 'melts-drips': 1 },
    ],
    [['acetate', 'triacetate'], { none: 3, partly: 13, melts: 41, 'melts-drips': 43 }],
    [['wool', 'hair'], { none: 82, partly: 15, melts: 2, 'melts-drips': 1 }],
    [['silk'], { none: 80, partly: 16, melts: 3, 'melts-drips': 1 }],
    [['polyester', 'nylon'], { none: 1, partly: 6, melts: 38, 'melts-drips': 55 }],
    [['acrylic'], { none: 4, partly: 18, melts: 48, 'melts-drips': 30 }],
    [['modacrylic'], { none: 6, partly: 24, melts: 52, 'melts-drips': 18 }],
    [['polypropylene'], { none: 1, partly: 4, melts: 35, 'melts-drips': 60 }],
    [['elastane'], { none: 3, partly: 22, melts: 55, 'melts-drips': 20 }],
    [['glass'], { none: 82, partly: 10, melts: 6, 'melts-drips': 2 }],
    [['metallic'], { none: 55, partly: 25, melts: 15, 'melts-drips': 5 }],
  ],
})
