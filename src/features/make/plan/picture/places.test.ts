import { placeBeyond, snapToGrid } from './places'

const step = { hands: 30, use: null, kind: 'sew' } as const
const free = [
  { start: 600, end: 660 },
  { start: 2000, end: 2020 },
  { start: 3000, end: 3120 },
]
const asked = { step, now: 0, free, by: 'grid' } as const

test.each([
  [600, 'later', 610],
  [630, 'later', 3000],
  [3000, 'earlier', 630],
  [3090, 'later', undefined],
  [600, 'earlier', undefined],
  [5, 'later', 600],
] as const)('from %i %s is %s: on the grid, past times that are too short', (from, to, at) =>
  expect(placeBeyond(from, to, asked)).toBe(at),
)

test('by free times it goes to their beginning', () => {
  expect(placeBeyond(610, 'later', { ...asked, by: 'window' })).toBe(3000)
  expect(placeBeyond(3050, 'earlier', { ...asked, by: 'window' })).toBe(3000)
  expect(placeBeyond(3000, 'earlier', { ...asked, by: 'window' })).toBe(600)
})

test('nothing goes before now', () => {
  expect(placeBeyond(3000, 'earlier', { ...asked, now: 617 })).toBe(630)
  expect(placeBeyond(3000, 'earlier', { ...asked, now: 640 })).toBeUndefined()
})

test.each([
  [604, 600],
  [605, 610],
])('%i is %i on the grid', (at, on) => expect(snapToGrid(at)).toBe(on))
