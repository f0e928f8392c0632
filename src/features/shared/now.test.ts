import { localDay, now } from './now'

it('tells the day of the clock on the wall, late in the evening and early in the morning', () => {
  for (const hour of [0, 1, 12, 23]) expect(localDay(new Date(2026, 4, 2, hour, 30))).toBe('2026-05-02')
  expect(localDay(new Date(2026, 0, 1, 0, 5))).toBe('2026-01-01')
})

it('writes an instant in UTC', () => {
  expect(now()).toMatch(/^\d{4}-\d\d-\d\dT[\d:.]+Z$/)
})
