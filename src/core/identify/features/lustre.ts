import { defineFeature } from './define'

export const lustre = defineFeature({
  id: 'lustre',
  kind: 'other',
  look: 'hand',
  hazard: 'none',
  minutes: 1,
  title: 'Lustre',
  question: 'In daylight: does it shine?',
  hint: 'Tilt it by a window. The weave shines too, so judge a pulled yarn.',
  guide: {
    steps: [
      'Hold a pulled yarn by a window, out of the sun.',
      'Turn it slowly.',
      'Look whether it glints, gleams or stays dull.',
    ],
    separates: 'Filament silk, acetate and bright synthetics from cotton and wool.',
    spoiledBy:
      'A satin weave shines whatever it is made of, and dull polyester is made dull on purpose. Judge the ' +
      'yarn, not the cloth.',
    caution: null,
  },
  source: 'common practice; weights from memory',
  slip: 0.12,
  states: [
    ['matt', 'Matt', 'No shine at all.'],
    ['soft-sheen', 'A soft sheen', 'Like a pearl or an eggshell.'],
    ['bright', 'Bright', 'It glints.'],
  ],
  rows: [
    [['cotton', 'wool'], { matt: 73, 'soft-sheen': 23, bright: 4 }],
    [['linen', 'jute', 'hemp'], { matt: 52, 'soft-sheen': 43, bright: 5 }],
    [['ramie'], { matt: 25, 'soft-sheen': 60, bright: 15 }],
    [['viscose'], { matt: 40, 'soft-sheen': 35, bright: 25 }],
    [['modal', 'lyocell', 'hair'], { matt: 42, 'soft-sheen': 49, bright: 9 }],
    [['cupro', 'silk'], { matt: 15, 'soft-sheen': 52, bright: 33 }],
    [['acetate'], { matt: 8, 'soft-sheen': 32, bright: 60 }],
    [['triacetate'], { matt: 15, 'soft-sheen': 40, bright: 45 }],
    [['polyester', 'nylon'], { matt: 36, 'soft-sheen': 32, bright: 32 }],
    [['acrylic', 'polypropylene', 'elastane'], { matt: 64, 'soft-sheen': 28, bright: 8 }],
    [['modacrylic'], { matt: 45, 'soft-sheen': 40, bright: 15 }],
    [['glass'], { matt: 15, 'soft-sheen': 40, bright: 45 }],
    [['metallic'], { matt: 3, 'soft-sheen': 12, bright: 85 }],
  ],
})
