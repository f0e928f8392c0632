import { actionBodyProblem } from './actionBody'

it.each<[string, unknown]>([
  ['no arguments', []],
  ['a record', [{ id: 'x', revision: 1 }, { name: 'Foyer curtain' }]],
  ['what JSON has no word for', ['$undefined', { a: '$NaN', b: '$-0', c: '$Infinity', d: '$D2026-01-01T00:00:00Z' }]],
  ['a text that begins with a dollar', ['$$5 at the jumble sale']],
])('%s passes', (_, body) => {
  expect(actionBodyProblem(JSON.stringify(body))).toBeUndefined()
})

it.each([
  ['', /not JSON/],
  ['garbage', /not JSON/],
  ['true', /not a list/],
  ['{"length":1}', /not a list/],
  [JSON.stringify(Array(9).fill(1)), /at most 8/],
  [JSON.stringify([Array(3000).fill(1)]), /at most 2000/],
])('%s is refused', (text, message) => {
  expect(actionBodyProblem(text)?.message).toMatch(message)
})
