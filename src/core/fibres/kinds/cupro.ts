import { CELLULOSE_DYEING } from '../dyeing'
import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const cupro: FibreKind = {
  family: 'regenerated',
  traits: ['cellulose', 'weak-when-wet', 'falls-softly', 'gentle-wash'],
  dye: { ...CELLULOSE_DYEING, own: 0.95, text: 'takes it fully; delicate while it is wet' },
  thermoplastic: false,
  density: { gramsPerCm3: [1.52, 1.54], source: FROM_MEMORY },
  regain: { percent: 11, source: FROM_MEMORY },
  allowance: { percent: 13, source: EU_1007_ANNEX_IX },
  firstSold: 1899,
  soldSince: 1920,
  lookalike: 'viscose burns like cupro',
  ironDots: 2,
  care: { celsius: 30, tumble: 'never', shrinks: [1, 4] },
  handle: { softness: 1, slide: 1, bulk: 0.9 },
  common: 0.8,
  reports: {
    like: 'viscose',
    except: {
      'wet-strength': { weaker: 72, unchanged: 26, stronger: 2 },
      'yarn-break': { 'soft-fuzzy': 35, 'crisp-long-ends': 28, 'stretches-first': 36, 'snaps-back': 1 },
      'yarn-type': { staple: 14, filament: 86 },
      scrunch: { 'stays-crumpled': 35, 'some-creases': 49, 'springs-out': 16 },
      lustre: { matt: 15, 'soft-sheen': 52, bright: 33 },
      'loupe-fibre': {
        'twisted-ribbon': 1,
        'cross-nodes': 1,
        scales: 1,
        'smooth-rod': 88,
        'lengthwise-lines': 8,
        'flat-strip': 1,
      },
    },
  },
}
