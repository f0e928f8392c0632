import { atPace, paceOf } from './pace'

const took = (planned: number, minutes: number, times = 1) =>
  Array.from({ length: times }, () => ({ planned, minutes }))

test('nothing known leaves the plan as it is', () => {
  expect(paceOf([])).toBe(1)
  expect(paceOf(took(0, 20))).toBe(1)
  expect(atPace(37, 1)).toBe(37)
})

test('one slow step moves the pace a little, many move it most of the way', () => {
  const once = paceOf(took(60, 90))
  const often = paceOf(took(60, 90, 40))
  expect(once).toBeGreaterThan(1)
  expect(once).toBeLessThan(1.12)
  expect(often).toBeGreaterThan(1.4)
  expect(often).toBeLessThan(1.5)
})

test('slow and fast by the same factor cancel out', () => {
  expect(paceOf([...took(60, 90), ...took(60, 40)])).toBeCloseTo(1, 10)
})

test('a watch that was forgotten counts no more than the slowest that is believed', () => {
  expect(paceOf(took(30, 3000))).toBe(paceOf(took(30, 54)))
  expect(paceOf(took(30, 3000, 500))).toBeLessThanOrEqual(1.8)
  expect(paceOf(took(300, 1, 500))).toBeGreaterThanOrEqual(0.6)
})

test('minutes at a pace come in steps of five, and never to nothing', () => {
  expect(atPace(60, 1.3)).toBe(80)
  expect(atPace(5, 0.6)).toBe(5)
  expect(atPace(0, 1.5)).toBe(0)
})
