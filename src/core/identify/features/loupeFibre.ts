import { defineFeature } from './define'

export const loupeFibre = defineFeature({
  id: 'loupe-fibre',
  kind: 'other',
  look: 'microscope',
  hazard: 'none',
  minutes: 6,
  needs: ['loupe'],
  title: 'One fibre, magnified',
  question: 'One fibre at about 100 times. What does it look like?',
  hint:
    'Wet it on a slip of glass. Cotton and coarse wool show at 60 times; fine wool and flax need ' +
    'about 100, and the scales of mohair and alpaca are faint.',
  guide: {
    steps: [
      'Tease a yarn out on a slip of glass and add a drop of water.',
      'Put a second slip on top.',
      'Focus on one fibre and follow it along.',
    ],
    separates:
      'Cotton, linen, wool and viscose, each with its own look. Smooth rods stay unclear: silk, ' +
      'lyocell and most synthetics look alike.',
    spoiledBy:
      'Too little magnification (fine wool and flax look smooth below 100 times), dye that hides the lines, ' +
      'delustred synthetics that look dusty.',
    caution: 'Slips of glass have sharp edges.',
  },
  source: 'longitudinal views as in AATCC TM20, from memory',
  // Read from a picture beside it; which views get mixed up is in the rows.
  slip: 0.04,
  states: [
    ['twisted-ribbon', 'Twisted ribbon', 'Flat, turning over and over.'],
    ['cross-nodes', 'Cross marks', 'Like a bamboo cane.'],
    ['scales', 'Scales', 'Like a pine cone or roof tiles.'],
    ['smooth-rod', 'Smooth rod', 'Even, like glass.'],
    ['lengthwise-lines', 'Lines along it', 'Grooves from end to end.'],
    ['flat-strip', 'Flat strip', 'A shiny tape.'],
  ],
})
