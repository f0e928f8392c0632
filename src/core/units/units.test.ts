import { moneyText } from './money'
import {
  decimalsFor,
  formatAreaPrice,
  formatLength,
  formatNeeded,
  formatOwned,
  formatPercent,
  formatWeight,
  formatWeightRange,
  formatWidth,
  withDoubt,
} from './format'
import { interval95, poolQuantities, scaleQuantity } from './quantity'

describe('quantity', () => {
  it('pools by inverse variance: the surer reading counts for more', () => {
    const { value, sd } = poolQuantities([
      { value: 100, sd: 1 },
      { value: 110, sd: 3 },
    ])
    expect(value).toBeCloseTo(101, 10)
    expect(sd).toBeCloseTo(Math.sqrt(0.9), 10)
  })

  it('refuses no readings, and a reading that claims no doubt', () => {
    expect(() => poolQuantities([])).toThrow(/at least one/)
    expect(() => poolQuantities([{ value: 1, sd: 0 }])).toThrow(/positive/)
  })

  it('scales value and doubt alike, doubt staying positive', () => {
    expect(scaleQuantity({ value: 2, sd: 0.5 }, -2)).toEqual({ value: -4, sd: 1 })
    const [low, high] = interval95({ value: 10, sd: 1 })
    expect(high - low).toBeCloseTo(3.92, 2)
  })
})

describe('formatting', () => {
  it('never shows more digits than are known', () => {
    expect(withDoubt({ value: 150.37, sd: 3.2 })).toBe('150 ± 6')
    expect(withDoubt({ value: 4.4367, sd: 0.09 })).toBe('4.44 ± 0.18')
    expect(decimalsFor(0.3)).toBe(1)
    expect(decimalsFor(12)).toBe(0)
  })

  it('speaks both unit systems', () => {
    expect(formatWeight({ value: 150, sd: 3.2 }, 'metric')).toBe('150 ± 6 g/m²')
    expect(formatWeight({ value: 150, sd: 3.2 }, 'imperial')).toBe('4.42 ± 0.18 oz/yd²')
    expect(formatWeightRange([150, 271], 'metric')).toBe('150 to 271 g/m²')
    expect(formatWeightRange([135.6, 271.2], 'imperial')).toBe('4 to 8 oz/yd²')
    expect(formatWidth(1118, 'metric')).toBe('111.8 cm')
    expect(formatWidth(1118, 'imperial')).toBe('44 in')
    expect(formatLength(2286, 'metric')).toBe('2.29 m')
    expect(formatLength(2286, 'imperial')).toBe('2½ yd')
    expect(formatLength(457.2, 'imperial')).toBe('½ yd')
    // Less than a shop cuts is no “0 yd”.
    expect(formatLength(50, 'imperial')).toBe('2 in')
    expect(formatLength(0, 'imperial')).toBe('0 yd')
  })

  it('keeps a belief short of certainty short of certainty', () => {
    expect(formatPercent(0.9991)).toBe('over 99\u00a0%')
    expect(formatPercent(0.0004)).toBe('under 1\u00a0%')
    expect(formatPercent(0.83)).toBe('83\u00a0%')
  })
})

test('owned lengths are told rounded down, needed ones up, in either system', () => {
  expect([formatOwned(2999, 'metric'), formatNeeded(2001, 'metric')]).toEqual(['2.99 m', '2.01 m'])
  expect([formatOwned(2000, 'metric'), formatNeeded(2000, 'metric')]).toEqual(['2 m', '2 m'])
  // 2.73 and 2.19 yd.
  expect([formatOwned(2500, 'imperial'), formatNeeded(2000, 'imperial')]).toEqual(['2⅝ yd', '2¼ yd'])
  expect([formatOwned(914.4, 'imperial'), formatNeeded(914.4, 'imperial')]).toEqual(['1 yd', '1 yd'])
  // What is less than ⅛ yd is told in inches, not as nothing.
  expect([formatOwned(100, 'imperial'), formatNeeded(20, 'imperial')]).toEqual(['3⅞ in', '⅞ in'])
  expect([formatOwned(0, 'imperial'), formatOwned(5, 'metric')]).toEqual(['0 yd', '0 m'])
})

test('prices are compared by the area that people buy by', () => {
  expect(formatAreaPrice(4, '£', 'metric')).toBe('£4.00 a square metre')
  expect(formatAreaPrice(4, '$', 'imperial')).toBe('$3.34 a square yard')
})

test('money is written with its sign close to it, and a word for it apart', () => {
  expect([moneyText(4.5, '£'), moneyText(4.5, 'EUR'), moneyText(4.5, '')]).toEqual(['£4.50', 'EUR 4.50', '4.50'])
  expect(moneyText(1234.005, 'kr')).toBe('kr 1234.01')
})
