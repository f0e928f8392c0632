import { defineFeature } from './define'

export const lustre = defineFeature({
  id: 'lustre',
  kind: 'other',
  look: 'hand',
  hazard: 'none',
  minutes: 1,
  title: 'Lustre',
  question: 'In daylight: does it shine?',
  hint: 'Tilt it by a window. The weave shines too, so judge a pulled yarn.',
  guide: {
    steps: [
      'Hold a pulled yarn by a window, out of the sun.',
      'Turn it slowly.',
      'Look whether it glints, gleams or stays dull.',
    ],
    separates: 'Filament silk, acetate and bright synthetics from cotton and wool.',
    spoiledBy:
      'A satin weave shines whatever its fibre, and some polyester is made dull on purpose. Judge ' +
      'the yarn, not the fabric.',
    caution: null,
  },
  source: 'common practice; weights from memory',
  slip: 0.12,
  states: [
    ['matt', 'Dull', 'No shine at all.'],
    ['soft-sheen', 'A soft sheen', 'Like a pearl or an eggshell.'],
    ['bright', 'Bright', 'It glints.'],
  ],
})
