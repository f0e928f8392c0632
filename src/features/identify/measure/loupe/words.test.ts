import { type ThreadCount, type ThreadSet } from '@/core/loupe/count'
import { countWords } from './words'

const set: ThreadSet = { threadsPerCm: 20, threadsPerInch: 50.8, angleDeg: 0, confidence: 0.9 }
const count: ThreadCount = {
  sets: [set, set],
  skewDeg: 0.2,
  twillAngleDeg: null,
  interlacingHint: null,
  warnings: [],
}

it('says how it looks as a hint, with the angle of its line, and how far off square it is', () => {
  expect(countWords(count)).toBe('We can’t see how the threads interlace. The two sets are square to each other.')
  expect(countWords({ ...count, interlacingHint: 'twill', twillAngleDeg: 51.6, skewDeg: 3.24 })).toBe(
    'It looks like a twill, its line at 52° to the horizontal threads: this is only a hint. The two sets are ' +
      '3.2° out of square.',
  )
})
