import { fibreById } from '@/core/fibres/catalogue'
import { type FibreId } from '@/core/vocabulary/fibres'
import { identify } from '@/core/identify/identify'
import { seen } from '../support/seen'

/**
 * Two more burn tables, each recalled from memory of a different kind of handbook and written down apart from the
 * first: one as costume and dressmaking courses teach it (what you see and smell), one as textile conservators note
 * it (what is left). Not read off this program's tables.
 */
type Row = readonly [FibreId, Record<string, string | readonly string[]>]

const dressmaking: readonly Row[] = [
  [
    'cotton',
    {
      ignition: 'instant',
      flame: 'yellow-fast',
      melting: 'none',
      'after-removal': 'burns-on',
      smell: 'paper',
      residue: 'soft-ash',
      crush: 'powders',
    },
  ],
  [
    'linen',
    {
      ignition: 'quick',
      flame: 'yellow-slow',
      melting: 'none',
      'after-removal': 'burns-on',
      smell: ['paper', 'rope-straw'],
      residue: 'shape-keeping-ash',
    },
  ],
  [
    'hemp',
    {
      ignition: 'quick',
      melting: 'none',
      'after-removal': 'burns-on',
      smell: 'rope-straw',
      residue: 'soft-ash',
      'residue-colour': 'grey',
    },
  ],
  [
    'ramie',
    {
      flame: 'yellow-fast',
      melting: 'none',
      'after-removal': 'burns-on',
      smell: 'paper',
      residue: 'shape-keeping-ash',
      'residue-colour': 'grey',
    },
  ],
  [
    'viscose',
    {
      ignition: 'instant',
      flame: 'yellow-fast',
      melting: 'none',
      'after-removal': 'burns-on',
      afterglow: 'no',
      smell: ['paper', 'wood-leaves'],
      residue: 'soft-ash',
    },
  ],
  [
    'modal',
    {
      ignition: 'quick',
      flame: 'yellow-fast',
      melting: 'none',
      'after-removal': 'burns-on',
      smell: 'paper',
      residue: 'soft-ash',
    },
  ],
  [
    'cupro',
    {
      flame: 'yellow-fast',
      melting: 'none',
      'after-removal': 'burns-on',
      smell: 'paper',
      residue: 'soft-ash',
      'yarn-type': 'filament',
    },
  ],
  [
    'silk',
    {
      approach: 'curls-away',
      flame: 'yellow-slow',
      'after-removal': 'dies-soon',
      smoke: 'hardly-any',
      smell: 'hair-feather',
      residue: 'crushable-bead',
    },
  ],
  [
    'wool',
    {
      approach: 'curls-away',
      ignition: 'slow',
      flame: 'sputtering',
      smoke: 'dark',
      smell: 'hair-feather',
      residue: 'crushable-bead',
      crush: 'crumbles',
    },
  ],
  [
    'acetate',
    {
      approach: 'melts-back',
      flame: 'sputtering',
      melting: 'melts-drips',
      'after-removal': 'burns-on',
      smell: 'vinegar',
      residue: 'hard-lump',
      crush: 'resists',
    },
  ],
  [
    'acetate',
    {
      approach: 'melts-back',
      ignition: 'quick',
      flame: 'yellow-fast',
      melting: 'melts',
      'after-removal': 'burns-on',
      smell: ['vinegar', 'paper'],
      residue: 'hard-lump',
      'residue-colour': 'black',
      crush: 'crumbles',
    },
  ],
  [
    'polyester',
    {
      approach: 'melts-back',
      flame: 'melting-small',
      melting: 'melts-drips',
      smoke: 'black-sooty',
      smell: 'sweet-chemical',
      residue: 'hard-bead',
      crush: 'resists',
    },
  ],
  [
    'nylon',
    {
      approach: 'melts-back',
      flame: 'melting-small',
      melting: 'melts-drips',
      smoke: 'pale',
      smell: 'celery-green',
      residue: 'hard-bead',
      'residue-colour': 'brown',
    },
  ],
  [
    'acrylic',
    {
      ignition: 'instant',
      flame: 'black-tipped-leaping',
      melting: 'melts',
      'after-removal': 'burns-on',
      smoke: 'black-sooty',
      smell: 'acrid-chemical',
      residue: 'hard-lump',
    },
  ],
  [
    'polypropylene',
    {
      approach: 'melts-back',
      flame: 'melting-small',
      melting: 'melts-drips',
      smell: 'paraffin',
      residue: 'hard-bead',
      float: 'floats',
    },
  ],
]

