import { namedCloths } from './catalogue'
import { clothWithId, isCloth } from './traits'
import { CLOTH_TRAITS } from './types'

it('finds a cloth by its id alone', () => {
  expect(clothWithId('denim')?.name.uk).toBe('denim')
  expect(clothWithId('Denim')).toBeUndefined()
  expect(clothWithId(undefined)).toBeUndefined()
})

it('says of each trait a cloth that has it, and of an unknown cloth none', () => {
  for (const trait of CLOTH_TRAITS) {
    expect([trait, namedCloths.some(({ id }) => isCloth(id, trait))]).toEqual([trait, true])
    expect(isCloth('nobody knows it', trait)).toBe(false)
  }
})

it.each([
  ['oilcloth', 'coated', true],
  ['lawn', 'coated', false],
  ['melton', 'shades', true],
  ['terry', 'no-nap', true],
  ['velvet', 'no-nap', false],
  ['houndstooth', 'checked', true],
] as const)('%s %s: %p', (id, trait, is) => {
  expect(isCloth(id, trait)).toBe(is)
})
