import { defineFeature } from './define'

export const scrunch = defineFeature({
  id: 'scrunch',
  kind: 'other',
  look: 'hand',
  hazard: 'none',
  minutes: 1,
  title: 'The fist',
  question: 'Crush it in your fist for ten seconds and let go. And now?',
  hint: 'Easy-care finishes hide creases; a knit hardly creases whatever it is.',
  guide: {
    steps: [
      'Take a corner the size of your palm.',
      'Crush it hard in the fist and count to ten.',
      'Open the hand and wait a moment.',
    ],
    separates: 'Linen, cotton and viscose (creased) from wool and polyester (it springs out).',
    spoiledBy: 'Crease-resist finishes, elastane, thick or loose cloth, damp hands.',
    caution: null,
  },
  source: 'common practice; viscose spread wide because practice disagrees about it',
  slip: 0.12,
  states: [
    ['stays-crumpled', 'Stays crumpled', 'Sharp creases.'],
    ['some-creases', 'Some creases', 'They soften as you watch.'],
    ['springs-out', 'Springs out', 'Next to nothing to see.'],
  ],
})