const conservation: readonly Row[] = [
  [
    'cotton',
    {
      'after-removal': 'burns-on',
      afterglow: 'yes',
      smell: 'paper',
      residue: 'soft-ash',
      'residue-colour': 'pale-grey',
      'loupe-fibre': 'twisted-ribbon',
    },
  ],
  [
    'linen',
    {
      'after-removal': 'burns-on',
      afterglow: 'yes',
      smell: 'paper',
      residue: 'shape-keeping-ash',
      'loupe-fibre': 'cross-nodes',
      'drying-twist': 'clockwise',
    },
  ],
  [
    'hemp',
    {
      'after-removal': 'burns-on',
      smell: 'rope-straw',
      residue: 'soft-ash',
      'loupe-fibre': 'cross-nodes',
      'drying-twist': 'anticlockwise',
    },
  ],
  [
    'jute',
    {
      ignition: 'instant',
      afterglow: 'yes',
      smell: 'rope-straw',
      residue: 'soft-ash',
      'loupe-fibre': 'cross-nodes',
      'drying-twist': 'anticlockwise',
      lustre: 'soft-sheen',
    },
  ],
  [
    'viscose',
    {
      'after-removal': 'burns-on',
      smell: 'paper',
      residue: 'soft-ash',
      'wet-strength': 'weaker',
      'loupe-fibre': 'lengthwise-lines',
    },
  ],
  [
    'lyocell',
    {
      'after-removal': 'burns-on',
      smell: 'paper',
      residue: 'soft-ash',
      'wet-strength': 'unchanged',
      'loupe-fibre': 'smooth-rod',
      'yarn-type': 'staple',
    },
  ],
  [
    'wool',
    {
      'after-removal': 'dies-at-once',
      smell: 'hair-feather',
      residue: 'brittle-clinker',
      crush: 'crumbles',
      'loupe-fibre': 'scales',
      bleach: 'dissolves',
    },
  ],
  [
    'silk',
    {
      'after-removal': 'dies-soon',
      smell: 'hair-feather',
      residue: 'crushable-bead',
      crush: 'powders',
      'loupe-fibre': 'smooth-rod',
      bleach: 'dissolves',
    },
  ],
  [
    'acetate',
    { melting: 'melts-drips', smell: 'vinegar', residue: 'hard-bead', crush: 'resists', acetone: 'dissolves' },
  ],
  ['triacetate', { melting: 'melts', smell: 'vinegar', residue: 'hard-lump', crush: 'resists', acetone: 'softens' }],
  [
    'nylon',
    {
      melting: 'melts-drips',
      'after-removal': 'dies-soon',
      smell: 'celery-green',
      residue: 'hard-bead',
      'residue-colour': 'grey',
      'loupe-fibre': 'smooth-rod',
      acetone: 'no-change',
    },
  ],
  [
    'modacrylic',
    {
      'after-removal': 'dies-at-once',
      melting: 'melts',
      smell: 'acrid-chemical',
      residue: 'hard-lump',
      crush: 'resists',
      acetone: 'softens',
    },
  ],
  [
    'elastane',
    { melting: 'melts', smell: ['rubbery', 'acrid-chemical'], residue: 'gummy', 'yarn-break': 'snaps-back' },
  ],
  [
    'glass',
    {
      ignition: 'none',
      'after-removal': 'never-lit',
      smell: 'none',
      residue: 'unburnt',
      lustre: 'bright',
      'yarn-break': 'crisp-long-ends',
    },
  ],
]

const CELLULOSE = ['plant', 'regenerated']

/** A verdict is right where it holds the truth and claims no family that a flame could have ruled out. */
function expectRight(fibre: FibreId, record: Row[1]) {
  const { verdict, families } = identify({ observations: seen(record) })
  const { family } = fibreById(fibre)
  const alike = CELLULOSE.includes(family) ? CELLULOSE : [family]
  if (verdict.level === 'fibre') {
    expect(verdict.ids).toEqual([fibre])
    return
  }
  expect(['family', 'group']).toContain(verdict.level)
  expect(verdict.ids).toContain(family)
  expect(verdict.ids.filter((id) => !alike.includes(id))).toEqual([])
  expect(alike).toContain(families[0]!.id)
}

it.each(dressmaking)('as dressmakers burn it: %s', expectRight)
it.each(conservation)('as conservators note it: %s', expectRight)

it.each([
  ['cotton', conservation[0]!],
  ['viscose', conservation[4]!],
  ['acetate', conservation[8]!],
] as const)('the loupe, water or acetone make it %s and nothing else', (fibre, [, record]) => {
  const { verdict } = identify({ observations: seen(record) })
  expect(verdict.leaning).toEqual([fibre])
  expect(verdict.leaningProbability).toBeGreaterThan(0.6)
})

it.each([
  ['silk', 'polyester', dressmaking[11]!],
  ['wool', 'acrylic', dressmaking[13]!],
  ['silk', 'viscose', dressmaking[4]!],
  ['linen', 'polyester', dressmaking[11]!],
  ['cotton', 'wool', dressmaking[8]!],
] as const)('%s that is %s is contradicted', (claimed, _, [, record]) => {
  const { claim } = identify({ observations: seen(record), claim: [{ fibre: claimed, percent: 100 }] })
  expect(claim!.verdict).toBe('contradicted')
})

it.each(dressmaking)('a true claim is never called doubtful or contradicted: %s', (fibre, record) => {
  const { claim } = identify({ observations: seen(record), claim: [{ fibre, percent: 100 }] })
  expect(['supported', 'untested']).toContain(claim!.verdict)
})
