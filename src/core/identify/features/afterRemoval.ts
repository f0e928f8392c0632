import { defineFeature } from './define'

export const afterRemoval = defineFeature({
  id: 'after-removal',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'Flame taken away',
  question: 'Take the flame away. Does it keep burning?',
  hint: 'Hold it still and count to three. Put it out in the water whenever you have seen enough.',
  source: 'common practice; weights from memory of textbook burn tables',
  // Whether a flame goes on is plain to see.
  slip: 0.03,
  states: [
    ['burns-on', 'Keeps burning', 'As lively as before.'],
    ['burns-slowly-on', 'Burns slowly', 'A small flame creeps along.'],
    ['dies-soon', 'Goes out soon', 'Out within a few seconds.'],
    ['dies-at-once', 'Goes out at once', 'Out as the flame leaves.'],
    ['never-lit', 'Never caught fire', 'There was no flame to go out.'],
  ],
})
