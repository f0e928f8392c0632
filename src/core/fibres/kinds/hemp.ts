import { CELLULOSE_DYEING } from '../dyeing'
import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const hemp: FibreKind = {
  family: 'plant',
  traits: ['softens-with-washing', 'cellulose', 'bast', 'coarse', 'shrinks-first', 'iron-damp', 'bears-bleach'],
  dye: { ...CELLULOSE_DYEING, own: 0.85, text: 'takes it well' },
  thermoplastic: false,
  density: { gramsPerCm3: [1.48, 1.5], source: FROM_MEMORY },
  regain: { percent: 8, source: FROM_MEMORY },
  allowance: { percent: 12, source: EU_1007_ANNEX_IX },
  soldSince: null,
  lookalike: 'linen and ramie burn like hemp',
  ironDots: 3,
  care: { celsius: 60, tumble: 'normal', shrinks: [3, 7] },
  handle: { softness: 0.55, slide: 0.1, bulk: 0.95 },
  common: 1.2,
  reports: {
    like: 'linen',
    except: {
      smell: { paper: 40, 'wood-leaves': 16, 'rope-straw': 39, none: 4 },
      residue: { 'soft-ash': 62, 'shape-keeping-ash': 33, 'fluffy-black': 1, 'brittle-clinker': 2, unburnt: 1 },
      'drying-twist': { clockwise: 4, anticlockwise: 85, 'both-ways': 11 },
    },
  },
}
