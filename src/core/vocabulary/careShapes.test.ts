import { CARE_IDS } from './care'
import { careShape } from './careShapes'

test.each([
  ['wash-40-very-mild', 'a tub with 40 in it, two bars under it'],
  ['wash-never', 'a tub, crossed out'],
  ['clean-p-mild', 'a circle with P in it, one bar under it'],
  ['tumble-low', 'a square with a circle and one dot in it'],
  ['iron-110', 'an iron with one dot'],
] as const)('%s is %s', (id, shape) => expect(careShape(id)).toBe(shape))

test('no two symbols look the same', () => {
  const shapes = CARE_IDS.map(careShape)
  expect(new Set(shapes).size).toBe(shapes.length)
  for (const shape of shapes) expect(shape).not.toMatch(/undefined/)
})
