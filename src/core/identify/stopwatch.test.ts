import { burnRate, catchState, EDGE_MM, REACTION_SECONDS } from './stopwatch'

it('names a timed catch in the vocabulary’s words', () => {
  expect([0, 0.9, 1, 2.9, 3, 60].map(catchState)).toEqual(['instant', 'instant', 'quick', 'quick', 'slow', 'slow'])
  expect(catchState(null)).toBe('none')
  expect(() => catchState(-1)).toThrow(/not negative/)
})

it('gives a burning rate with the doubt of hand and eye', () => {
  const { value, sd } = burnRate(20, 5)
  expect(value).toBe(4)
  expect(sd).toBeCloseTo(4 * Math.sqrt((2 * EDGE_MM ** 2) / 400 + (2 * REACTION_SECONDS ** 2) / 25), 12)
  // A longer mark and a longer time are surer.
  expect(burnRate(100, 25).sd).toBeLessThan(sd / 3)
  expect(() => burnRate(0, 5)).toThrow(/more than zero/)
  expect(() => burnRate(20, Number.NaN)).toThrow(/more than zero/)
})
