import { identify } from '@/core/identify/identify'
import { fibreById } from '@/core/fibres/catalogue'
import { type FamilyId, type FibreId } from '@/core/vocabulary/fibres'
import { seen } from '../support/seen'

/**
 * A textbook burn table, recalled from memory of textile-science courses (near the flame, in it, out of it, smell,
 * ash).
 * Written down from that memory, not from this program's own tables.
 */
const table: [FibreId, Record<string, string | string[]>][] = [
  [
    'cotton',
    {
      approach: 'unmoved',
      ignition: 'quick',
      flame: 'yellow-fast',
      'after-removal': 'burns-on',
      afterglow: 'yes',
      smell: 'paper',
      residue: 'soft-ash',
      'residue-colour': 'grey',
    },
  ],
  [
    'linen',
    {
      approach: 'unmoved',
      ignition: 'slow',
      flame: 'yellow-slow',
      'after-removal': 'burns-on',
      afterglow: 'yes',
      smell: 'paper',
      residue: 'shape-keeping-ash',
      'residue-colour': 'grey',
    },
  ],
  [
    'jute',
    {
      approach: 'unmoved',
      flame: 'yellow-fast',
      'after-removal': 'burns-on',
      smell: 'rope-straw',
      residue: 'soft-ash',
      crush: 'powders',
    },
  ],
  [
    'viscose',
    {
      approach: 'unmoved',
      ignition: 'instant',
      flame: 'yellow-fast',
      'after-removal': 'burns-on',
      smell: 'paper',
      residue: 'soft-ash',
    },
  ],
  [
    'lyocell',
    {
      approach: 'unmoved',
      ignition: 'quick',
      flame: 'yellow-fast',
      'after-removal': 'burns-on',
      smell: 'wood-leaves',
      residue: 'soft-ash',
    },
  ],
  [
    'silk',
    {
      approach: 'curls-away',
      ignition: 'slow',
      flame: 'sputtering',
      'after-removal': 'dies-soon',
      smell: 'hair-feather',
      residue: 'crushable-bead',
      'residue-colour': 'black',
      crush: 'powders',
    },
  ],
  [
    'wool',
    {
      approach: 'curls-away',
      ignition: 'slow',
      flame: 'sputtering',
      'after-removal': 'dies-at-once',
      smell: 'hair-feather',
      residue: 'brittle-clinker',
      'residue-colour': 'black',
      crush: 'crumbles',
    },
  ],
  [
    'hair',
    {
      approach: 'curls-away',
      ignition: 'slow',
      'after-removal': 'dies-soon',
      smell: 'hair-feather',
      residue: 'crushable-bead',
      crush: 'powders',
    },
  ],
  [
    'acetate',
    {
      approach: 'melts-back',
      ignition: 'quick',
      melting: 'melts-drips',
      'after-removal': 'burns-on',
      smell: 'vinegar',
      residue: 'brittle-clinker',
      'residue-colour': 'black',
    },
  ],
  [
    'triacetate',
    {
      approach: 'melts-back',
      ignition: 'quick',
      melting: 'melts',
      'after-removal': 'burns-on',
      smell: ['vinegar', 'acrid-chemical'],
      residue: 'hard-bead',
      'residue-colour': 'black',
      acetone: 'softens',
    },
  ],
  [
    'polyester',
    {
      approach: 'melts-back',
      ignition: 'slow',
      melting: 'melts-drips',
      'after-removal': 'dies-soon',
      smoke: 'black-sooty',
      smell: 'sweet-chemical',
      residue: 'hard-bead',
      'residue-colour': 'black',
    },
  ],
  [
    'nylon',
    {
      approach: 'melts-back',
      ignition: 'slow',
      melting: 'melts-drips',
      'after-removal': 'dies-soon',
      smell: 'celery-green',
      residue: 'hard-bead',
      'residue-colour': 'grey',
    },
  ],
  [
    'acrylic',
    {
      approach: 'melts-back',
      ignition: 'quick',
      flame: 'sputtering',
      melting: 'melts',
      'after-removal': 'burns-on',
      smoke: 'black-sooty',
      smell: 'acrid-chemical',
      residue: 'hard-lump',
      'residue-colour': 'black',
    },
  ],
  [
    'modacrylic',
    {
      approach: 'melts-back',
      ignition: 'slow',
      melting: 'melts',
      'after-removal': 'dies-at-once',
      smell: 'acrid-chemical',
      residue: 'hard-lump',
      'residue-colour': 'black',
    },
  ],
  [
    'polypropylene',
    {
      approach: 'melts-back',
      melting: 'melts-drips',
      'after-removal': 'burns-slowly-on',
      smell: 'paraffin',
      residue: 'hard-bead',
      'residue-colour': 'brown',
    },
  ],
  [
    'elastane',
    {
      approach: 'melts-back',
      melting: 'melts',
      'after-removal': 'burns-slowly-on',
      smell: 'rubbery',
      residue: 'gummy',
      'residue-colour': 'black',
    },
  ],
  [
    'glass',
    {
      approach: 'unmoved',
      ignition: 'none',
      melting: 'none',
      'after-removal': 'never-lit',
      smell: 'none',
      residue: 'unburnt',
    },
  ],
  [
    'metallic',
    {
      ignition: 'none',
      flame: 'none',
      'after-removal': 'never-lit',
      smell: 'none',
      residue: 'unburnt',
      lustre: 'bright',
      'loupe-fibre': 'flat-strip',
    },
  ],
]

