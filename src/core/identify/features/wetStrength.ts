import { defineFeature } from './define'

export const wetStrength = defineFeature({
  id: 'wet-strength',
  kind: 'other',
  look: 'wetting',
  hazard: 'none',
  minutes: 3,
  title: 'Wet yarn against dry',
  question: 'Pull a wetted yarn, then a dry one. Is the wet one weaker?',
  hint:
    'Wet a finger’s length in the middle of a yarn and pull both ends: a weak wet yarn parts where it is ' +
    'wet. Try three.',
  guide: {
    steps: [
      'Pull a yarn dry until it parts, and note how hard you pulled.',
      'Wet its neighbour through, for a minute.',
      'Pull that one the same way, with the same hands.',
    ],
    separates:
      'Viscose and cupro, which lose about half of their strength when wet, from cotton and linen, which ' +
      'gain a little. Synthetics do not care.',
    spoiledBy: 'Yarns of different thickness, or a yarn that is worn. Three of each, and go by the most.',
    caution: null,
  },
  source:
    'Morton & Hearle, Physical Properties of Textile Fibres: viscose keeps about half its strength wet, ' +
    'cotton and flax gain; weights from memory',
  states: [
    ['weaker', 'Weaker wet', 'It parts easily, and in the wet place.'],
    ['unchanged', 'No difference', 'It parts anywhere.'],
    ['stronger', 'Stronger wet', 'It parts in the dry, or takes more pull.'],
  ],
  rows: [
    [['cotton'], { weaker: 6, unchanged: 44, stronger: 50 }],
    [['linen', 'hemp', 'ramie', 'jute'], { weaker: 5, unchanged: 37, stronger: 58 }],
    [['viscose'], { weaker: 88, unchanged: 11, stronger: 1 }],
    [['modal'], { weaker: 65, unchanged: 32, stronger: 3 }],
    [['lyocell'], { weaker: 40, unchanged: 55, stronger: 5 }],
    [['cupro'], { weaker: 82, unchanged: 16, stronger: 2 }],
    [['acetate'], { weaker: 68, unchanged: 30, stronger: 2 }],
    [['triacetate', 'silk'], { weaker: 35, unchanged: 62, stronger: 3 }],
    [['wool', 'hair'], { weaker: 50, unchanged: 47, stronger: 3 }],
    [['nylon'], { weaker: 10, unchanged: 88, stronger: 2 }],
    [
      ['polyester', 'acrylic', 'modacrylic', 'polypropylene', 'elastane', 'metallic'],
      { weaker: 3, unchanged: 95, stronger: 2 },
    ],
    [['glass'], { weaker: 10, unchanged: 88, stronger: 2 }],
  ],
})
