import { defineFeature } from './define'

export const touch = defineFeature({
  id: 'touch',
  kind: 'other',
  look: 'hand',
  hazard: 'none',
  minutes: 1,
  title: 'Touch',
  question: 'Against the cheek or the inner wrist: cool or warm?',
  hint: 'The first moment counts. Brushed fabric feels warm whatever its fibre.',
  guide: {
    steps: [
      'Let fabric and skin adapt to the room.',
      'Hold it to your inner wrist or cheek.',
      'Go by the first second.',
    ],
    separates: 'Wool, hair and acrylic (warm) from linen, cotton, viscose and silk (cool).',
    spoiledBy: 'Brushing warms any fibre and smooth filament cools it. A weak sign.',
    caution: null,
  },
  source: 'common practice; weights from memory',
  slip: 0.15,
  states: [
    ['cool', 'Cool', 'Like a smooth stone.'],
    ['neutral', 'Neither', 'You notice nothing.'],
    ['warm', 'Warm', 'At once.'],
  ],
})
