import { defineFeature } from './define'

export const residueColour = defineFeature({
  id: 'residue-colour',
  kind: 'burn',
  look: 'residue',
  hazard: 'flame',
  minutes: 4,
  title: 'Its colour',
  question: 'What colour is it, cold?',
  hint: 'On something white. Dye and dirt darken it, above all a nylon bead.',
  source: 'common practice; nylon spread wide because practice disagrees about its bead',
  states: [
    ['pale-grey', 'Pale grey', 'Nearly white.'],
    ['grey', 'Grey', 'Like cigarette or wood ash.'],
    ['brown', 'Tan or brown', 'From biscuit to chestnut.'],
    ['black', 'Black', 'Coal.'],
  ],
})
