import { defineFeature } from './define'

export const afterglow = defineFeature({
  id: 'afterglow',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'Afterglow',
  question: 'Once the flame is out, does a red edge creep on?',
  hint: 'Shade it with your hand. Drown it in the water afterwards: a glow can relight.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['yes', 'Yes, it glows', 'A red line creeps along the edge.'],
    ['no', 'No glow', 'It goes dark at once.'],
  ],
})
