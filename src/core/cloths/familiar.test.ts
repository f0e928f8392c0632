import { besideFamiliar } from './familiar'

it('finds familiar cloths about a weight', () => {
  const { lighter, like, heavier } = besideFamiliar(140)
  expect(like.map(({ id }) => id)).toContain('quilting-cotton')
  expect(lighter.at(-1)!.id).toBe('chiffon')
  expect(heavier.map(({ id }) => id)).toContain('denim')
})
