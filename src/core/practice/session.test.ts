import { DRILL_MINUTES, sittingOf, type Drill, type Due } from './session'

const due = (drill: Drill, recall: number, isNew = false): Due => ({ drill, recall, isNew })
const many = (drill: Drill, count: number, recall = 0.5, isNew = false) =>
  Array.from({ length: count }, (_, i) => due(drill, recall + i / 1000, isNew))
const counts = (list: readonly Due[], minutes: number) =>
  Object.fromEntries(sittingOf(list, minutes).map(({ drill, count }) => [drill, count]))

it('fills the time, and goes hardly over it', () => {
  for (const minutes of [5, 20]) {
    const sitting = sittingOf([...many('burn', 30), ...many('look', 30), ...many('side', 30)], minutes)
    const takes = sitting.reduce((sum, one) => sum + one.minutes, 0)
    expect(takes).toBeGreaterThan(minutes - 1.5)
    expect(takes).toBeLessThanOrEqual(minutes + 0.5)
  }
})

it('takes what is likeliest to be forgotten first, whatever it is', () => {
  expect(counts([...many('look', 20, 0.9), ...many('burn', 2, 0.3)], 5)).toEqual({ burn: 2, look: 4 })
  expect(counts([...many('look', 20, 0.2), ...many('burn', 2, 0.8)], 5)).toEqual({ look: 10 })
})

it('begins new things only where nothing is due any more', () => {
  const [sitting] = sittingOf([...many('side', 3, 0.6), ...many('side', 9, 0, true)], 2)
  expect(sitting).toMatchObject({ drill: 'side', count: 5, fresh: 2 })
  expect(sitting!.minutes).toBeCloseTo(5 * DRILL_MINUTES.side)
})

it('is empty where there is nothing, and passes over what takes too long for what is left', () => {
  expect(sittingOf([], 5)).toEqual([])
  expect(counts([due('burn', 0.1), due('burn', 0.2), due('look', 0.9)], 2)).toEqual({ burn: 1, look: 1 })
})
