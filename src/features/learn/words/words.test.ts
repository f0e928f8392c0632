import { differingWords } from './words'

it('lists every word that differs, once, in order, and leads to where it is told', () => {
  const all = differingWords()
  expect(new Set(all.map(({ id }) => id)).size).toBe(all.length)
  expect(all.map(({ uk }) => uk)).toEqual(all.map(({ uk }) => uk).toSorted((a, b) => a.localeCompare(b)))
  for (const { uk, us } of all) expect(uk).not.toBe(us)
  expect(all.find(({ uk }) => uk === 'viscose')).toMatchObject({ us: 'rayon', href: '/learn/fibres/viscose' })
  expect(all.find(({ uk }) => uk === 'selvedge')).toMatchObject({ us: 'selvage' })
})
