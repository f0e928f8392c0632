import fc from 'fast-check'
import { nearestWords, plainWords, slipsBetween } from './slips'

it.each([
  ['linen', 'linen', 0],
  ['linnen', 'linen', 1],
  ['lienn', 'linen', 1],
  ['corduroy', 'courduroy', 1],
  ['cord', 'lawn', 4],
  ['', 'silk', 4],
])('%s and %s are %i slips apart', (a, b, slips) => {
  expect(slipsBetween(a, b, 5)).toBe(slips)
})

it('is the same both ways, and gives up past what is asked', () => {
  const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), maxLength: 8 })
  fc.assert(
    fc.property(word, word, (a, b) => {
      expect(slipsBetween(a, b, 9)).toBe(slipsBetween(b, a, 9))
      expect(slipsBetween(a, b, 1)).toBe(Math.min(2, slipsBetween(a, b, 9)))
    }),
  )
})

it('forgives a slip in a word, none in a short one, and takes what only began', () => {
  const known = ['chambray', 'cambric', 'lawn', 'seersucker', 'viscose']
  expect(nearestWords('chambary', known)).toEqual(['chambray'])
  expect(nearestWords('seersuker', known)).toEqual(['seersucker'])
  expect(nearestWords('visoc', known)).toEqual(['viscose'])
  expect(nearestWords('lwn', known)).toEqual([])
  expect(nearestWords('tartan', known)).toEqual([])
})

it('reads words without accents, case or signs', () => {
  expect(plainWords('Crêpe-de-Chine, 2 m!')).toEqual(['crepe', 'de', 'chine', '2', 'm'])
})
