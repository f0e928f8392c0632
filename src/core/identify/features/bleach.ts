import { defineFeature } from './define'

export const bleach = defineFeature({
  id: 'bleach',
  kind: 'other',
  look: 'bleach',
  hazard: 'bleach',
  minutes: 25,
  title: 'Chlorine bleach',
  question: 'A yarn in chlorine bleach for twenty minutes: is it still there?',
  hint:
    'Adults, gloves, open window, a glass dish. Bleach alone: never with vinegar, ammonia, acetone or ' +
    'anything else, never in metal.',
  guide: {
    steps: [
      'Adults only: gloves, old clothes, window open. A small glass or china dish, never metal.',
      'Put one yarn in a spoonful of plain chlorine bleach, with nothing else in the dish.',
      'Check after twenty minutes. Pour it away with plenty of water, by itself.',
    ],
    separates: 'Wool, hair and silk, which dissolve, from every plant fibre and synthetic, which stay.',
    spoiledBy: 'Bleach that has stood for a year has lost its strength; bleach without chlorine does nothing.',
    caution:
      'Chlorine bleach burns skin and eyes. Alone in the dish: with vinegar, ammonia, acetone, alcohol or any ' +
      'cleaner it gives off poisonous gas. Never in metal. Adults, gloves, open window. Follow the maker’s ' +
      'sheet and your ' +
      'local rules.',
  },
  source: 'AATCC TM20: 5 % sodium hypochlorite dissolves wool and silk; weights from memory',
  // What is gone is gone; bleach that has lost its strength is in the rows.
  slip: 0.01,
  states: [
    ['dissolves', 'Dissolved', 'It fizzed and disappeared.'],
    ['no-change', 'Still there', 'Paler, but whole.'],
  ],
})
