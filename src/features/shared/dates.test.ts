import { dayText, monthText, weekdayText } from './dates'

it('writes days, months and weekdays as they are, in every time zone', () => {
  expect(dayText('2026-05-02')).toBe('2 May 2026')
  expect(monthText('2025-12')).toBe('Dec 2025')
  expect(weekdayText('2026-05-02T09:00')).toBe('Saturday 2 May')
  expect(weekdayText('2026-12-31T23:59')).toBe('Thursday 31 December')
})
