import { measuredKind } from '@/core/outlines/measured/kinds'
import { areaOf, rectangle } from '@/core/shapes/polygon'
import { continuousBias, hexagonsIn, joinedBias, squaresIn, usesOf } from '@/core/making/uses'

const INCH = 25.4
const YARD = 914.4

// Source of the figure: the worked example of extension services’ leaflets on continuous bias.
it('a square of 36 in gives about 14 yd of 2½ in bias strip, less its seams', () => {
  const yards = continuousBias(36 * INCH, 36 * INCH, 2.5 * INCH) / YARD
  expect(yards).toBeGreaterThan(13.5)
  expect(yards).toBeLessThan(14.4)
})

it('joined strips are never longer than the area gives, and nearly as long from a large piece', () => {
  const [area, joined] = [(1000 * 1000) / 40, joinedBias(1000, 1000, 40)]
  expect(joined).toBeLessThan(area)
  expect(joined).toBeGreaterThan(area * 0.85)
  expect(joinedBias(50, 50, 40)).toBe(0)
})

// Geometry: a half circle has half of 2πr round; a full one all of it.
it.each([
  ['half-circle', 0.5],
  ['full-circle', 1],
] as const)('a %s skirt fits its waist', (id, share) => {
  const [waist, length] = [720, 600]
  const radius = waist / (2 * Math.PI * share)
  const area = Math.PI * share * ((radius + length) ** 2 - radius ** 2)
  const pieces = measuredKind(id)!.draw({ waist, length }, 0)
  const drawn = pieces.reduce((sum, { outline, count }) => sum + areaOf(outline) * count, 0)
  expect(drawn / area).toBeCloseTo(1, 2)
})

it('counts patches by their size with seams', () => {
  expect(squaresIn(448, 224, 100)).toBe(8)
  expect(squaresIn(447, 224, 100)).toBe(6)
  const side = 40 + 12 / Math.sqrt(3)
  expect(hexagonsIn(2 * side, Math.sqrt(3) * side, 40)).toBe(1)
  // The next column nests half a hexagon further up.
  expect(hexagonsIn(3.5 * side, 1.5 * Math.sqrt(3) * side, 40)).toBe(2)
})

it('says only what an offcut is large enough for', () => {
  expect(usesOf(rectangle(50, 50))).toEqual([])
  expect(usesOf(rectangle(200, 500)).map(({ id }) => id)).toEqual([
    'bias-continuous',
    'bias-joined',
    'squares',
    'hexagons',
    'pocket',
    'facing',
    'mending',
  ])
})
