import { readShortNumber, shortNumberOf } from './shortNumber'

const ID = '01a23548-45cb-7171-8e8b-6504748203ab'

test('a number is the end of the id, and leads back to it however it is typed', () => {
  expect(shortNumberOf(ID)).toBe('8203AB')
  for (const typed of ['8203AB', ' 8203ab', 'No. 8203AB', '#8203-AB', 'number 82 03 ab'])
    expect(ID.endsWith(readShortNumber(typed)!)).toBe(true)
})

test.each(['', '8203A', '8203ABC', '8203%_', 'velvet', 'no'])('“%s” is no number', (typed) =>
  expect(readShortNumber(typed)).toBeUndefined(),
)