/** Families that a flame cannot part. */
const alike: Partial<Record<FamilyId, readonly FamilyId[]>> = {
  plant: ['plant', 'regenerated'],
  regenerated: ['plant', 'regenerated'],
}

it.each(table)('%s is found in its family, and nothing finer is wrong', (fibre, record) => {
  const { verdict } = identify({ observations: seen(record) })
  const { family } = fibreById(fibre)
  if (verdict.level === 'fibre') expect(verdict.ids).toEqual([fibre])
  else {
    expect(['family', 'group']).toContain(verdict.level)
    expect(verdict.ids).toContain(family)
    expect(verdict.ids.every((id) => (alike[family] ?? [family]).includes(id as FamilyId))).toBe(true)
  }
})

/** Blends as they show in the dish; common practice. */
const blends: [FibreId, FibreId, Record<string, string | string[]>][] = [
  [
    'cotton',
    'polyester',
    {
      flame: 'yellow-fast',
      melting: 'partly',
      'after-removal': 'burns-on',
      smell: ['paper', 'sweet-chemical'],
      residue: 'hard-specks-in-ash',
      crush: 'crumbles',
    },
  ],
  [
    'wool',
    'nylon',
    {
      approach: 'curls-away',
      melting: 'partly',
      'after-removal': 'dies-soon',
      smell: ['hair-feather', 'celery-green'],
      residue: ['crushable-bead', 'hard-specks-in-ash'],
      crush: 'crumbles',
    },
  ],
  [
    'wool',
    'acrylic',
    {
      melting: 'partly',
      'after-removal': 'burns-slowly-on',
      smoke: 'dark',
      smell: ['hair-feather', 'acrid-chemical'],
      residue: 'hard-specks-in-ash',
      crush: 'resists',
    },
  ],
  [
    'cotton',
    'elastane',
    {
      flame: 'yellow-fast',
      melting: 'partly',
      'after-removal': 'burns-on',
      smell: ['paper', 'rubbery'],
      residue: ['soft-ash', 'hard-specks-in-ash'],
    },
  ],
  [
    'silk',
    'cotton',
    {
      approach: 'curls-away',
      flame: 'yellow-slow',
      melting: 'none',
      'after-removal': 'burns-slowly-on',
      smell: ['paper', 'hair-feather'],
      residue: ['soft-ash', 'crushable-bead'],
      crush: 'powders',
    },
  ],
  [
    'viscose',
    'nylon',
    {
      flame: 'yellow-fast',
      melting: 'partly',
      'after-removal': 'burns-on',
      smell: ['paper', 'celery-green'],
      residue: 'hard-specks-in-ash',
      crush: 'resists',
    },
  ],
]

it.each(blends)('%s with %s: both parents are named', (first, second, record) => {
  const { verdict, families } = identify({ observations: seen(record) })
  expect(verdict.level).toBe('blend')
  const named = verdict.sides.flat()
  for (const fibre of [first, second]) {
    const { family } = fibreById(fibre)
    expect(named.some((id) => id === fibre || id === family)).toBe(true)
  }
  const likely = families.filter(({ present }) => present > 0.5).map(({ id }) => id)
  expect(likely.length).toBeGreaterThanOrEqual(2)
})
