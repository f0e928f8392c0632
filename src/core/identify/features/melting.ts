import { defineFeature } from './define'

export const melting = defineFeature({
  id: 'melting',
  kind: 'burn',
  look: 'heat',
  hazard: 'flame',
  minutes: 3,
  title: 'Melting',
  question: 'Does it melt?',
  hint: 'Look for something liquid or glassy. Keep clear: drops stick to skin and keep burning.',
  source: 'common practice; weights from memory of textbook burn tables',
  states: [
    ['none', 'No', 'It chars or turns to ash.'],
    ['partly', 'Partly', 'Some yarns or specks shine and shrink, others do not.'],
    ['melts', 'It melts', 'The edge turns liquid.'],
    ['melts-drips', 'Melts and drips', 'Drops fall or strings pull.'],
  ],
})
