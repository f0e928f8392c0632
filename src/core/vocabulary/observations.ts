import { idsOf } from './words'

/** Which yarns were tested. */
export const PARTS = ['whole', 'warp', 'weft', 'pile'] as const
export type Part = (typeof PARTS)[number]

/** What a person wants to know of a cloth. */
export const ASKS = ['fibre', 'family', 'plastic', 'label'] as const
export type Asks = (typeof ASKS)[number]

/** What is at hand beside tweezers, water and daylight. */
export const TOOLS = ['flame', 'loupe', 'acetone', 'bleach'] as const
export type Tool = (typeof TOOLS)[number]

/** What may be reported of a burn, in the order in which things happen at the flame. */
export const BURN_STATES = {
  approach: ['unmoved', 'curls-away', 'melts-back'],
  ignition: ['instant', 'quick', 'slow', 'none'],
  flame: [
    ...([
      'yellow-fast',
      'yellow-slow',
      'sputtering',
      'melting-small',
      'black-tipped-leaping',
      'green-edged',
    ] as const),
    'none',
  ],
  melting: ['none', 'partly', 'melts', 'melts-drips'],
  'after-removal': ['burns-on', 'burns-slowly-on', 'dies-soon', 'dies-at-once', 'never-lit'],
  afterglow: ['yes', 'no'],
  smoke: ['hardly-any', 'pale', 'dark', 'black-sooty'],
  smell: [
    'paper',
    'wood-leaves',
    'rope-straw',
    'hair-feather',
    'vinegar',
    'celery-green',
    'sweet-chemical',
    'acrid-chemical',
    'paraffin',
    'rubbery',
    'none',
  ],
  residue: [
    'soft-ash',
    'shape-keeping-ash',
    'brittle-clinker',
    'crushable-bead',
    'hard-bead',
    'hard-lump',
    'hard-specks-in-ash',
    'gummy',
    'fluffy-black',
    'unburnt',
  ],
  'residue-colour': ['pale-grey', 'grey', 'brown', 'black'],
  crush: ['powders', 'crumbles', 'resists'],
} as const

/** What may be reported of a test without a flame. */
export const TABLE_TEST_STATES = {
  'water-drop': ['soaks-at-once', 'soaks-slowly', 'beads'],
  'wet-strength': ['weaker', 'unchanged', 'stronger'],
  'yarn-break': ['soft-fuzzy', 'crisp-long-ends', 'stretches-first', 'snaps-back'],
  'yarn-type': ['staple', 'filament'],
  scrunch: ['stays-crumpled', 'some-creases', 'springs-out'],
  lustre: ['matt', 'soft-sheen', 'bright'],
  touch: ['cool', 'neutral', 'warm'],
  'drying-twist': ['clockwise', 'anticlockwise', 'both-ways'],
  'loupe-fibre': ['twisted-ribbon', 'cross-nodes', 'scales', 'smooth-rod', 'lengthwise-lines', 'flat-strip'],
  float: ['floats', 'sinks'],
  acetone: ['dissolves', 'softens', 'no-change'],
  bleach: ['dissolves', 'no-change'],
} as const

/** Everything that may be reported of a specimen. */
export const OBSERVED_STATES = { ...BURN_STATES, ...TABLE_TEST_STATES }
export type FeatureId = keyof typeof OBSERVED_STATES
export type StateOf<F extends FeatureId> = (typeof OBSERVED_STATES)[F][number]
export const FEATURE_IDS = idsOf(OBSERVED_STATES)
