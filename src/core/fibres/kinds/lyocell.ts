import { CELLULOSE_DYEING } from '../dyeing'
import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const lyocell: FibreKind = {
  family: 'regenerated',
  traits: ['cellulose', 'falls-softly'],
  dye: { ...CELLULOSE_DYEING, own: 0.95, text: 'takes it fully; gets hairy when rubbed wet' },
  thermoplastic: false,
  density: { gramsPerCm3: [1.5, 1.52], source: FROM_MEMORY },
  regain: { percent: 11, source: FROM_MEMORY },
  allowance: { percent: 13, source: EU_1007_ANNEX_IX },
  firstSold: 1991,
  soldSince: 1992,
  lookalike: 'cotton, viscose and modal burn like lyocell',
  ironDots: 2,
  care: { celsius: 40, tumble: 'low', shrinks: [2, 4] },
  handle: { softness: 0.9, slide: 0.55, bulk: 0.95 },
  common: 1.8,
  reports: {
    like: 'viscose',
    except: {
      ignition: { instant: 30, quick: 48, slow: 20, none: 2 },
      residue: { 'soft-ash': 74, 'shape-keeping-ash': 20, 'fluffy-black': 2, 'brittle-clinker': 1, unburnt: 1 },
      'wet-strength': { weaker: 34, unchanged: 61, stronger: 5 },
      'yarn-type': { staple: 94, filament: 6 },
      scrunch: { 'stays-crumpled': 35, 'some-creases': 49, 'springs-out': 16 },
      lustre: { matt: 42, 'soft-sheen': 49, bright: 9 },
      'loupe-fibre': {
        'twisted-ribbon': 1,
        'cross-nodes': 1,
        scales: 1,
        'smooth-rod': 92,
        'lengthwise-lines': 4,
        'flat-strip': 1,
      },
    },
  },
}
