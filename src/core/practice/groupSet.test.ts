import { compareGroup, GroupResultsSchema, GroupSetSchema, specimensOf } from './groupSet'
import { newResults, newSet } from './addedFiles'
import { topics } from './topics'

const set = newSet({ title: 'Tuesday class', seed: 7, count: 6, levels: ['pure'] })
const answersOf = (right: number, sure = 0.9) =>
  specimensOf(set).map(({ topic }, i) => ({
    family:
      i < right ? topic.families[0]! : topic.families[0] === 'mineral' ? ('plant' as const) : ('mineral' as const),
    fibres: [],
    sure,
  }))
const results = (by: string, right: number, sure?: number) => newResults({ set, by, answers: answersOf(right, sure) })

test('a set is the same on every machine, and another with another seed', () => {
  expect(specimensOf(set)).toEqual(specimensOf(GroupSetSchema.parse(JSON.parse(JSON.stringify(set)))))
  const told = (seed: number) => JSON.stringify(specimensOf({ ...set, seed }))
  expect(new Set([1, 2, 3, 4, 5].map(told)).size).toBe(5)
})

test('no two specimens are alike while there are others, and only of its levels', () => {
  const ids = specimensOf(set).map(({ topic }) => topic.id)
  expect(new Set(ids).size).toBe(6)
  for (const { topic } of specimensOf(set)) expect(topic.level).toBe('pure')
  const pure = topics.filter(({ level }) => level === 'pure').length
  const all = specimensOf({ ...set, count: 20 }).map(({ topic }) => topic.id)
  expect(new Set(all).size).toBe(pure)
})

test('results are set beside one another, who knew most first', () => {
  const { scores, specimens } = compareGroup([results('Ida', 2), results('Bo', 5), results('Cem', 5, 0.6)])
  expect(scores.map(({ by }) => by)).toEqual(['Bo', 'Cem', 'Ida'])
  expect(scores[0]!.family).toBeCloseTo(5 / 6, 10)
  expect(scores[0]!.fibre).toBeNull()
  expect(specimens.map(({ right }) => right)).toEqual([3, 3, 2, 2, 2, 0])
  expect(specimens[5]!.families[0]!.count).toBe(3)
})

test('to be sure and wrong costs more than to doubt', () => {
  const { scores } = compareGroup([results('sure', 0, 0.99), results('doubting', 0, 0.5)])
  const of = (by: string) => scores.find((one) => one.by === by)!.brier
  expect(of('sure')).toBeGreaterThan(of('doubting') * 3)
})

test('results of another set are refused by name', () => {
  const other = { ...results('Bo', 3), set: { ...set, seed: 8, title: 'Monday class' } }
  expect(() => compareGroup([results('Ida', 2), other])).toThrow('“Bo” answered another set: “Monday class”.')
  expect(compareGroup([])).toEqual({ scores: [], specimens: [] })
})

test.each([
  ['no set', { title: 'x' }],
  ['too many', { ...set, count: 21 }],
  ['no level', { ...set, levels: [] }],
  ['something beside', { ...set, more: 1 }],
])('%s is refused', (_, data) => expect(GroupSetSchema.safeParse(data).success).toBe(false))

test('results with too few answers are refused', () => {
  const { answers, ...rest } = results('Ida', 2)
  expect(GroupResultsSchema.safeParse({ ...rest, answers: answers.slice(1) }).success).toBe(false)
  expect(GroupResultsSchema.safeParse({ ...rest, answers }).success).toBe(true)
})
