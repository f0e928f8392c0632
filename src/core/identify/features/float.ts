import { defineFeature } from './define'

export const float = defineFeature({
  id: 'float',
  kind: 'other',
  look: 'float',
  hazard: 'none',
  minutes: 3,
  title: 'Float or sink',
  question: 'A wetted-out pinch in water with a drop of washing-up liquid: does it float?',
  hint: 'Squeeze every bubble out under water first, or anything floats.',
  guide: {
    steps: [
      'Wet a pinch right through under water, with a drop of washing-up liquid.',
      'Squeeze every bubble out of it.',
      'Let go of it half-way down.',
    ],
    separates: 'Polypropylene and polyethylene, the only common fibres lighter than water, from all others.',
    spoiledBy:
      'Bubbles: squeeze again and try three times; three that float are as good as certain. A metal or dirty ' +
      'yarn sinks anything.',
    caution: null,
  },
  source:
    'densities in Morton & Hearle, Physical Properties of Textile Fibres: of these only polypropylene is ' +
    'lighter than water',
  // It either sinks or does not; trapped air is in the rows.
  slip: 0.02,
  repeatCorrelation: 0.2,
  states: [
    ['floats', 'Floats', 'It comes up again and again.'],
    ['sinks', 'Sinks', 'It goes down and stays.'],
  ],
})
