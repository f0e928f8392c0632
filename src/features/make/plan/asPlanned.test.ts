import { shadeOf } from './asPlanned'

it.each([
  ['#fbfaf5', 'white'],
  ['#d8cbb0', 'light'],
  ['#8e2c28', 'red'],
  ['#1d2a44', 'dark'],
  ['#00a8f0', 'bright'],
  ['#9aa8a0', 'light'],
])('%s is washed as %s', (colour, shade) => expect(shadeOf(colour)).toBe(shade))
