import { ASTM_D1909, MORTON_HEARLE, EU_1007_ANNEX_IX } from '../sources'
import { type FibreKind } from '../types'

export const linen: FibreKind = {
  family: 'plant',
  thermoplastic: false,
  density: { gramsPerCm3: [1.5, 1.5], source: MORTON_HEARLE },
  regain: { percent: 8.75, source: ASTM_D1909 },
  allowance: { percent: 12, source: EU_1007_ANNEX_IX },
  soldSince: null,
  lookalike: 'hemp and ramie burn as linen does',
  ironDots: 3,
  common: 5,
  reports: {
    like: 'cotton',
    except: {
      ignition: { instant: 12, quick: 50, slow: 36, none: 2 },
      flame: {
        'yellow-fast': 46,
        'yellow-slow': 47,
        sputtering: 3,
        'melting-small': 1,
        'black-tipped-leaping': 2,
        none: 1,
      },
      'after-removal': { 'burns-on': 67, 'burns-slowly-on': 26, 'dies-soon': 5, 'dies-at-once': 1, 'never-lit': 1 },
      afterglow: { yes: 62, no: 38 },
      smell: { paper: 54, 'wood-leaves': 14, 'rope-straw': 27, none: 4 },
      residue: { 'soft-ash': 58, 'shape-keeping-ash': 37, 'fluffy-black': 1, 'brittle-clinker': 2, unburnt: 1 },
      'residue-colour': { 'pale-grey': 45, grey: 40, brown: 6, black: 9 },
      'water-drop': { 'soaks-at-once': 70, 'soaks-slowly': 25, beads: 5 },
      'wet-strength': { weaker: 5, unchanged: 37, stronger: 58 },
      'yarn-break': { 'soft-fuzzy': 12, 'crisp-long-ends': 82.4, 'stretches-first': 5, 'snaps-back': 0.6 },
      scrunch: { 'stays-crumpled': 83, 'some-creases': 15, 'springs-out': 2 },
      lustre: { matt: 52, 'soft-sheen': 43, bright: 5 },
      touch: { cool: 76, neutral: 21, warm: 3 },
      'drying-twist': { clockwise: 85, anticlockwise: 4, 'both-ways': 11 },
      'loupe-fibre': {
        'twisted-ribbon': 2,
        'cross-nodes': 82,
        scales: 1,
        'smooth-rod': 6,
        'lengthwise-lines': 8,
        'flat-strip': 1,
      },
    },
  },
}
