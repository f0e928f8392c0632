import { defineFeature } from './define'

export const waterDrop = defineFeature({
  id: 'water-drop',
  kind: 'other',
  look: 'wetting',
  hazard: 'none',
  minutes: 1,
  title: 'A drop of water',
  question: 'A drop of water on the right side: where does it go?',
  hint: 'Finishes and softener spoil this one, so it counts for little. Wash a corner first if you can.',
  guide: {
    steps: [
      'Lay a scrap flat, right side up.',
      'Let one drop fall from a fingertip.',
      'Count to five, then look from the side.',
    ],
    separates:
      'Thirsty fibres (cotton, linen, viscose) from those that turn water away (polyester, polypropylene, ' +
      'wool on the outside).',
    spoiledBy: 'A finish, starch, or softener in the wash: try a washed scrap. Dense weaving slows any cloth.',
    caution: null,
  },
  source: 'common practice; order follows published moisture regain (ASTM D1909)',
  // Finishes hide the fibre often, so that a plain mistake is common here.
  slip: 0.2,
  states: [
    ['soaks-at-once', 'Soaks in at once', 'Gone within a second or two.'],
    ['soaks-slowly', 'Soaks in slowly', 'It sits, then spreads.'],
    ['beads', 'Stays a bead', 'It rolls off or sits for a minute.'],
  ],
  rows: [
    [['cotton'], { 'soaks-at-once': 60, 'soaks-slowly': 32, beads: 8 }],
    [['linen', 'hemp', 'ramie', 'jute'], { 'soaks-at-once': 70, 'soaks-slowly': 25, beads: 5 }],
    [['viscose', 'modal', 'lyocell', 'cupro'], { 'soaks-at-once': 67, 'soaks-slowly': 27, beads: 6 }],
    [['acetate'], { 'soaks-at-once': 15, 'soaks-slowly': 50, beads: 35 }],
    [['triacetate'], { 'soaks-at-once': 10, 'soaks-slowly': 40, beads: 50 }],
    [['wool', 'hair'], { 'soaks-at-once': 5, 'soaks-slowly': 25, beads: 70 }],
    [['silk'], { 'soaks-at-once': 20, 'soaks-slowly': 50, beads: 30 }],
    [['polyester', 'acrylic', 'modacrylic'], { 'soaks-at-once': 12, 'soaks-slowly': 28, beads: 60 }],
    [['nylon'], { 'soaks-at-once': 12, 'soaks-slowly': 35, beads: 53 }],
    [['polypropylene'], { 'soaks-at-once': 5, 'soaks-slowly': 12, beads: 83 }],
    [['elastane', 'glass', 'metallic'], { 'soaks-at-once': 8, 'soaks-slowly': 24, beads: 68 }],
  ],
})
