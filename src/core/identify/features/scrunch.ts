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
  rows: [
    [['cotton'], { 'stays-crumpled': 48, 'some-creases': 44, 'springs-out': 8 }],
    [['linen', 'hemp', 'ramie'], { 'stays-crumpled': 83, 'some-creases': 15, 'springs-out': 2 }],
    [['jute'], { 'stays-crumpled': 65, 'some-creases': 30, 'springs-out': 5 }],
    [['viscose'], { 'stays-crumpled': 52, 'some-creases': 36, 'springs-out': 12 }],
    [['modal', 'lyocell', 'cupro'], { 'stays-crumpled': 35, 'some-creases': 49, 'springs-out': 16 }],
    [['acetate'], { 'stays-crumpled': 25, 'some-creases': 50, 'springs-out': 25 }],
    [['triacetate'], { 'stays-crumpled': 12, 'some-creases': 45, 'springs-out': 43 }],
    [['wool', 'hair'], { 'stays-crumpled': 4, 'some-creases': 26, 'springs-out': 70 }],
    [['silk'], { 'stays-crumpled': 15, 'some-creases': 55, 'springs-out': 30 }],
    [
      ['polyester', 'nylon', 'acrylic', 'modacrylic', 'polypropylene'],
      { 'stays-crumpled': 4, 'some-creases': 25, 'springs-out': 71 },
    ],
    [['elastane'], { 'stays-crumpled': 1, 'some-creases': 8, 'springs-out': 91 }],
    [['glass'], { 'stays-crumpled': 10, 'some-creases': 35, 'springs-out': 55 }],
    [['metallic'], { 'stays-crumpled': 70, 'some-creases': 25, 'springs-out': 5 }],
  ],
})
