import { defineFeature } from './define'

export const ignition = defineFeature({
  id: 'ignition',
  kind: 'burn',
  look: 'burning',
  hazard: 'flame',
  minutes: 3,
  title: 'In the flame',
  question: 'In the flame: how fast does it catch fire?',
  hint: 'Hold it in the flame for two or three seconds at most.',
  source: 'common practice; viscose and silk spread wide because practice disagrees about both',
  states: [
    ['instant', 'At once', 'It flares as the flame touches.'],
    ['quick', 'Quickly', 'Within about a second.'],
    ['slow', 'Slowly', 'You have to hold it in the flame.'],
    ['none', 'Not at all', 'It does not catch fire.'],
  ],
})
