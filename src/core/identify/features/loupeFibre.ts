import { defineFeature } from './define'

export const loupeFibre = defineFeature({
  id: 'loupe-fibre',
  kind: 'other',
  look: 'microscope',
  hazard: 'none',
  minutes: 6,
  needs: ['loupe'],
  title: 'One fibre, magnified',
  question: 'One fibre at 60 times or more. What does it look like?',
  hint: 'Wet it on a slip of glass. A clip-on lens for a phone may do.',
  guide: {
    steps: [
      'Tease a yarn out on a slip of glass and add a drop of water.',
      'Lay a second slip on top.',
      'Focus on one fibre and follow it along.',
    ],
    separates:
      'Cotton, linen, wool and viscose, each with a face of its own. Smooth rods stay in doubt: silk, ' +
      'lyocell and most synthetics look alike.',
    spoiledBy: 'Too little magnification, dye that hides the lines, delustred synthetics that look dusty.',
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
  rows: [
    [
      ['cotton'],
      { 'twisted-ribbon': 88, 'cross-nodes': 2, scales: 1, 'smooth-rod': 7, 'lengthwise-lines': 1, 'flat-strip': 1 },
    ],
    [
      ['linen', 'hemp', 'jute'],
      { 'twisted-ribbon': 2, 'cross-nodes': 88, scales: 1, 'smooth-rod': 4, 'lengthwise-lines': 4, 'flat-strip': 1 },
    ],
    [
      ['ramie'],
      { 'twisted-ribbon': 6, 'cross-nodes': 76, scales: 1, 'smooth-rod': 6, 'lengthwise-lines': 10, 'flat-strip': 1 },
    ],
    [
      ['viscose'],
      { 'twisted-ribbon': 1, 'cross-nodes': 1, scales: 1, 'smooth-rod': 12, 'lengthwise-lines': 84, 'flat-strip': 1 },
    ],
    [
      ['modal'],
      { 'twisted-ribbon': 1, 'cross-nodes': 1, scales: 1, 'smooth-rod': 35, 'lengthwise-lines': 61, 'flat-strip': 1 },
    ],
    [
      ['lyocell', 'cupro'],
      { 'twisted-ribbon': 1, 'cross-nodes': 1, scales: 1, 'smooth-rod': 88, 'lengthwise-lines': 8, 'flat-strip': 1 },
    ],
    [
      ['acetate', 'triacetate'],
      { 'twisted-ribbon': 1, 'cross-nodes': 1, scales: 1, 'smooth-rod': 15, 'lengthwise-lines': 80, 'flat-strip': 2 },
    ],
    [
      ['wool', 'hair'],
      { 'twisted-ribbon': 0, 'cross-nodes': 1, scales: 96, 'smooth-rod': 2, 'lengthwise-lines': 1, 'flat-strip': 0 },
    ],
    [
      ['silk'],
      { 'twisted-ribbon': 2, 'cross-nodes': 1, scales: 2, 'smooth-rod': 85, 'lengthwise-lines': 8, 'flat-strip': 2 },
    ],
    [
      ['polyester', 'nylon', 'polypropylene', 'glass'],
      { 'twisted-ribbon': 1, 'cross-nodes': 1, scales: 1, 'smooth-rod': 92, 'lengthwise-lines': 4, 'flat-strip': 1 },
    ],
    [
      ['acrylic', 'modacrylic'],
      { 'twisted-ribbon': 2, 'cross-nodes': 1, scales: 1, 'smooth-rod': 44, 'lengthwise-lines': 50, 'flat-strip': 2 },
    ],
    [
      ['elastane'],
      { 'twisted-ribbon': 1, 'cross-nodes': 1, scales: 1, 'smooth-rod': 78, 'lengthwise-lines': 14, 'flat-strip': 5 },
    ],
    [
      ['metallic'],
      { 'twisted-ribbon': 2, 'cross-nodes': 1, scales: 1, 'smooth-rod': 3, 'lengthwise-lines': 1, 'flat-strip': 92 },
    ],
  ],
})
