import { defineFeature } from './define'

export const smoke = defineFeature({
  id: 'smoke',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'Smoke',
  question: 'What smoke does it give?',
  hint: 'Against something pale, while it burns or just after.',
  source: 'common practice; silk spread wide because practice disagrees about it',
  states: [
    ['hardly-any', 'Hardly any', 'You have to look for it.'],
    ['pale', 'Pale', 'White or light grey.'],
    ['dark', 'Dark', 'Grey to brown.'],
    ['black-sooty', 'Black and sooty', 'Black flecks float up.'],
  ],
})
