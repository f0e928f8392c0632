import { FIRST_SHOWN, shownOf } from './shownOf'

const of = (id: number, finished: string | null = null) => ({ id, project: { data: { finished } } })
const ids = (some: readonly { id: number }[]) => some.map(({ id }) => id)

it('shows what is not done first, the latest before the others', () => {
  expect(ids(shownOf([of(1), of(2, '2026-05-01'), of(3), of(4, '2026-06-01')], false))).toEqual([3, 1, 4, 2])
})

it('shows the first few, and all when asked', () => {
  const many = Array.from({ length: FIRST_SHOWN + 5 }, (_, i) => of(i))
  expect(shownOf(many, false)).toHaveLength(FIRST_SHOWN)
  expect(shownOf(many, false)[0]!.id).toBe(FIRST_SHOWN + 4)
  expect(shownOf(many, true)).toHaveLength(FIRST_SHOWN + 5)
})
