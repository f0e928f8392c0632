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
  // Whether a flame goes on is plain to see.
  slip: 0.03,
  states: [
    ['burns-on', 'Burns on', 'As lively as before.'],
    ['burns-slowly-on', 'Burns on slowly', 'A small flame creeps along.'],
    ['dies-soon', 'Dies soon', 'Out within a few seconds.'],
    ['dies-at-once', 'Dies at once', 'Out as the flame leaves.'],
    ['never-lit', 'Never lit', 'There was nothing to go out.'],
  ],
})
