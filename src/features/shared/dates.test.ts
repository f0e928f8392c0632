import { DATES } from './dates'

it('writes days, months and weekdays as they are, in every time zone', () => {
  const { dayText, monthText, weekdayText } = DATES.uk
  expect(dayText('2026-05-02')).toBe('2 May 2026')
  expect(monthText('2025-12')).toBe('Dec 2025')
  expect(weekdayText('2026-05-02T09:00')).toBe('Saturday 2 May')
  expect(weekdayText('2026-12-31T23:59')).toBe('Thursday 31 December')
})

it('puts the month first in America', () => {
  const { dayText, monthText, weekdayText } = DATES.us
  expect(dayText('2026-05-02')).toBe('May 2, 2026')
  expect(monthText('2025-12')).toBe('Dec 2025')
  expect(weekdayText('2026-05-02T09:00')).toBe('Saturday, May 2')
})
