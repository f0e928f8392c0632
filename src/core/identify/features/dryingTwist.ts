import { defineFeature } from './define'

export const dryingTwist = defineFeature({
  id: 'drying-twist',
  kind: 'other',
  look: 'drying-twist',
  hazard: 'none',
  minutes: 5,
  title: 'Drying twist',
  question: 'Wet one fibre and let it dry over warmth, its end towards you. Which way does it turn?',
  hint: 'One single fibre, not a yarn. Over a warm radiator, not a flame. Try three.',
  guide: {
    steps: [
      'Pull out a single fibre with tweezers and wet it.',
      'Hold it over a warm radiator, the free end towards you.',
      'Watch which way the free end turns as it dries. Try three.',
    ],
    separates: 'Linen and ramie (clockwise) from hemp and jute (anticlockwise); cotton turns both ways.',
    spoiledBy: 'A bundle instead of one fibre, or a yarn’s own twist undoing itself.',
    caution: 'Warmth only: a radiator or a cup of hot water. Never a flame or a hot iron for this.',
  },
  source:
    'Morton & Hearle, Physical Properties of Textile Fibres: flax and ramie dry clockwise, hemp and jute ' +
    'anticlockwise; weights from memory',
  slip: 0.12,
  states: [
    ['clockwise', 'Clockwise', 'Like the hand of a clock.'],
    ['anticlockwise', 'Anticlockwise', 'Against the hand of a clock.'],
    ['both-ways', 'Both ways or neither', 'Back and forth, or not at all.'],
  ],
})
