/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { burnFeatures } from '@/core/identify/features'
import { type TestAnswer } from '@/core/notebook/answers'
import { TestSetupSchema } from '@/core/notebook/kinds/burnTest'
import { useBench, type BenchBeginning } from './useBench'

jest.mock('./keeping/useAutosave', () => ({
  useAutosave: () => ({ trouble: undefined, clash: undefined, keeping: false, allKept: true }),
}))
jest.mock('../../shared/settings/PreferencesContext', () => ({ usePreferences: () => ({ words: 'uk' }) }))

const setup = TestSetupSchema.parse({})
const start = (answers: TestAnswer[] = []): BenchBeginning => ({
  testId: 't1',
  revision: 1,
  answers,
  setup,
  notes: [],
  controls: [],
})
const [first, second] = burnFeatures
const answered = (feature: string, states: string[], specimen = 1): TestAnswer =>
  ({ specimen, part: 'whole', feature, states }) as TestAnswer
const all = burnFeatures.map(({ id, states }) => answered(id, [states[0]!.id]))

const opened = (begun: BenchBeginning) => {
  const { result } = renderHook(() => useBench(begun))
  return () => result.current
}

test.each([
  ['nothing answered yet', [], false, 'laid-out'],
  ['two answers', all.slice(0, 2), false, 'flame'],
  ['a result that was asked for early', all.slice(0, 2), true, 'judged'],
  ['answers without a flame only', [answered('touch', ['warm'])], false, 'judged'],
  ['all answered', all, false, 'judged'],
] as const)('a test with %s opens where it stands', (_, answers, finished, phase) => {
  const begun = { ...start([...answers]), setup: { ...setup, finished } }
  expect(opened(begun)().phase).toBe(phase)
})

test('a result asked for early is remembered, and so is going on', () => {
  const bench = opened(start(all.slice(0, 2)))
  act(() => bench().finish(true))
  expect([bench().phase, bench().setup.finished]).toEqual(['judged', true])
  act(() => bench().finish(false))
  expect([bench().phase, bench().setup.finished]).toEqual(['flame', undefined])
  act(() => bench().finish(true))
  act(() => bench().undo())
  expect([bench().phase, bench().setup.finished, bench().answers.length]).toEqual(['flame', undefined, 1])
})

test('at the flame the questions come in the flame’s order, and an answer leads to the next', () => {
  const bench = opened(start())
  act(() => bench().setPhase('flame'))
  expect(bench().feature?.id).toBe(first!.id)
  act(() => bench().give([first!.states[0]!.id]))
  expect(bench().feature?.id).toBe(second!.id)
  expect(bench().answers).toMatchObject([{ specimen: 1, part: 'whole', feature: first!.id }])
  expect(Date.parse(bench().answers[0]!.at!)).not.toBeNaN()
})

test('an answer tells: the belief is no longer what it was', () => {
  const bench = opened(start())
  const before = bench().belief
  act(() => bench().setPhase('flame'))
  act(() => bench().give([first!.states[0]!.id]))
  expect(bench().belief).not.toBe(before)
})

test('the last answer is taken back, from the verdict too', () => {
  const bench = opened(start(all))
  act(() => bench().undo())
  expect(bench().answers).toHaveLength(all.length - 1)
  expect(bench().phase).toBe('flame')
  expect(bench().feature?.id).toBe(all.at(-1)!.feature)
})

test('a question asked for by name comes first, and to take it back takes back no answer', () => {
  const bench = opened(start(all.slice(0, 2)))
  act(() => bench().ask(first!.id))
  expect(bench().feature?.id).toBe(first!.id)
  act(() => bench().undo())
  expect(bench().asked).toBeUndefined()
  expect(bench().answers).toHaveLength(2)
  act(() => bench().ask(first!.id))
  act(() => bench().give([first!.states[1]!.id]))
  expect(bench().answers).toHaveLength(2)
  expect(bench().answers.at(-1)).toMatchObject({ feature: first!.id, states: [first!.states[1]!.id] })
})

test('another specimen begins at the flame’s first question, of its own part', () => {
  const bench = opened(start(all))
  act(() => bench().another('weft'))
  expect(bench()).toMatchObject({ specimen: 2, part: 'weft', phase: 'flame', own: [] })
  expect(bench().feature?.id).toBe(first!.id)
  act(() => bench().give([first!.states[0]!.id]))
  expect(bench().own).toHaveLength(1)
  expect(bench().answers).toHaveLength(all.length + 1)
})

test('to say which part a specimen is of changes what was answered of it', () => {
  const bench = opened(start(all.slice(0, 2)))
  act(() => bench().setPart('warp'))
  expect(bench().part).toBe('warp')
  expect(bench().answers.every(({ part }) => part === 'warp')).toBe(true)
  expect(bench().notes).toMatchObject([{ specimen: 1, part: 'warp' }])
})

test('away from the flame nothing is asked that needs one, nor what went by unseen', () => {
  const bench = opened(start(all))
  act(() => bench().setPhase('look'))
  const asked = bench().feature
  expect(asked && burnFeatures.some(({ id }) => id === asked.id)).toBeFalsy()
  if (!asked) return
  act(() => bench().give([]))
  expect(bench().feature?.id).not.toBe(asked.id)
})

test('a set-up that cannot be used is typed on, and not reckoned with', () => {
  const bench = opened(start())
  const half = { ...setup, claim: [{ fibre: 'wool', percent: 140 }] } as typeof setup
  act(() => bench().changeSetup(half))
  expect(bench().setup.claim).toHaveLength(1)
  const whole = { ...setup, claim: [{ fibre: 'wool', percent: 100 }] } as typeof setup
  const before = bench().belief
  act(() => bench().changeSetup(whole))
  expect(bench().belief).not.toBe(before)
})
