import { EU_1007_ANNEX_IX, FROM_MEMORY } from '../sources'
import { type FibreKind } from '../types'

export const triacetate: FibreKind = {
  family: 'acetate',
  traits: ['heat-set', 'keeps-pleats'],
  dye: { dyeClass: 'disperse', own: 0.22, text: 'takes little without a dyehouse’s heat' },
  thermoplastic: true,
  density: { gramsPerCm3: [1.3, 1.32], source: FROM_MEMORY },
  regain: { percent: 3.5, source: FROM_MEMORY },
  allowance: { percent: 7, source: EU_1007_ANNEX_IX },
  soldSince: 1954,
  lookalike: 'acetate burns like triacetate',
  ironDots: 2,
  care: { celsius: 40, tumble: 'low', shrinks: [0, 2] },
  handle: { softness: 0.75, slide: 0.9, bulk: 0.9 },
  common: 0.8,
  reports: {
    like: 'acetate',
    except: {
      smell: { vinegar: 50, 'acrid-chemical': 27, paper: 10, 'sweet-chemical': 8, 'wood-leaves': 3, none: 2 },
      residue: { 'hard-lump': 54, 'brittle-clinker': 18, 'hard-bead': 22, gummy: 3, 'crushable-bead': 3 },
      'water-drop': { 'soaks-at-once': 10, 'soaks-slowly': 40, beads: 50 },
      'wet-strength': { weaker: 35, unchanged: 62, stronger: 3 },
      scrunch: { 'stays-crumpled': 12, 'some-creases': 45, 'springs-out': 43 },
      lustre: { matt: 15, 'soft-sheen': 40, bright: 45 },
      touch: { cool: 30, neutral: 55, warm: 15 },
      acetone: { dissolves: 8, softens: 70, 'no-change': 22 },
    },
  },
}
