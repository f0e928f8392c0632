import { boxOf, rectangle } from '@/core/shapes/polygon'
import { layClothOf, flawAt } from './clothOf'

const length = { outline: null, flaws: [], widthMm: 1400, lengthMm: 30_000 }

it('shows the beginning of a long length, and as far as its farthest stain', () => {
  expect(boxOf(layClothOf(length)!.points).maxY).toBe(4000)
  const stained = {
    ...length,
    flaws: [
      [
        [0, 8900],
        [90, 8900],
        [90, 9000],
      ],
    ] as [number, number][][],
  }
  expect(boxOf(layClothOf(stained)!.points).maxY).toBe(9200)
  expect(layClothOf({ ...length, widthMm: null })).toBeUndefined()
})

it('keeps a stain on the cloth', () => {
  const cloth = rectangle(1000, 500)
  expect(flawAt(cloth, [500, 250], [100, 60])).toEqual({ minX: 450, maxX: 550, minY: 220, maxY: 280 })
  expect(flawAt(cloth, [5, 499], [100, 60])).toEqual({ minX: 0, maxX: 100, minY: 440, maxY: 500 })
  expect(flawAt(cloth, [0, 0], [9000, 60])).toMatchObject({ minX: 0, maxX: 1000 })
})
