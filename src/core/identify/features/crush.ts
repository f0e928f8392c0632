import { defineFeature } from './define'

export const crush = defineFeature({
  id: 'crush',
  kind: 'burn',
  look: 'residue',
  hazard: 'flame',
  minutes: 4,
  title: 'Pressed',
  question: 'Press it between finger and thumb. What happens?',
  hint: 'Only when it is cold: touch it with the tweezers first.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['powders', 'Goes to powder', 'Soft, nothing gritty left.'],
    ['crumbles', 'Crumbles', 'Breaks into bits.'],
    ['resists', 'Stays hard', 'You cannot crush it.'],
  ],
  rows: [
    [
      ['cotton', 'linen', 'hemp', 'ramie', 'jute', 'viscose', 'modal', 'lyocell', 'cupro'],
      { powders: 92, crumbles: 7, resists: 1 },
    ],
    [['acetate', 'triacetate'], { powders: 3, crumbles: 23, resists: 74 }],
    [['wool', 'hair'], { powders: 54, crumbles: 42, resists: 4 }],
    [['silk'], { powders: 62, crumbles: 34, resists: 4 }],
    [['polyester', 'nylon', 'polypropylene'], { powders: 1, crumbles: 3, resists: 96 }],
    [['acrylic', 'modacrylic'], { powders: 2, crumbles: 12, resists: 86 }],
    [['elastane'], { powders: 18, crumbles: 35, resists: 47 }],
    [['glass'], { powders: 3, crumbles: 10, resists: 87 }],
    [['metallic'], { powders: 5, crumbles: 15, resists: 80 }],
  ],
})
