import fc from 'fast-check'
import { disagreement, GOAL, massPerArea, weigh, type WeighingReading } from './weigh'
import { weightClassOf } from './weightClass'

const reading: WeighingReading = { grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }

describe('massPerArea', () => {
  it('propagates scale, tare and scissors', () => {
    const { value, sd } = massPerArea(reading)
    expect(value).toBeCloseTo(320, 10)
    // √(2 · (0.05/√3)²)/3.2 and twice (1/100)², added in squares.
    expect(sd).toBeCloseTo(320 * Math.sqrt((2 * 0.05 ** 2) / 3 / 3.2 ** 2 + 2 * 0.01 ** 2), 10)
  })

  it('refuses what cannot be weighed', () => {
    expect(() => massPerArea({ ...reading, grams: 0 })).toThrow(/more than zero/)
    expect(() => massPerArea({ ...reading, cutErrorMm: -1 })).toThrow(/negative/)
  })
})

describe('weigh', () => {
  it('answers in every unit, with an interval around the value', () => {
    const answer = weigh([reading])
    expect(answer.ouncesPerSquareYard).toBeCloseTo(9.438, 2)
    expect(answer.momme).toBeCloseTo(73.7, 0)
    expect(answer.weightClass).toBe('heavy')
    expect(answer.interval95[0]).toBeLessThan(320)
    expect(answer.interval95[1]).toBeGreaterThan(320)
    expect(answer.advice).toBeNull()
  })

  it('gets surer with every reading, never less sure', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), (count) => {
        const one = weigh([reading]).standardUncertainty
        expect(weigh(Array.from({ length: count }, () => reading)).standardUncertainty).toBeCloseTo(
          one / Math.sqrt(count),
          10,
        )
      }),
    )
  })

  it('says how large a specimen would do, and that size does', () => {
    const coarse: WeighingReading = { grams: 2, resolutionGrams: 1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }
    const answer = weigh([coarse])
    expect(answer.advice).toMatch(/cm/)
    const side = answer.adviceSideMm!
    const better = weigh([{ ...coarse, lengthMm: side, widthMm: side, grams: (answer.gsm * side * side) / 1e6 }])
    expect(better.interval95[1] - better.gsm).toBeLessThanOrEqual(GOAL * better.gsm)
    const smaller = {
      ...coarse,
      lengthMm: side - 20,
      widthMm: side - 20,
      grams: (answer.gsm * (side - 20) ** 2) / 1e6,
    }
    expect(weigh([smaller]).advice).not.toBeNull()
  })
})

it('notices readings that disagree', () => {
  expect(disagreement([reading, reading])).toBe(0)
  expect(disagreement([reading, { ...reading, grams: 5 }])).toBeGreaterThan(3)
})

it('sorts weights as shops do', () => {
  expect([40, 100, 200, 320, 500].map(weightClassOf)).toEqual([
    'very-light',
    'light',
    'medium',
    'heavy',
    'very-heavy',
  ])
})
