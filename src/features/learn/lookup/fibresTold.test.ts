import { fibresTold } from './fibresTold'

it('tells of every fibre how it mostly burns, its figures with their sources, and both words', () => {
  const told = fibresTold('us')
  expect(told).toHaveLength(22)
  const viscose = told.find(({ id }) => id === 'viscose')!
  expect([viscose.name, viscose.also]).toEqual(['Rayon', expect.stringContaining('viscose')])
  const wool = told.find(({ id }) => id === 'wool')!
  expect(wool.burns.find(({ title }) => title === 'Smell')!.usual).toBe('hair or feather')
  expect(wool.facts.find(({ title }) => title === 'Density')).toEqual({
    title: 'Density',
    value: '1.31 g/cm³',
    source: expect.stringContaining('Morton'),
  })
  for (const { facts, burns } of told) {
    expect(facts.every(({ source }) => source.length > 0)).toBe(true)
    expect(burns.every(({ usual }) => usual.length > 0)).toBe(true)
  }
  expect(told.find(({ id }) => id === 'glass')!.facts.find(({ title }) => title === 'Iron')!.value).toBe(
    'do not iron',
  )
})
