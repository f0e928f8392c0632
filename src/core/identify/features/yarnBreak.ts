import { defineFeature } from './define'

export const yarnBreak = defineFeature({
  id: 'yarn-break',
  kind: 'other',
  look: 'yarn',
  hazard: 'none',
  minutes: 2,
  title: 'Breaking a yarn',
  question: 'Pull a yarn until it parts. How does it go?',
  hint: 'Untwist it a little first and pull slowly. Look at the ends.',
  guide: {
    steps: [
      'Pull one yarn as long as your hand is wide.',
      'Untwist it a little and draw it slowly apart between thumbs.',
      'Look at the two ends.',
    ],
    separates:
      'Linen and its like (long crisp ends) from cotton (short and fuzzy), and elastane (it snaps back) from ' +
      'everything else.',
    spoiledBy: 'A hard twist hides the ends: untwist first. In a blend each fibre does its own thing.',
    caution: null,
  },
  source: 'common practice; weights from memory',
  slip: 0.1,
  // A core of elastane pulls the whole yarn back, however little of it there is; common practice.
  salience: { elastane: 8 },
  states: [
    ['soft-fuzzy', 'Soft, fuzzy ends', 'It pulls apart like a cotton ball.'],
    ['crisp-long-ends', 'Crisp, long ends', 'It snaps and leaves long straight fibres.'],
    ['stretches-first', 'Stretches, then parts', 'It gives a good deal first.'],
    ['snaps-back', 'Springs back', 'Like a rubber band.'],
  ],
  rows: [
    [['cotton'], { 'soft-fuzzy': 82, 'crisp-long-ends': 12, 'stretches-first': 5, 'snaps-back': 1 }],
    [['linen', 'hemp', 'ramie'], { 'soft-fuzzy': 12, 'crisp-long-ends': 82, 'stretches-first': 5, 'snaps-back': 1 }],
    [['jute'], { 'soft-fuzzy': 20, 'crisp-long-ends': 75, 'stretches-first': 4, 'snaps-back': 1 }],
    [['viscose', 'lyocell'], { 'soft-fuzzy': 53, 'crisp-long-ends': 26, 'stretches-first': 20, 'snaps-back': 1 }],
    [['modal'], { 'soft-fuzzy': 62, 'crisp-long-ends': 16, 'stretches-first': 21, 'snaps-back': 1 }],
    [
      ['cupro', 'acetate', 'triacetate'],
      { 'soft-fuzzy': 35, 'crisp-long-ends': 28, 'stretches-first': 36, 'snaps-back': 1 },
    ],
    [['wool', 'hair'], { 'soft-fuzzy': 35, 'crisp-long-ends': 5, 'stretches-first': 58, 'snaps-back': 2 }],
    [['silk'], { 'soft-fuzzy': 15, 'crisp-long-ends': 38, 'stretches-first': 45, 'snaps-back': 2 }],
    [
      ['polyester', 'polypropylene'],
      { 'soft-fuzzy': 21, 'crisp-long-ends': 17, 'stretches-first': 59, 'snaps-back': 3 },
    ],
    [['nylon'], { 'soft-fuzzy': 15, 'crisp-long-ends': 12, 'stretches-first': 68, 'snaps-back': 5 }],
    [['acrylic', 'modacrylic'], { 'soft-fuzzy': 50, 'crisp-long-ends': 8, 'stretches-first': 40, 'snaps-back': 2 }],
    [['elastane'], { 'soft-fuzzy': 1, 'crisp-long-ends': 1, 'stretches-first': 8, 'snaps-back': 90 }],
    [['glass'], { 'soft-fuzzy': 5, 'crisp-long-ends': 90, 'stretches-first': 3, 'snaps-back': 2 }],
    [['metallic'], { 'soft-fuzzy': 5, 'crisp-long-ends': 60, 'stretches-first': 33, 'snaps-back': 2 }],
  ],
})
