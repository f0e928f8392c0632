import { CELLULOSE_DYEING } from '../dyeing'
import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const ramie: FibreKind = {
  family: 'plant',
  traits: ['cellulose', 'bast', 'shrinks-first', 'iron-damp', 'bears-bleach'],
  dye: { ...CELLULOSE_DYEING, own: 0.9, text: 'takes it well' },
  thermoplastic: false,
  density: { gramsPerCm3: [1.5, 1.56], source: FROM_MEMORY },
  regain: { percent: 7.8, source: FROM_MEMORY },
  allowance: { percent: 8.5, source: EU_1007_ANNEX_IX },
  soldSince: null,
  lookalike: 'linen and hemp burn like ramie',
  ironDots: 3,
  care: { celsius: 40, tumble: 'normal', shrinks: [2, 5] },
  handle: { softness: 0.6, slide: 0.2, bulk: 0.95 },
  common: 0.8,
  reports: {
    like: 'linen',
    except: {
      smell: { paper: 55, 'wood-leaves': 18, 'rope-straw': 22, none: 4 },
      residue: { 'soft-ash': 62, 'shape-keeping-ash': 33, 'fluffy-black': 1, 'brittle-clinker': 2, unburnt: 1 },
      lustre: { matt: 25, 'soft-sheen': 60, bright: 15 },
      'loupe-fibre': {
        'twisted-ribbon': 6,
        'cross-nodes': 76,
        scales: 1,
        'smooth-rod': 6,
        'lengthwise-lines': 10,
        'flat-strip': 1,
      },
    },
  },
}
