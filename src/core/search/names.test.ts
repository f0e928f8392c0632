import { foundBy, indexOf } from './names'

const index = indexOf(
  [
    { name: 'Viscose', also: 'rayon, artificial silk' },
    { name: 'Silk noil', also: 'raw silk' },
    { name: 'Calico', also: 'muslin' },
  ],
  ({ name, also }) => ({ title: name, also }),
)
const found = (text: string) => foundBy(index, text, 5).map(({ name }) => name)

it('finds by the beginning of every word, a title before what else is said', () => {
  expect(found('silk')).toEqual(['Silk noil', 'Viscose'])
  expect(found('art sil')).toEqual(['Viscose'])
  expect(found('MUSLIN')).toEqual(['Calico'])
})
it('forgives a slip, and finds nothing by nothing', () => {
  expect(found('viscsoe')).toEqual(['Viscose'])
  expect(found('zebra')).toEqual([])
  expect(found(' ')).toEqual([])
  expect(foundBy(index, 'silk', 1)).toHaveLength(1)
})
