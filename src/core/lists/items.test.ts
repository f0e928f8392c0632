import { itemAt, lastOf, mustHave, firstFew } from './items'

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

test('takes the first few of which something is true, and looks no further', () => {
  const isOdd = jest.fn((n: number) => n % 2 === 1)
  expect(firstFew([1, 2, 3, 4, 5], 2, isOdd)).toEqual([1, 3])
  expect(isOdd).toHaveBeenCalledTimes(3)
  expect([firstFew([1, 3], 5, isOdd), firstFew([1], 0, isOdd), firstFew([], 2, isOdd)]).toEqual([[1, 3], [], []])
})
