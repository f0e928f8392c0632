import { defineFeature } from './define'

export const yarnBreak = defineFeature({
  id: 'yarn-break',
  kind: 'other',
  look: 'yarn',
  hazard: 'none',
  minutes: 2,
  title: 'Breaking a yarn',
  question: 'Pull a yarn until it breaks. How does it go?',
  hint: 'Untwist it a little first and pull slowly. Look at the ends.',
  guide: {
    steps: [
      'Pull one yarn as long as your hand is wide.',
      'Untwist it a little and pull it slowly apart between your thumbs.',
      'Look at the two ends.',
    ],
    separates:
      'Linen and similar fibres (long crisp ends) from cotton (short and fuzzy), and elastane (it ' +
      'snaps back) from everything else.',
    spoiledBy:
      'A hard twist hides the ends, and crepe yarns spring a little: untwist first. In a blend each ' +
      'fibre behaves in its own way.',
    caution: null,
  },
  source: 'common practice; weights from memory',
  // A yarn that springs back is hardly mistaken: 1 to 2 times in a hundred, with what the rows say; from memory.
  slip: 0.03,
  // Another yarn is another look, unlike another burn under the same nose.
  repeatCorrelation: 0.15,
  // A core of elastane pulls the whole yarn back, however little of it there is; common practice.
  salience: { elastane: 14 },
  states: [
    ['soft-fuzzy', 'Soft, fuzzy ends', 'It pulls apart like a cotton ball.'],
    ['crisp-long-ends', 'Crisp, long ends', 'It snaps and leaves long straight fibres.'],
    ['stretches-first', 'Stretches, then breaks', 'It stretches a good deal first.'],
    ['snaps-back', 'Springs back', 'Like a rubber band.'],
  ],
})
