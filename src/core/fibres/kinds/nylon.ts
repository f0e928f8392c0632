import { MORTON_HEARLE, ASTM_D1909, EU_1007_ANNEX_IX } from '../sources'
import { type FibreKind } from '../types'

export const nylon: FibreKind = {
  family: 'synthetic',
  thermoplastic: true,
  density: { gramsPerCm3: [1.14, 1.14], source: MORTON_HEARLE },
  regain: { percent: 4.5, source: ASTM_D1909 },
  allowance: { percent: 6, source: EU_1007_ANNEX_IX },
  soldSince: 1939,
  lookalike: 'polyester differs from nylon in smell and colour of bead only',
  ironDots: 1,
  common: 4,
  reports: {
    like: 'polyester',
    except: {
      ignition: { instant: 3, quick: 24, slow: 59, none: 14 },
      flame: {
        'yellow-fast': 3,
        'yellow-slow': 15,
        sputtering: 20,
        'melting-small': 52,
        'black-tipped-leaping': 3,
        none: 7,
      },
      'after-removal': { 'burns-on': 8, 'burns-slowly-on': 22, 'dies-soon': 42, 'dies-at-once': 27, 'never-lit': 1 },
      smoke: { 'hardly-any': 15, pale: 50, dark: 27, 'black-sooty': 8 },
      smell: {
        'celery-green': 51,
        'acrid-chemical': 24,
        'sweet-chemical': 14,
        'hair-feather': 1.5,
        rubbery: 4,
        paraffin: 3,
        vinegar: 0.2,
        paper: 0.5,
        none: 2,
      },
      'residue-colour': { 'pale-grey': 14, grey: 36, brown: 34, black: 16 },
      'water-drop': { 'soaks-at-once': 12, 'soaks-slowly': 35, beads: 53 },
      'wet-strength': { weaker: 16, unchanged: 82, stronger: 2 },
      'yarn-break': { 'soft-fuzzy': 15, 'crisp-long-ends': 12, 'stretches-first': 68, 'snaps-back': 5 },
      'yarn-type': { staple: 14, filament: 86 },
      touch: { cool: 30, neutral: 52, warm: 18 },
      bleach: { dissolves: 1.5, 'no-change': 98.5 },
    },
  },
}
