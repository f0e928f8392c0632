import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const modacrylic: FibreKind = {
  family: 'synthetic',
  traits: ['gentle-wash', 'goes-out', 'heat-set', 'holds-its-dye'],
  dye: {
    dyeClass: 'basic',
    own: 0.12,
    other: { disperse: 0.08 },
    text: 'takes little, and shrinks in the heat',
  },
  thermoplastic: true,
  density: { gramsPerCm3: [1.3, 1.37], source: FROM_MEMORY },
  regain: { percent: 2, source: FROM_MEMORY },
  allowance: { percent: 2, source: EU_1007_ANNEX_IX },
  firstSold: 1948,
  soldSince: 1950,
  lookalike: null,
  ironDots: 1,
  care: { celsius: 30, tumble: 'never', shrinks: [0, 3] },
  handle: { softness: 0.6, slide: 0.2, bulk: 1.2 },
  common: 0.6,
  reports: {
    like: 'acrylic',
    except: {
      ignition: { instant: 2, quick: 12, slow: 56, none: 30 },
      flame: {
        'yellow-fast': 3,
        'yellow-slow': 10,
        sputtering: 22,
        'melting-small': 35,
        'black-tipped-leaping': 7,
        'green-edged': 3,
        none: 20,
      },
      melting: { none: 6, partly: 24, melts: 52, 'melts-drips': 18 },
      'after-removal': { 'burns-on': 1, 'burns-slowly-on': 4, 'dies-soon': 22, 'dies-at-once': 68, 'never-lit': 5 },
      smoke: { 'hardly-any': 5, pale: 20, dark: 40, 'black-sooty': 35 },
      smell: { 'acrid-chemical': 72, 'sweet-chemical': 11, rubbery: 5, vinegar: 2, paraffin: 2, paper: 0.5, none: 2 },
      residue: { 'hard-lump': 68, 'brittle-clinker': 15, 'hard-bead': 14, 'crushable-bead': 3 },
      lustre: { matt: 45, 'soft-sheen': 40, bright: 15 },
      acetone: { dissolves: 20, softens: 56, 'no-change': 24 },
    },
  },
}
