import { fibreById, fibres } from '@/core/fibres/catalogue'
import { type FibreId } from '@/core/vocabulary/fibres'
import { featureById } from '@/core/identify/features'
import { weightsOf } from '@/core/identify/weights'

// Morton & Hearle, Physical Properties of Textile Fibres (g/cm³), as carried in the project's check values.
const densities: [FibreId, number, number][] = [
  ['cotton', 1.52, 1.55],
  ['linen', 1.5, 1.5],
  ['viscose', 1.52, 1.52],
  ['acetate', 1.31, 1.32],
  ['wool', 1.31, 1.31],
  ['silk', 1.34, 1.34],
  ['nylon', 1.14, 1.14],
  ['polyester', 1.38, 1.39],
  ['acrylic', 1.17, 1.19],
  ['polypropylene', 0.9, 0.91],
  ['elastane', 1.2, 1.2],
  ['glass', 2.5, 2.6],
]
it.each(densities)('%s weighs %d to %d g/cm³', (id, low, high) => {
  expect(fibreById(id).density.gramsPerCm3).toEqual([low, high])
})

it('only polypropylene floats, and the float test says so', () => {
  const floating = fibres.filter(({ density }) => density.gramsPerCm3[1] < 1).map(({ id }) => id)
  expect(floating).toEqual(['polypropylene'])
  const weights = weightsOf(featureById('float'))
  for (const { id, density } of fibres) expect(weights[id].floats! > 50).toBe(density.gramsPerCm3[1] < 1)
})

// ASTM D1909, commercial moisture regain, per cent.
it.each([
  ['wool', 13.6],
  ['silk', 11],
  ['viscose', 11],
  ['acetate', 6.5],
  ['nylon', 4.5],
  ['polyester', 0.4],
  ['acrylic', 1.5],
  ['polypropylene', 0],
] as [FibreId, number][])('%s regains %d %%', (id, regain) => {
  expect(fibreById(id).regain!.percent).toBe(regain)
})

// Regulation (EU) 1007/2011, Annex IX, conventional allowances, per cent; where it gives a range, a value within it.
it.each([
  ['wool', 17, 18.25],
  ['silk', 11, 11],
  ['cotton', 8.5, 8.5],
  ['linen', 12, 12],
  ['jute', 17, 17],
  ['viscose', 13, 13],
  ['acetate', 9, 9],
  ['triacetate', 7, 7],
  ['nylon', 5.75, 6.25],
  ['polyester', 1.5, 1.5],
  ['elastane', 1.5, 1.5],
  ['glass', 2, 3],
] as [FibreId, number, number][])('%s is allowed %d to %d %%', (id, low, high) => {
  const allowance = fibreById(id).allowance!.percent
  expect(allowance).toBeGreaterThanOrEqual(low)
  expect(allowance).toBeLessThanOrEqual(high)
})

// First sold widely; from memory of published histories.
it.each([
  ['viscose', 1905, 1910],
  ['acetate', 1920, 1929],
  ['nylon', 1939, 1940],
  ['acrylic', 1949, 1951],
  ['polyester', 1953, 1953],
  ['triacetate', 1954, 1954],
  ['polypropylene', 1959, 1960],
  ['elastane', 1959, 1960],
  ['lyocell', 1992, 1992],
] as [FibreId, number, number][])('%s was first sold between %d and %d', (id, from, to) => {
  const since = fibreById(id).soldSince!
  expect(since).toBeGreaterThanOrEqual(from)
  expect(since).toBeLessThanOrEqual(to)
})

// Morton & Hearle: the drying twist, and strength when wet. AATCC TM20: solubility.
it('tables follow what the handbooks say of twist, wet strength and solvents', () => {
  const likeliest = (feature: string, id: FibreId) =>
    Object.entries(weightsOf(featureById(feature))[id]).sort((a, b) => b[1] - a[1])[0]![0]
  for (const id of ['linen', 'ramie'] as const) expect(likeliest('drying-twist', id)).toBe('clockwise')
  for (const id of ['hemp', 'jute'] as const) expect(likeliest('drying-twist', id)).toBe('anticlockwise')
  expect(likeliest('wet-strength', 'viscose')).toBe('weaker')
  for (const id of ['cotton', 'linen'] as const) expect(likeliest('wet-strength', id)).toBe('stronger')
  expect(likeliest('acetone', 'acetate')).toBe('dissolves')
  for (const id of ['wool', 'silk'] as const) expect(likeliest('bleach', id)).toBe('dissolves')
  for (const id of ['cotton', 'polyester'] as const) expect(likeliest('bleach', id)).toBe('no-change')
})
