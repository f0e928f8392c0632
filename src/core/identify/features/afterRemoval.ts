import { defineFeature } from './define'

export const afterRemoval = defineFeature({
  id: 'after-removal',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'Flame taken away',
  question: 'You take the flame away. Does it go on?',
  hint: 'Hold it still and count to three. Put it out in the water whenever you have seen enough.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['burns-on', 'Burns on', 'As lively as before.'],
    ['burns-slowly-on', 'Burns on slowly', 'A small flame creeps along.'],
    ['dies-soon', 'Dies soon', 'Out within a few seconds.'],
    ['dies-at-once', 'Dies at once', 'Out as the flame leaves.'],
    ['never-lit', 'Never lit', 'There was nothing to go out.'],
  ],
  rows: [
    [['cotton'], { 'burns-on': 84, 'burns-slowly-on': 12, 'dies-soon': 2, 'dies-at-once': 1, 'never-lit': 1 }],
    [
      ['linen', 'hemp', 'ramie', 'jute'],
      { 'burns-on': 67, 'burns-slowly-on': 26, 'dies-soon': 5, 'dies-at-once': 1, 'never-lit': 1 },
    ],
    [
      ['viscose', 'modal', 'lyocell', 'cupro'],
      { 'burns-on': 78, 'burns-slowly-on': 17, 'dies-soon': 3, 'dies-at-once': 1, 'never-lit': 1 },
    ],
    [
      ['acetate', 'triacetate'],
      { 'burns-on': 58, 'burns-slowly-on': 29, 'dies-soon': 9, 'dies-at-once': 3, 'never-lit': 1 },
    ],
    [['wool', 'hair'], { 'burns-on': 3, 'burns-slowly-on': 10, 'dies-soon': 48, 'dies-at-once': 37, 'never-lit': 2 }],
    [['silk'], { 'burns-on': 5, 'burns-slowly-on': 20, 'dies-soon': 50, 'dies-at-once': 23, 'never-lit': 2 }],
    [['polyester'], { 'burns-on': 22, 'burns-slowly-on': 32, 'dies-soon': 30, 'dies-at-once': 15, 'never-lit': 1 }],
    [['nylon'], { 'burns-on': 8, 'burns-slowly-on': 22, 'dies-soon': 42, 'dies-at-once': 27, 'never-lit': 1 }],
    [['acrylic'], { 'burns-on': 78, 'burns-slowly-on': 16, 'dies-soon': 4, 'dies-at-once': 1, 'never-lit': 1 }],
    [['modacrylic'], { 'burns-on': 1, 'burns-slowly-on': 4, 'dies-soon': 22, 'dies-at-once': 68, 'never-lit': 5 }],
    [['polypropylene'], { 'burns-on': 61, 'burns-slowly-on': 30, 'dies-soon': 6, 'dies-at-once': 2, 'never-lit': 1 }],
    [['elastane'], { 'burns-on': 40, 'burns-slowly-on': 37, 'dies-soon': 15, 'dies-at-once': 7, 'never-lit': 1 }],
    [['glass'], { 'burns-on': 0, 'burns-slowly-on': 0, 'dies-soon': 1, 'dies-at-once': 4, 'never-lit': 95 }],
    [['metallic'], { 'burns-on': 4, 'burns-slowly-on': 6, 'dies-soon': 12, 'dies-at-once': 16, 'never-lit': 62 }],
  ],
})
