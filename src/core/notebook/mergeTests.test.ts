import { SpecimenNoteSchema, TestSetupSchema } from './kinds/burnTest'
import { disagreements, mergedTests, type TestWritten } from './mergeTests'

const written = (
  answers: Record<string, string>,
  specimens: object[] = [],
  asks: 'fibre' | 'plastic' = 'fibre',
): TestWritten => ({
  answers: Object.entries(answers).map(([feature, state]) => ({
    specimen: 1,
    part: 'whole',
    feature,
    states: [state],
  })),
  setup: TestSetupSchema.parse({ asks }),
  specimens: specimens.map((note) => SpecimenNoteSchema.parse(note)),
})

it('keeps every answer that either has, and the first where they differ', () => {
  const [mine, theirs] = [written({ smell: 'paper', smoke: 'pale' }), written({ smell: 'vinegar', melting: 'none' })]
  expect(disagreements(mine, theirs)).toEqual([
    { specimen: 1, feature: 'smell', first: ['paper'], second: ['vinegar'] },
  ])
  const merged = mergedTests(mine, theirs)
  expect(Object.fromEntries(merged.answers.map(({ feature, states }) => [feature, states[0]]))).toEqual({
    melting: 'none',
    smell: 'paper',
    smoke: 'pale',
  })
})

it('finds no disagreement where one only knows more, and does not mix specimens or parts', () => {
  expect(disagreements(written({ smell: 'paper' }), written({ smell: 'paper', smoke: 'pale' }))).toEqual([])
  const ofWeft = written({ smell: 'vinegar' })
  ofWeft.answers[0]!.part = 'weft'
  expect(disagreements(written({ smell: 'paper' }), ofWeft)).toEqual([])
  expect(mergedTests(written({ smell: 'paper' }), ofWeft).answers).toHaveLength(2)
})

it('fills up notes from one another, and takes the first set-up', () => {
  const mine = written({}, [{ specimen: 1, note: 'hem' }], 'plastic')
  const theirs = written({}, [
    { specimen: 1, note: 'seam', catchSeconds: 2 },
    { specimen: 2, note: 'weft' },
  ])
  const { specimens, setup } = mergedTests(mine, theirs)
  expect(setup.asks).toBe('plastic')
  expect(specimens.map(({ note, catchSeconds }) => [note, catchSeconds])).toEqual([
    ['hem', 2],
    ['weft', null],
  ])
})
