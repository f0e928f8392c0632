import { defineFeature } from './define'

export const yarnType = defineFeature({
  id: 'yarn-type',
  kind: 'other',
  look: 'yarn',
  hazard: 'none',
  minutes: 1,
  title: 'Untwisting a yarn',
  question: 'Untwist a yarn. Do you find short hairs, or endless threads?',
  hint: 'Roll it against its twist and pull it out sideways.',
  guide: {
    steps: [
      'Pull a yarn out of a cut edge.',
      'Roll it open against its twist.',
      'Pull it apart: short hairs, or endless threads?',
    ],
    separates:
      'Reeled silk and most shiny synthetics (endless threads) from cotton, wool, linen and anything ' +
      'spun from short hairs.',
    spoiledBy:
      'Synthetics are also cut short and spun like cotton, and spun silk is short: short hairs rule ' +
      'nothing out.',
    caution: null,
  },
  source: 'common practice; weights from memory of what is sold',
  states: [
    ['staple', 'Short hairs', 'It drifts apart into fuzz.'],
    ['filament', 'Endless threads', 'Smooth threads that run on and on.'],
  ],
})
