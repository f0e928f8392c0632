import { fieldUnits, fromField, toField } from './measures'
import { preferencesOf } from './preferences'

it('falls back to plain preferences for a missing or broken cookie', () => {
  const plain = { units: 'metric', words: 'uk', paper: 'a4', theme: 'system', motion: 'moving', spanMm: 1650 }
  expect(preferencesOf(undefined)).toEqual(plain)
  expect(preferencesOf('not json')).toEqual(plain)
  expect(preferencesOf('{"units":"cubits","words":"us"}')).toEqual({ ...plain, words: 'us' })
})

it('takes American words and units from the browser’s first language, until somebody chose others', () => {
  const american = { units: 'imperial', words: 'us', paper: 'letter' }
  expect(preferencesOf(undefined, 'en-US,en;q=0.9')).toMatchObject(american)
  expect(preferencesOf('not json', 'en-US')).toMatchObject(american)
  for (const language of ['en-GB,en-US;q=0.8', 'de-DE', 'en', '', null])
    expect(preferencesOf(undefined, language)).toMatchObject({ units: 'metric', words: 'uk' })
  const chosen = { units: 'metric', words: 'uk' }
  expect(preferencesOf(JSON.stringify(chosen), 'en-US')).toMatchObject(chosen)
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
