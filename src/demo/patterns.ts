import { type PatternRecord } from '../core/notebook/kinds/pattern'

/** Patterns of the puppet theatre's wardrobe; invented. */
export const demoPatterns: readonly PatternRecord[] = [
  {
    name: 'Ferryman’s jumpsuit',
    notes: 'For the tallest rod puppet’s handler. Ties at the waist; pockets for the control rods.',
    need: { garment: 'jumpsuit', details: ['belt', 'collar', 'patch-pockets'], season: 'mild', gsm: [150, 270] },
  },
  {
    name: 'Heron’s wing cape',
    notes: 'Falls in soft folds from the shoulder and has to move when the arm moves.',
    need: {
      garment: 'dress-fluid',
      details: ['gathers', 'draped'],
      season: 'mild',
      gsm: [60, 160],
      body: ['fluid', 'soft'],
    },
  },
  {
    name: 'Handlers’ black overshirt',
    notes: 'Six of them, worn under hot lamps.',
    need: { garment: 'shirt', details: ['collar', 'cuffs', 'buttonholes'], season: 'hot' },
  },
  {
    name: 'Harbour mistress’s coat',
    notes: 'Stands away from the body; worn on the quay in November.',
    need: { garment: 'coat', details: ['lapel', 'lined', 'belt'], season: 'cold' },
  },
  {
    name: 'Eel puppet skin',
    notes: 'A long tube over foam rings: it must stretch and come back.',
    need: { garment: 'leggings', details: ['pull-on'], season: 'mild', stretchPercent: { width: [35, 150] } },
  },
  {
    name: 'Chorus tiered skirts',
    notes: 'Three tiers, gathered; seen from the stalls.',
    need: { garment: 'skirt-tiered', details: ['tiers', 'gathers', 'elastic-waist'], season: 'mild' },
  },
]
