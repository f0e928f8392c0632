import { MORTON_HEARLE, ASTM_D1909, EU_1007_ANNEX_IX } from '../sources'
import { type FibreKind } from '../types'

export const viscose: FibreKind = {
  family: 'regenerated',
  thermoplastic: false,
  density: { gramsPerCm3: [1.52, 1.52], source: MORTON_HEARLE },
  regain: { percent: 11, source: ASTM_D1909 },
  allowance: { percent: 13, source: EU_1007_ANNEX_IX },
  soldSince: 1910,
  lookalike: 'cotton, modal and lyocell burn just as viscose does',
  ironDots: 2,
  common: 8,
  reports: {
    like: 'cotton',
    except: {
      approach: { unmoved: 86, 'curls-away': 11, 'melts-back': 3 },
      ignition: { instant: 34, quick: 44, slow: 20, none: 2 },
      flame: {
        'yellow-fast': 68,
        'yellow-slow': 27,
        sputtering: 2,
        'melting-small': 1,
        'black-tipped-leaping': 1,
        none: 1,
      },
      'after-removal': { 'burns-on': 78, 'burns-slowly-on': 17, 'dies-soon': 3, 'dies-at-once': 1, 'never-lit': 1 },
      afterglow: { yes: 42, no: 58 },
      smoke: { 'hardly-any': 42, pale: 50, dark: 7, 'black-sooty': 1 },
      smell: { paper: 66, 'wood-leaves': 24, 'rope-straw': 4, 'sweet-chemical': 0.5, 'acrid-chemical': 0.5, none: 5 },
      'water-drop': { 'soaks-at-once': 67, 'soaks-slowly': 27, beads: 6 },
      'wet-strength': { weaker: 88, unchanged: 11, stronger: 1 },
      'yarn-break': { 'soft-fuzzy': 53, 'crisp-long-ends': 26, 'stretches-first': 20, 'snaps-back': 1 },
      'yarn-type': { staple: 65, filament: 35 },
      scrunch: { 'stays-crumpled': 52, 'some-creases': 36, 'springs-out': 12 },
      lustre: { matt: 40, 'soft-sheen': 35, bright: 25 },
      touch: { cool: 64, neutral: 31, warm: 5 },
      'drying-twist': { clockwise: 10, anticlockwise: 10, 'both-ways': 80 },
      'loupe-fibre': {
        'twisted-ribbon': 1,
        'cross-nodes': 1,
        scales: 1,
        'smooth-rod': 12,
        'lengthwise-lines': 84,
        'flat-strip': 1,
      },
    },
  },
}
