import { inAllUnits } from './convert'

it.each([
  ['weight', 'oz', 1, ['34', '1.00', '7.8']],
  ['weight', 'momme', 16, ['69', '2.05', '16.0']],
  ['length', 'yd', 1, ['91.4', '0.91', '36.0', '1.00']],
  ['length', 'in', 60, ['152.4', '1.52', '60.0', '1.67']],
  ['yarn', 'ne', 30, ['19.7', '177', '30.0', '50.8']],
  ['yarn', 'denier', 150, ['16.7', '150', '35.4', '60.0']],
  ['stretch', 'of4in', 0.5, ['13', '0.50', '1.3']],
] as const)('%s: %s %d', (quantity, unit, value, expected) => {
  expect(inAllUnits(quantity, unit, value).map((one) => one.value)).toEqual(expected)
})

it('knows no other unit', () => {
  expect(() => inAllUnits('weight', 'stone', 1)).toThrow(RangeError)
})
