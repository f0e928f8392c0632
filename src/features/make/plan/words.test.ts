import { minuteWords, waitWords } from './words'

it('tells minutes as people say them', () => {
  expect([25, 60, 95].map(minuteWords)).toEqual(['25 min', '1 h', '1 h 35 min'])
})

it('tells a wait with its doubt, in the unit that fits', () => {
  expect(waitWords([0, 0])).toBe('')
  expect(waitWords([50, 110])).toBe('50 to 110 minutes')
  expect(waitWords([180, 600])).toBe('3 to 10 hours')
  expect(waitWords([1440, 2880])).toBe('1 to 2 days')
  expect(waitWords([60, 60])).toBe('about 60 minutes')
})
