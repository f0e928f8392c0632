import { defineFeature } from './define'

export const acetone = defineFeature({
  id: 'acetone',
  kind: 'other',
  look: 'acetone',
  hazard: 'solvent',
  minutes: 5,
  title: 'Acetone',
  question: 'A swab with acetone on a scrap: what happens?',
  hint: 'No flame anywhere in the room, windows open, gloves on. Never on a garment you wear.',
  guide: {
    steps: [
      'Put out every flame in the room, open a window, put gloves on.',
      'Put a scrap on a saucer and touch it with a swab of acetone.',
      'Wait a minute and press it with a glass rod.',
    ],
    separates:
      'Acetate, which turns to jelly, from silk, viscose and polyester that look like it. Triacetate ' +
      'swells or dissolves in part; some modacrylics dissolve, others soften.',
    spoiledBy: 'Nail-varnish remover without acetone, too little of it, a coating that dissolves in its place.',
    caution:
      'Acetone catches fire from afar: no flame, spark or hot iron in the room, never near a burn test. Adults, ' +
      'gloves (thin nitrile gives way in it within minutes), eyes covered, open window. Dry the swab ' +
      'outdoors. Never on a ' +
      'garment you wear, never with bleach. Follow the maker’s sheet and your local rules.',
  },
  source: 'AATCC TM20: acetone dissolves acetate; modacrylic and triacetate swell in it, from memory',
  // A hole is hard to mistake; a weak remover is in the rows.
  slip: 0.005,
  states: [
    ['dissolves', 'Dissolves', 'It turns to jelly or holes appear.'],
    ['softens', 'Softens', 'Sticky or stiff, but still there.'],
    ['no-change', 'Nothing', 'It dries as it was.'],
  ],
})
