import fc from 'fast-check'
import { leftOf, type Reserved } from './reserved'

const by = (project: string, mm: number | null, place = 'main'): Reserved => ({
  projectId: project,
  project,
  place,
  pieceId: 'p',
  mm,
})

test('who reserved first has it first; nobody in particular comes last', () => {
  const both = [by('A', 1600), by('B', 1600)]
  expect(leftOf(3000, both, { projectId: 'A', place: 'main' })).toEqual({ mm: 3000, taken: [], unmet: [] })
  expect(leftOf(3000, both, { projectId: 'B', place: 'main' })).toEqual({ mm: 1400, taken: [both[0]], unmet: [] })
  // B had not enough: it takes nothing from others.
  expect(leftOf(3000, both)).toEqual({ mm: 1400, taken: [both[0]], unmet: [both[1]] })
})

test('one project that takes two of its fabrics from one piece counts both', () => {
  const both = [by('A', 1600), by('A', 900, 'pocket')]
  expect(leftOf(3000, both, { projectId: 'A', place: 'pocket' }).mm).toBe(1400)
  // A third place of its own is asked beside what it has reserved.
  expect(leftOf(3000, both, { projectId: 'A', place: 'binding' }).mm).toBe(3000)
})

test('an amount that nobody knows leaves nothing, and no length stays none', () => {
  expect(leftOf(3000, [by('A', null)]).mm).toBe(0)
  expect(leftOf(null, [by('A', 500)])).toMatchObject({ mm: null, taken: [{ projectId: 'A' }] })
})

test('no more is promised than there is, whoever asks in whatever order', () => {
  const reserved = fc.array(
    fc.record({
      project: fc.constantFrom('A', 'B', 'C', 'D'),
      mm: fc.integer({ min: 1, max: 4000 }),
      place: fc.constantFrom('main', 'lining'),
    }),
    { maxLength: 8 },
  )
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 6000 }), reserved, (length, asked) => {
      const list = asked
        .filter(
          ({ project, place }, i) => asked.findIndex((one) => one.project === project && one.place === place) === i,
        )
        .map(({ project, mm, place }) => by(project, mm, place))
      const told = list.filter((one) => (one.mm ?? 0) <= leftOf(length, list, one).mm!)
      const promised = told.reduce((sum, { mm }) => sum + (mm ?? 0), 0)
      expect(promised + leftOf(length, list).mm!).toBeLessThanOrEqual(length + 5 * list.length)
    }),
  )
})
