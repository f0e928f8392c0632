import { defineFeature } from './define'

export const scrunch = defineFeature({
  id: 'scrunch',
  kind: 'other',
  look: 'hand',
  hazard: 'none',
  minutes: 1,
  title: 'Crush test',
  question: 'Crush it in your fist for ten seconds and let go. What now?',
  hint: 'Easy-care finishes hide creases; a knit hardly creases whatever its fibre.',
  guide: {
    steps: [
      'Take a corner the size of your palm.',
      'Crush it hard in your fist and count to ten.',
      'Open your hand and wait a moment.',
    ],
    separates: 'Linen, cotton and viscose (creased) from wool and polyester (it springs out).',
    spoiledBy: 'Crease-resist finishes, elastane, thick or loose fabric, damp hands.',
    caution: null,
  },
  source: 'common practice; viscose spread wide because practice disagrees about it',
  slip: 0.12,
  states: [
    ['stays-crumpled', 'Stays crumpled', 'Sharp creases.'],
    ['some-creases', 'Some creases', 'They soften as you watch.'],
    ['springs-out', 'Springs out', 'Almost nothing to see.'],
  ],
})
