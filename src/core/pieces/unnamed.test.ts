import { unnamedFabric } from './unnamed'

it('names a fabric by what it may be and when it came', () => {
  const at = new Date(2026, 10, 30, 14, 5)
  expect(unnamedFabric('', at)).toBe('Unnamed fabric, 30 Nov, 14:05')
  expect(unnamedFabric('denim', at)).toBe('denim, 30 Nov, 14:05')
})
