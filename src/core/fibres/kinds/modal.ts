import { CELLULOSE_DYEING } from '../dyeing'
import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const modal: FibreKind = {
  family: 'regenerated',
  traits: ['cellulose', 'falls-softly'],
  dye: { ...CELLULOSE_DYEING, own: 0.95, text: 'takes it fully' },
  thermoplastic: false,
  density: { gramsPerCm3: [1.52, 1.53], source: FROM_MEMORY },
  regain: { percent: 11, source: FROM_MEMORY },
  allowance: { percent: 13, source: EU_1007_ANNEX_IX },
  firstSold: 1951,
  soldSince: 1965,
  lookalike: 'cotton, viscose and lyocell burn like modal',
  ironDots: 2,
  care: { celsius: 40, tumble: 'low', shrinks: [2, 5] },
  handle: { softness: 0.95, slide: 0.5, bulk: 0.95 },
  common: 1.2,
  reports: {
    like: 'viscose',
    except: {
      ignition: { instant: 30, quick: 48, slow: 20, none: 2 },
      'wet-strength': { weaker: 65, unchanged: 32, stronger: 3 },
      'yarn-break': { 'soft-fuzzy': 62, 'crisp-long-ends': 16, 'stretches-first': 21, 'snaps-back': 0.6 },
      'yarn-type': { staple: 94, filament: 6 },
      scrunch: { 'stays-crumpled': 35, 'some-creases': 49, 'springs-out': 16 },
      lustre: { matt: 42, 'soft-sheen': 49, bright: 9 },
      touch: { cool: 50, neutral: 42, warm: 8 },
      'loupe-fibre': {
        'twisted-ribbon': 1,
        'cross-nodes': 1,
        scales: 1,
        'smooth-rod': 35,
        'lengthwise-lines': 61,
        'flat-strip': 1,
      },
    },
  },
}
