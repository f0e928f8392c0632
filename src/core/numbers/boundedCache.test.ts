import { boundedCache } from './boundedCache'

it('makes each thing once, and forgets what was longest not asked for', () => {
  const made: string[] = []
  const memory = boundedCache<string>(2)
  const ask = (key: string) => memory(key, () => (made.push(key), key.toUpperCase()))
  expect([ask('a'), ask('b'), ask('a')]).toEqual(['A', 'B', 'A'])
  expect(made).toEqual(['a', 'b'])
  ask('c')
  ask('a')
  expect(made).toEqual(['a', 'b', 'c'])
  ask('b')
  expect(made).toEqual(['a', 'b', 'c', 'b'])
})

it('keeps what is nothing too, and refuses to keep nothing at all', () => {
  let times = 0
  const memory = boundedCache<undefined>(1)
  memory('x', () => void times++)
  memory('x', () => void times++)
  expect(times).toBe(1)
  expect(() => boundedCache(0)).toThrow(RangeError)
})
