import { defineFeature } from './define'

export const acetone = defineFeature({
  id: 'acetone', kind: 'other', look: 'acetone', hazard: 'solvent', minutes: 5,
  title: 'Acetone',
  question: 'A swab with acetone on a scrap: what happens?',
  hint: 'No flame anywhere in the room, windows open, gloves on. Never on a garment you wear.',
  source: 'AATCC TM20: acetone dissolves acetate; modacrylic and triacetate swell in it, from memory',
  // A hole is hard to mistake; a weak remover is in the rows.
  slip: 0.01,
  states: [
    ['dissolves', 'Dissolves', 'It turns to jelly or holes appear.'],
    ['softens', 'Softens', 'Sticky or stiff, but still there.'],
    ['no-change', 'Nothing', 'It dries as it was.'],
  ],
  rows: [
    [['acetate'], { dissolves: 80, softens: 13, 'no-change': 7 }],
    [['triacetate'], { dissolves: 12, softens: 65, 'no-change': 23 }],
    [['modacrylic'], { dissolves: 18, softens: 57, 'no-change': 25 }],
    [['elastane', 'metallic'], { dissolves: 2, softens: 14, 'no-change': 84 }],
    [['acrylic'], { dissolves: 1, softens: 3, 'no-change': 96 }],
    [['cotton', 'linen', 'hemp', 'ramie', 'jute', 'viscose', 'modal', 'lyocell', 'cupro', 'wool', 'hair', 'silk', 'polyester', 'nylon', 'polypropylene', 'glass'], { dissolves: 0.2, softens: 1.8, 'no-change': 98 }],
  ],
})
