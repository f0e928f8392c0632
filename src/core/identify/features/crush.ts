import { defineFeature } from './define'

export const crush = defineFeature({
  id: 'crush',
  kind: 'burn',
  look: 'residue',
  hazard: 'flame',
  minutes: 4,
  title: 'Pressed',
  question: 'Press it between finger and thumb. What happens?',
  hint: 'Only when it is cold: touch it with the tweezers first.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['powders', 'Goes to powder', 'Soft, nothing gritty left.'],
    ['crumbles', 'Crumbles', 'Breaks into bits.'],
    ['resists', 'Stays hard', 'You cannot crush it.'],
  ],
})
