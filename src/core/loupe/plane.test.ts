import { dice } from '../../../tests/support/seen'
import { flattenPlane, halvePlane, meanOf, planeOf, shrinkPlane, planeSpreadOf, type Plane } from './plane'

function noise(width: number, height: number): Plane {
  const random = dice(7)
  return { width, height, data: Float32Array.from({ length: width * height }, () => Math.floor(random() * 256)) }
}

/** As its comment says it, square by square. */
function flattenedSlowly({ width, height, data }: Plane, radius: number): number[] {
  return Array.from(data, (value, index) => {
    const [x, y] = [index % width, Math.floor(index / width)]
    const near: number[] = []
    for (let b = Math.max(0, y - radius); b <= Math.min(height - 1, y + radius); b++)
      for (let a = Math.max(0, x - radius); a <= Math.min(width - 1, x + radius); a++) near.push(data[b * width + a]!)
    const mean = near.reduce((sum, one) => sum + one, 0) / near.length
    const variance = near.reduce((sum, one) => sum + (one - mean) ** 2, 0) / near.length
    return (value - mean) / Math.sqrt(Math.max(variance, 1))
  })
}

test.each([
  [31, 23],
  [6, 40],
  [3, 3],
])('a plane of %i by %i is evened out as if each square were summed by itself', (width, height) => {
  const plane = noise(width, height)
  const quick = flattenPlane(plane, 4)
  flattenedSlowly(plane, 4).forEach((value, i) => expect(quick.data[i]).toBeCloseTo(value, 4))
})

test('halved is shrunk by two, odd rows and columns left out', () => {
  const plane = noise(17, 9)
  expect(halvePlane(plane)).toEqual(shrinkPlane(plane, 2))
})

test('brightness weighs green most, whatever else a pixel holds', () => {
  const rgba = [255, 0, 0, 9, 0, 255, 0, 9, 0, 0, 255, 9]
  const { data } = planeOf(rgba, 3, 1, 4)
  expect([...data].map(Math.round)).toEqual([76, 150, 29])
})

test('mean and spread of a plane', () => {
  const plane = { width: 4, height: 1, data: Float32Array.from([2, 4, 4, 6]) }
  expect(meanOf(plane)).toBe(4)
  expect(planeSpreadOf(plane)).toBeCloseTo(Math.SQRT2, 6)
})
