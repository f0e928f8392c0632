import { itemAt, lastOf, mustHave } from './items'

it('gives what is there', () => {
  expect(itemAt(['a', 'b'], 1)).toBe('b')
  expect(itemAt(Float64Array.of(0, 2), 0)).toBe(0)
  expect(lastOf([1, 2, 3])).toBe(3)
  expect([mustHave(0), mustHave(''), mustHave(false)]).toEqual([0, '', false])
})

it.each([-1, 2, 0.5, NaN])('refuses place %d of two', (place) => {
  expect(() => itemAt(['a', 'b'], place)).toThrow(RangeError)
})

it('refuses the last of none, and what is missing', () => {
  expect(() => lastOf([])).toThrow(RangeError)
  expect(() => mustHave(null)).toThrow(/missing/)
  expect(() => mustHave(undefined)).toThrow(/missing/)
})
