import { MORTON_HEARLE, ASTM_D1909, EU_1007_ANNEX_IX } from '../sources'
import { type FibreKind } from '../types'

export const polypropylene: FibreKind = {
  family: 'synthetic',
  thermoplastic: true,
  density: { gramsPerCm3: [0.9, 0.91], source: MORTON_HEARLE },
  regain: { percent: 0, source: ASTM_D1909 },
  allowance: { percent: 2, source: EU_1007_ANNEX_IX },
  firstSold: 1957,
  soldSince: 1959,
  lookalike: null,
  ironDots: 0,
  care: { celsius: 40, tumble: 'never', shrinks: [0, 1] },
  handle: { softness: 0.5, slide: 0.5, bulk: 1.1 },
  common: 1,
  reports: {
    like: 'polyester',
    except: {
      ignition: { instant: 8, quick: 37, slow: 50, none: 5 },
      flame: {
        'yellow-fast': 8,
        'yellow-slow': 25,
        sputtering: 8,
        'melting-small': 50,
        'black-tipped-leaping': 5,
        none: 4,
      },
      melting: { none: 1, partly: 4, melts: 35, 'melts-drips': 60 },
      'after-removal': { 'burns-on': 61, 'burns-slowly-on': 30, 'dies-soon': 6, 'dies-at-once': 2, 'never-lit': 1 },
      smoke: { 'hardly-any': 15, pale: 45, dark: 28, 'black-sooty': 12 },
      smell: {
        paraffin: 68,
        'acrid-chemical': 13,
        'sweet-chemical': 9,
        rubbery: 4,
        'celery-green': 2,
        paper: 0.5,
        none: 2,
      },
      residue: { 'hard-bead': 77, 'hard-lump': 16, gummy: 4 },
      'residue-colour': { 'pale-grey': 20, grey: 14, brown: 54, black: 12 },
      'water-drop': { 'soaks-at-once': 5, 'soaks-slowly': 12, beads: 83 },
      lustre: { matt: 64, 'soft-sheen': 28, bright: 8 },
      touch: { cool: 9, neutral: 58, warm: 33 },
      float: { floats: 94, sinks: 6 },
    },
  },
}
