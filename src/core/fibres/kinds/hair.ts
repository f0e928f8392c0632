import { PROTEIN_DYEING } from '../dyeing'
import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const hair: FibreKind = {
  family: 'protein',
  traits: ['felts', 'hairy', 'eaten-by-moths', 'gentle-wash', 'shrinks-first', 'shines-when-pressed', 'goes-out'],
  dye: { ...PROTEIN_DYEING, own: 0.9, text: 'takes it well; felts like wool' },
  thermoplastic: false,
  density: { gramsPerCm3: [1.28, 1.32], source: FROM_MEMORY },
  regain: { percent: 13.6, source: FROM_MEMORY },
  allowance: { percent: 17.5, range: [17, 18.25], source: EU_1007_ANNEX_IX },
  soldSince: null,
  lookalike: 'wool burns like mohair, alpaca and cashmere',
  ironDots: 2,
  care: { celsius: 30, tumble: 'never', shrinks: [3, 10] },
  handle: { softness: 0.55, slide: 0.1, bulk: 1.25 },
  common: 2,
  reports: {
    like: 'wool',
    except: {
      'loupe-fibre': {
        'twisted-ribbon': 0,
        'cross-nodes': 1,
        scales: 78,
        'smooth-rod': 18,
        'lengthwise-lines': 2,
        'flat-strip': 1,
      },
      lustre: { matt: 42, 'soft-sheen': 49, bright: 9 },
    },
  },
}
