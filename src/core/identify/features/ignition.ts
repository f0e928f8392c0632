import { defineFeature } from './define'

export const ignition = defineFeature({
  id: 'ignition', kind: 'burn', look: 'burning', hazard: 'flame', minutes: 3,
  title: 'In the flame',
  question: 'In the flame: how fast does it catch?',
  hint: 'Hold it in the flame for two or three seconds at most.',
  source: 'common practice; viscose and silk spread wide because practice disagrees about both',
  states: [
    ['instant', 'At once', 'It flares as the flame touches.'],
    ['quick', 'Quickly', 'Within about a second.'],
    ['slow', 'Slowly', 'It has to be held there.'],
    ['none', 'Not at all', 'It will not light.'],
  ],
  rows: [
    [['cotton'], { instant: 35, quick: 50, slow: 13, none: 2 }],
    [['linen', 'hemp', 'ramie'], { instant: 12, quick: 50, slow: 36, none: 2 }],
    [['jute'], { instant: 25, quick: 50, slow: 23, none: 2 }],
    [['viscose', 'cupro'], { instant: 34, quick: 44, slow: 20, none: 2 }],
    [['modal', 'lyocell'], { instant: 30, quick: 48, slow: 20, none: 2 }],
    [['acetate', 'triacetate'], { instant: 14, quick: 53, slow: 31, none: 2 }],
    [['wool', 'hair'], { instant: 3, quick: 19, slow: 62, none: 16 }],
    [['silk'], { instant: 12, quick: 35, slow: 45, none: 8 }],
    [['polyester'], { instant: 5, quick: 30, slow: 55, none: 10 }],
    [['nylon'], { instant: 3, quick: 24, slow: 59, none: 14 }],
    [['acrylic'], { instant: 25, quick: 55, slow: 18, none: 2 }],
    [['modacrylic'], { instant: 2, quick: 12, slow: 56, none: 30 }],
    [['polypropylene'], { instant: 8, quick: 37, slow: 50, none: 5 }],
    [['elastane'], { instant: 8, quick: 40, slow: 47, none: 5 }],
    [['glass'], { instant: 1, quick: 1, slow: 3, none: 95 }],
    [['metallic'], { instant: 3, quick: 10, slow: 22, none: 65 }],
  ],
})
