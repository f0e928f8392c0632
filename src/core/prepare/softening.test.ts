import { offerFrom } from '../fabric/offer'
import { softeningOf } from './softening'

const ids = (described: Parameters<typeof offerFrom>[0]) => softeningOf(offerFrom(described)).map(({ id }) => id)

it.each([
  [{ called: 'linen' }, ['size-washes-out', 'bast-by-wear', 'soda-boil']],
  [{ called: 'taffeta', fibres: ['polyester'] as const }, ['heat-set-stays', 'vinegar-rinse']],
  [{ called: 'noil', fibres: ['silk'] as const }, ['silk-soap']],
  [{ called: 'oilcloth' }, ['film-stays-stiff']],
])('softens %j', (described, expected) => {
  expect(ids(described)).toEqual(expect.arrayContaining(expected))
})

it.each([
  [{ called: 'linen', washed: true }, 'size-washes-out'],
  [{ fibres: ['cotton', 'silk'] as const }, 'soda-boil'],
  [{ called: 'flannel-wool', fibres: ['wool'] as const }, 'softener-coats'],
  [{ called: 'oilcloth' }, 'vinegar-rinse'],
  [{ fibres: ['acetate'] as const }, 'vinegar-rinse'],
  [{ called: 'poplin' }, 'heat-set-stays'],
])('does not say of %j: %s', (described, id) => {
  expect(ids(described)).not.toContain(id)
})

it('says of each whether it lasts', () => {
  const lasts = new Map(softeningOf(offerFrom({ called: 'canvas' })).map(({ id, lasts }) => [id, lasts]))
  expect(lasts.get('size-washes-out')).toBe('stays')
  expect(lasts.get('softener-coats')).toBe('washes-out')
})
