import { defineFeature } from './define'

export const flame = defineFeature({
  id: 'flame',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'How it burns',
  question: 'How does it burn?',
  hint: 'Look at the flame on the fabric, not at the lighter’s.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['yellow-fast', 'Yellow, runs fast', 'A clear yellow flame that travels.'],
    ['yellow-slow', 'Yellow, goes slowly', 'A small steady yellow flame.'],
    ['sputtering', 'Sputters', 'It spits, hisses or flickers.'],
    ['melting-small', 'Small, on melting fabric', 'A low flame riding on something liquid.'],
    ['black-tipped-leaping', 'Leaps, black at the tip', 'Tall and lively, with soot at its tip.'],
    ['green-edged', 'Green at its edge', 'A green or blue-green seam low on the flame: chlorine, as in PVC.'],
    ['none', 'No flame', 'It chars, glows or shrinks, but does not flame.'],
  ],
})
