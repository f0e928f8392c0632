import { defineFeature } from './define'

export const wetStrength = defineFeature({
  id: 'wet-strength',
  kind: 'other',
  look: 'wetting',
  hazard: 'none',
  minutes: 3,
  title: 'Wet yarn against dry',
  question: 'Pull a wetted yarn, then a dry one. Is the wet one weaker?',
  hint:
    'Wet a finger’s length in the middle of a yarn and pull both ends: a weak wet yarn breaks ' +
    'where it is wet. Do this three times.',
  guide: {
    steps: [
      'Pull a dry yarn until it breaks, and note how hard you pulled.',
      'Wet its neighbour through, for a minute.',
      'Pull that one the same way, with the same hands.',
    ],
    separates:
      'Viscose, which loses about half of its strength when wet, and cupro and acetate, which lose a ' +
      'third, from cotton and linen, which gain a little. Wool and silk lose some, nylon a tenth, ' +
      'polyester none.',
    spoiledBy: 'Yarns of different thickness, or a worn yarn. Test three of each, and go by the majority.',
    caution: null,
  },
  source:
    'Morton & Hearle, Physical Properties of Textile Fibres: viscose keeps about half its strength wet, ' +
    'cotton and flax gain; weights from memory',
  states: [
    ['weaker', 'Weaker wet', 'It breaks easily, and in the wet place.'],
    ['unchanged', 'No difference', 'It breaks anywhere.'],
    ['stronger', 'Stronger wet', 'It breaks where it is dry, or needs a harder pull.'],
  ],
})
