import { defineFeature } from './define'

export const touch = defineFeature({
  id: 'touch',
  kind: 'other',
  look: 'hand',
  hazard: 'none',
  minutes: 1,
  title: 'Touch',
  question: 'Against the cheek or the inner wrist: cool or warm?',
  hint: 'The first moment counts. Brushed cloth feels warm whatever it is made of.',
  guide: {
    steps: [
      'Let cloth and skin come to the warmth of the room.',
      'Lay it against the inner wrist or the cheek.',
      'Go by the first second.',
    ],
    separates: 'Wool, hair and acrylic (warm) from linen, cotton, viscose and silk (cool).',
    spoiledBy: 'Brushing warms any fibre and smooth filament cools it. A weak sign.',
    caution: null,
  },
  source: 'common practice; weights from memory',
  slip: 0.15,
  states: [
    ['cool', 'Cool', 'Like a smooth stone.'],
    ['neutral', 'Neither', 'You notice nothing.'],
    ['warm', 'Warm', 'At once.'],
  ],
  rows: [
    [['cotton', 'jute'], { cool: 38, neutral: 52, warm: 10 }],
    [['linen', 'ramie', 'hemp'], { cool: 76, neutral: 21, warm: 3 }],
    [['viscose', 'lyocell', 'cupro'], { cool: 64, neutral: 31, warm: 5 }],
    [['modal'], { cool: 50, neutral: 42, warm: 8 }],
    [['acetate'], { cool: 45, neutral: 45, warm: 10 }],
    [['triacetate'], { cool: 30, neutral: 55, warm: 15 }],
    [['wool', 'hair'], { cool: 3, neutral: 17, warm: 80 }],
    [['silk'], { cool: 32, neutral: 36, warm: 32 }],
    [['polyester'], { cool: 18, neutral: 57, warm: 25 }],
    [['nylon'], { cool: 30, neutral: 52, warm: 18 }],
    [['acrylic', 'modacrylic'], { cool: 4, neutral: 33, warm: 63 }],
    [['polypropylene', 'elastane'], { cool: 9, neutral: 58, warm: 33 }],
    [['glass', 'metallic'], { cool: 70, neutral: 26, warm: 4 }],
  ],
})
