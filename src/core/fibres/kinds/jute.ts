import { CELLULOSE_DYEING } from '../dyeing'
import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const jute: FibreKind = {
  family: 'plant',
  traits: ['cellulose', 'bast', 'coarse'],
  dye: { ...CELLULOSE_DYEING, own: 0.75, other: { acid: 0.3, basic: 0.5 }, text: 'takes it, but fades in the light' },
  thermoplastic: false,
  density: { gramsPerCm3: [1.44, 1.5], source: FROM_MEMORY },
  regain: { percent: 13.75, source: FROM_MEMORY },
  allowance: { percent: 17, source: EU_1007_ANNEX_IX },
  soldSince: null,
  lookalike: 'hemp burns like jute',
  ironDots: 3,
  care: { celsius: 30, tumble: 'never', shrinks: [4, 10] },
  handle: { softness: 0.15, slide: 0.05, bulk: 1 },
  common: 0.8,
  reports: {
    like: 'linen',
    except: {
      ignition: { instant: 25, quick: 50, slow: 23, none: 2 },
      flame: {
        'yellow-fast': 58,
        'yellow-slow': 36,
        sputtering: 3,
        'melting-small': 1,
        'black-tipped-leaping': 1,
        none: 1,
      },
      afterglow: { yes: 78, no: 22 },
      smell: { paper: 22, 'wood-leaves': 22, 'rope-straw': 52, none: 3 },
      residue: { 'soft-ash': 62, 'shape-keeping-ash': 33, 'fluffy-black': 1, 'brittle-clinker': 2, unburnt: 1 },
      'yarn-break': { 'soft-fuzzy': 20, 'crisp-long-ends': 75, 'stretches-first': 4, 'snaps-back': 1 },
      scrunch: { 'stays-crumpled': 65, 'some-creases': 30, 'springs-out': 5 },
      touch: { cool: 38, neutral: 52, warm: 10 },
      'drying-twist': { clockwise: 4, anticlockwise: 85, 'both-ways': 11 },
    },
  },
}
