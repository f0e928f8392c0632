import { dice } from '../../../tests/support/seen'
import { NoShape, shadowOf } from './disc'
import { type Plane } from './plane'

function made(width: number, height: number, shade: (x: number, y: number) => number): Plane {
  return {
    width,
    height,
    data: Float32Array.from({ length: width * height }, (_, i) => shade(i % width, Math.floor(i / width))),
  }
}
const chance = dice(4)
const noise = () => 14 * (chance() - 0.5)

it.each([
  ['dark on light', 60, 210],
  ['light on dark', 215, 70],
])('finds the area of a shape, %s, specks and holes aside', (_, inside, outside) => {
  const shape = made(900, 700, (x, y) => {
    const isIn = Math.hypot(x - 430, y - 360) < 200 && Math.hypot(x - 400, y - 300) > 15
    const isSpeck = Math.hypot(x - 60, y - 60) < 12
    return (isIn || isSpeck ? inside : outside) + noise()
  })
  const { areaPx, middle, edge } = shadowOf(shape)
  expect(areaPx / (Math.PI * 200 ** 2)).toBeCloseTo(1, 1.7)
  expect(middle.x).toBeCloseTo(430, -0.5)
  expect(middle.y).toBeCloseTo(360, -0.5)
  for (const { x, y } of edge) expect(Math.abs(Math.hypot(x - 430, y - 360) - 200)).toBeLessThan(4)
})

it('refuses where nothing stands out, what runs out of the picture, and what is too small', () => {
  expect(() => shadowOf(made(300, 200, (x) => 120 + x * 0.1 + noise()))).toThrow(NoShape)
  expect(() => shadowOf(made(300, 200, (x, y) => (Math.hypot(x - 20, y - 100) < 90 ? 40 : 210) + noise()))).toThrow(
    /runs out/,
  )
  expect(() => shadowOf(made(300, 200, (x, y) => (Math.hypot(x - 150, y - 100) < 10 ? 40 : 210)))).toThrow(
    /large enough/,
  )
})
