import { fieldUnits, fromField, toField } from './measures'
import { preferencesFrom } from './preferences'

it('falls back to plain preferences for a missing or broken cookie', () => {
  const plain = { units: 'metric', words: 'uk', theme: 'system', motion: 'moving', spanMm: 1650 }
  expect(preferencesFrom(undefined)).toEqual(plain)
  expect(preferencesFrom('not json')).toEqual(plain)
  expect(preferencesFrom('{"units":"cubits","words":"us"}')).toEqual({ ...plain, words: 'us' })
})

it('turns what a field holds into core units and back', () => {
  const { short, long, mass } = fieldUnits('imperial')
  expect(fromField(44, short)).toBeCloseTo(1117.6, 6)
  expect(toField(914.4 * 2.5, long)).toBe(2.5)
  expect(toField(28.349523125, mass)).toBe(1)
  expect(fromField(NaN, short)).toBeNull()
  expect(toField(null, short)).toBeNaN()
  expect(fieldUnits('metric').short.symbol).toBe('cm')
})
