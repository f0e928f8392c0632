import { defineFeature } from './define'

export const flame = defineFeature({
  id: 'flame',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'How it burns',
  question: 'How does it burn?',
  hint: 'Look at the flame on the cloth, not at the lighter’s.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['yellow-fast', 'Yellow, runs fast', 'A clear yellow flame that travels.'],
    ['yellow-slow', 'Yellow, goes slowly', 'A small steady yellow flame.'],
    ['sputtering', 'Sputters', 'It spits, hisses or flickers.'],
    ['melting-small', 'Small, on melting cloth', 'A low flame riding on something liquid.'],
    ['black-tipped-leaping', 'Leaps, black at the tip', 'Tall and lively, with soot at its tip.'],
    ['none', 'No flame', 'It chars, glows or shrinks, but does not flame.'],
  ],
  rows: [
    [
      ['cotton'],
      { 'yellow-fast': 78, 'yellow-slow': 17, sputtering: 2, 'melting-small': 1, 'black-tipped-leaping': 1, none: 1 },
    ],
    [
      ['linen', 'hemp', 'ramie'],
      { 'yellow-fast': 46, 'yellow-slow': 47, sputtering: 3, 'melting-small': 1, 'black-tipped-leaping': 2, none: 1 },
    ],
    [
      ['jute'],
      { 'yellow-fast': 58, 'yellow-slow': 36, sputtering: 3, 'melting-small': 1, 'black-tipped-leaping': 1, none: 1 },
    ],
    [
      ['viscose', 'modal', 'lyocell', 'cupro'],
      { 'yellow-fast': 68, 'yellow-slow': 27, sputtering: 2, 'melting-small': 1, 'black-tipped-leaping': 1, none: 1 },
    ],
    [
      ['acetate', 'triacetate'],
      {
        'yellow-fast': 14,
        'yellow-slow': 15,
        sputtering: 24,
        'melting-small': 42,
        'black-tipped-leaping': 3,
        none: 2,
      },
    ],
    [
      ['wool', 'hair'],
      {
        'yellow-fast': 4,
        'yellow-slow': 33,
        sputtering: 40,
        'melting-small': 7,
        'black-tipped-leaping': 2,
        none: 14,
      },
    ],
    [
      ['silk'],
      {
        'yellow-fast': 9,
        'yellow-slow': 36,
        sputtering: 34,
        'melting-small': 7,
        'black-tipped-leaping': 1,
        none: 13,
      },
    ],
    [
      ['polyester'],
      {
        'yellow-fast': 6,
        'yellow-slow': 18,
        sputtering: 14,
        'melting-small': 42,
        'black-tipped-leaping': 15,
        none: 5,
      },
    ],
    [
      ['nylon'],
      {
        'yellow-fast': 3,
        'yellow-slow': 15,
        sputtering: 20,
        'melting-small': 52,
        'black-tipped-leaping': 3,
        none: 7,
      },
    ],
    [
      ['acrylic'],
      {
        'yellow-fast': 15,
        'yellow-slow': 6,
        sputtering: 27,
        'melting-small': 17,
        'black-tipped-leaping': 33,
        none: 2,
      },
    ],
    [
      ['modacrylic'],
      {
        'yellow-fast': 3,
        'yellow-slow': 10,
        sputtering: 22,
        'melting-small': 35,
        'black-tipped-leaping': 8,
        none: 22,
      },
    ],
    [
      ['polypropylene'],
      { 'yellow-fast': 8, 'yellow-slow': 25, sputtering: 8, 'melting-small': 50, 'black-tipped-leaping': 5, none: 4 },
    ],
    [
      ['elastane'],
      {
        'yellow-fast': 6,
        'yellow-slow': 22,
        sputtering: 18,
        'melting-small': 45,
        'black-tipped-leaping': 5,
        none: 4,
      },
    ],
    [
      ['glass'],
      { 'yellow-fast': 1, 'yellow-slow': 1, sputtering: 1, 'melting-small': 1, 'black-tipped-leaping': 1, none: 95 },
    ],
    [
      ['metallic'],
      { 'yellow-fast': 3, 'yellow-slow': 8, sputtering: 8, 'melting-small': 20, 'black-tipped-leaping': 1, none: 60 },
    ],
  ],
})
