import { defineFeature } from './define'

export const residueColour = defineFeature({
  id: 'residue-colour',
  kind: 'burn',
  look: 'residue',
  hazard: 'flame',
  minutes: 4,
  title: 'Its colour',
  question: 'What colour is it, cold?',
  hint: 'On something white. Dye and dirt darken it, a nylon bead above all.',
  source: 'common practice; nylon spread wide because practice disagrees about its bead',
  states: [
    ['pale-grey', 'Pale grey', 'Nearly white.'],
    ['grey', 'Grey', 'Like cigarette or wood ash.'],
    ['brown', 'Tan or brown', 'From biscuit to chestnut.'],
    ['black', 'Black', 'Coal.'],
  ],
  rows: [
    [['cotton', 'viscose', 'modal', 'lyocell', 'cupro'], { 'pale-grey': 52, grey: 36, brown: 4, black: 8 }],
    [['linen', 'hemp', 'ramie', 'jute'], { 'pale-grey': 45, grey: 40, brown: 6, black: 9 }],
    [['acetate', 'triacetate'], { 'pale-grey': 1, grey: 6, brown: 13, black: 80 }],
    [['wool', 'hair'], { 'pale-grey': 1, grey: 7, brown: 12, black: 80 }],
    [['silk'], { 'pale-grey': 3, grey: 14, brown: 12, black: 71 }],
    [['polyester'], { 'pale-grey': 4, grey: 9, brown: 27, black: 60 }],
    [['nylon'], { 'pale-grey': 12, grey: 26, brown: 32, black: 30 }],
    [['acrylic', 'modacrylic'], { 'pale-grey': 1, grey: 3, brown: 8, black: 88 }],
    [['polypropylene'], { 'pale-grey': 25, grey: 20, brown: 40, black: 15 }],
    [['elastane'], { 'pale-grey': 1, grey: 6, brown: 8, black: 85 }],
    [['glass'], { 'pale-grey': 60, grey: 25, brown: 5, black: 10 }],
    [['metallic'], { 'pale-grey': 20, grey: 40, brown: 10, black: 30 }],
  ],
})
