import { worthFor } from './worthFor'
import { asPlainText } from '../text/render'

/** Two metres of shop cloth, three quarters of it used. */
const TWO_METRES = 2000 * 1400 * 0.75
const fits = { fits: true, left: 0, needsMm2: TWO_METRES }

test('where nothing has to be taken apart there is nothing to weigh', () => expect(worthFor(0, fits)).toBeUndefined())

test.each([
  [60, 'worth-it'],
  [200, 'if-you-like-it'],
  [400, 'not-for-this'],
] as const)('%i minutes for two metres: %s', (minutes, id) => {
  const worth = worthFor(minutes, fits)!
  expect(worth.id).toBe(id)
  expect(asPlainText(worth.text)).toContain(`${minutes} min to take it apart saves about 2 m`)
})

test('what does not do is worth nothing, however quick', () => {
  const worth = worthFor(5, { ...fits, fits: false, left: 1 })!
  expect(worth).toEqual({ id: 'does-not-do', text: expect.stringContaining('1 piece is still without fabric') })
})
