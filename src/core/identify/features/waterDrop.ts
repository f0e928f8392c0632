import { defineFeature } from './define'

export const waterDrop = defineFeature({
  id: 'water-drop',
  kind: 'other',
  look: 'wetting',
  hazard: 'none',
  minutes: 1,
  title: 'A drop of water',
  question: 'A drop of water on the right side: where does it go?',
  hint: 'Finishes and softener mislead this test, so it counts for little. Wash a corner first if you can.',
  guide: {
    steps: [
      'Put a scrap down flat, right side up.',
      'Let one drop fall from a fingertip.',
      'Count to five, then look from the side.',
    ],
    separates:
      'Absorbent fibres (cotton, linen, viscose) from those that repel water (polyester, ' +
      'polypropylene, the outside of wool).',
    spoiledBy: 'A finish, starch, or softener in the wash: use a washed scrap. Dense weaving slows any fabric.',
    caution: null,
  },
  source: 'common practice; order follows published moisture regain (ASTM D1909)',
  // Finishes hide the fibre often, so that a plain mistake is common here.
  slip: 0.2,
  states: [
    ['soaks-at-once', 'Soaks in at once', 'Gone within a second or two.'],
    ['soaks-slowly', 'Soaks in slowly', 'It sits, then spreads.'],
    ['beads', 'Stays a bead', 'It rolls off or sits for a minute.'],
  ],
})
