import { fitOfSpan, fitOfStep } from './fit'

describe('fitOfSpan', () => {
  it('is whole inside, falls in a straight line outside, and stops at nothing', () => {
    const exactly = (value: number) => fitOfSpan({ value, sd: 0 }, [100, 200], 50, 300)
    expect([40, 75, 100, 150, 200, 250, 320].map(exactly)).toEqual([0, 0.5, 1, 1, 1, 0.5, 0])
  })

  it('averages over doubt', () => {
    expect(fitOfSpan({ value: 100, sd: 20 }, [100, 200], 50, 300)).toBeGreaterThan(0.7)
    expect(fitOfSpan({ value: 100, sd: 20 }, [100, 200], 50, 300)).toBeLessThan(1)
  })

  it('has a cliff where the line has no width', () => {
    expect(fitOfSpan({ value: -1, sd: 0 }, [0, 10], 0, 10)).toBe(0)
  })
})

it('fitOfStep measures the distance to the nearest wanted step, and which way', () => {
  const scale = ['a', 'b', 'c', 'd'] as const
  expect(fitOfStep(scale, 'c', ['b', 'c'], [1, 0.5])).toEqual({ fit: 1, miss: null })
  expect(fitOfStep(scale, 'a', ['c', 'd'], [1, 0.5, 0.1])).toEqual({ fit: 0.1, miss: 'under' })
  expect(fitOfStep(scale, 'd', ['a'], [1, 0.5])).toEqual({ fit: 0.5, miss: 'over' })
})
