/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { type TestAnswer } from '@/core/notebook/answers'
import { TestSetupSchema } from '@/core/notebook/kinds/burnTest'
import { type TestWritten } from '@/core/notebook/mergeTests'
import { type Outcome } from '../../../shared/outcome'
import { saveTest } from '../actions'
import { useAutosave } from './useAutosave'
import { layBy, noLongerWaiting, waitingFor } from './waiting'

jest.mock('../actions', () => ({ saveTest: jest.fn() }))
jest.mock('./waiting', () => ({
  layBy: jest.fn(),
  newKeyOfVisit: () => 'this visit',
  noLongerWaiting: jest.fn(),
  waitingFor: jest.fn(),
}))

const save = jest.mocked(saveTest)
const waiting = jest.mocked(waitingFor)

const ID = '0198a000-0000-7000-8000-000000000001'
const setup = TestSetupSchema.parse({ asks: 'fibre' })
const answer = (feature: string, ...states: string[]): TestAnswer =>
  ({ specimen: 1, part: 'whole', feature, states }) as TestAnswer
const NO_NOTES: TestWritten['specimens'] = []
const written = (...answers: TestAnswer[]): TestWritten => ({ answers, setup, specimens: NO_NOTES })
const kept = (revision: number): Outcome => ({ ok: true, id: ID, revision })

/** A test’s page at revision 1, with what its hand has written. */
async function opened(first: TestWritten) {
  const onMerged = jest.fn()
  const view = renderHook(({ now }) => useAutosave({ id: ID, revision: 1 }, now, onMerged), {
    initialProps: { now: first },
  })
  await act(async () => {})
  const write = (next: TestWritten) => act(async () => view.rerender({ now: next }))
  return { onMerged, write, writing: () => view.result.current, leave: view.unmount }
}

beforeEach(() => {
  jest.resetAllMocks()
  waiting.mockResolvedValue([])
})
afterEach(() => jest.useRealTimers())

test('nothing is written before anything changes', async () => {
  const { writing } = await opened(written())
  expect(save).not.toHaveBeenCalled()
  expect(writing()).toMatchObject({ keeping: false, allKept: true, trouble: undefined })
})

test('not all is kept before it is known whether something waits of an earlier visit', async () => {
  waiting.mockReturnValue(new Promise(() => {}))
  const { writing } = await opened(written())
  expect(writing()).toMatchObject({ keeping: false, allKept: false })
})

test('writes what changed, and nothing else, upon the revision that came of the write before', async () => {
  save.mockResolvedValueOnce(kept(2)).mockResolvedValueOnce(kept(3))
  const first = written()
  const { write, writing } = await opened(first)
  const one = { ...first, answers: [answer('smell', 'hair')] }
  await write(one)
  expect(save).toHaveBeenLastCalledWith({ id: ID, revision: 1 }, { answers: one.answers })
  const two = { ...one, setup: { ...setup, countHistory: false } }
  await write(two)
  expect(save).toHaveBeenLastCalledWith({ id: ID, revision: 2 }, { setup: two.setup })
  expect(writing().allKept).toBe(true)
  expect(noLongerWaiting).toHaveBeenCalledTimes(2)
})

test('is laid by in the browser until the notebook has it', async () => {
  save.mockReturnValue(new Promise(() => {}))
  const { write, writing } = await opened(written())
  const one = written(answer('smell', 'hair'))
  await write(one)
  expect(layBy).toHaveBeenCalledWith('this visit', { written: one, revision: 1, number: expect.any(Number) })
  expect(noLongerWaiting).not.toHaveBeenCalled()
  expect(writing()).toMatchObject({ keeping: true, allKept: false })
})

test('what could not be kept is said, and tried again with what is written by then', async () => {
  jest.useFakeTimers()
  save.mockRejectedValueOnce(new Error('fetch failed')).mockResolvedValue(kept(2))
  const { write, writing } = await opened(written())
  const one = written(answer('smell', 'hair'))
  await write(one)
  expect(writing().trouble).toMatch(/stay in this browser/)
  expect(save).toHaveBeenCalledTimes(1)
  await act(async () => jest.advanceTimersByTimeAsync(3000))
  expect(save).toHaveBeenCalledTimes(2)
  expect(save).toHaveBeenLastCalledWith({ id: ID, revision: 1 }, { answers: one.answers })
  expect(writing()).toMatchObject({ trouble: undefined, allKept: true })
})

test('a full disk is said in the notebook’s own words, and tried again', async () => {
  jest.useFakeTimers()
  save.mockResolvedValueOnce({ ok: false, errors: { '': 'The disk is full.' } }).mockResolvedValue(kept(2))
  const { write, writing } = await opened(written())
  await write(written(answer('smell', 'hair')))
  expect(writing().trouble).toBe('The disk is full.')
  await act(async () => jest.advanceTimersByTimeAsync(3000))
  expect(writing().allKept).toBe(true)
})

test('a test that was thrown away is not tried again', async () => {
  jest.useFakeTimers()
  save.mockResolvedValue({ ok: false, errors: { '': 'gone' }, gone: true })
  const { write, writing } = await opened(written())
  await write(written(answer('smell', 'hair')))
  expect(writing().trouble).toMatch(/deleted elsewhere/)
  await act(async () => jest.advanceTimersByTimeAsync(60_000))
  expect(save).toHaveBeenCalledTimes(1)
})

test('nothing is tried again once the page was left', async () => {
  jest.useFakeTimers()
  save.mockRejectedValue(new Error('fetch failed'))
  const { write, leave } = await opened(written())
  await write(written(answer('smell', 'hair')))
  leave()
  await act(async () => jest.advanceTimersByTimeAsync(60_000))
  expect(save).toHaveBeenCalledTimes(1)
})

describe('written in another window too', () => {
  const clashWith = (theirs: TestWritten): Outcome => ({
    ok: false,
    errors: { '': 'changed' },
    clash: { revision: 5, updatedAt: '', data: theirs },
  })

  test('what does not contradict is joined without a question', async () => {
    save.mockResolvedValueOnce(clashWith(written(answer('residue', 'ash')))).mockResolvedValueOnce(kept(6))
    const { write, onMerged, writing } = await opened(written())
    await write(written(answer('smell', 'hair')))
    const merged = onMerged.mock.calls[0]![0] as TestWritten
    expect(merged.answers.map(({ feature }) => feature).sort()).toEqual(['residue', 'smell'])
    expect(writing().clash).toBeUndefined()
    await write(merged)
    expect(save).toHaveBeenLastCalledWith(
      { id: ID, revision: 5 },
      expect.objectContaining({ answers: merged.answers }),
    )
  })

  test.each(['mine', 'theirs'] as const)('where both answered, it is asked, and %s counts', async (whose) => {
    save.mockResolvedValueOnce(clashWith(written(answer('smell', 'paper'))))
    const { write, onMerged, writing } = await opened(written())
    await write(written(answer('smell', 'hair')))
    expect(onMerged).not.toHaveBeenCalled()
    expect(writing().clash!.differences).toEqual([
      { specimen: 1, feature: 'smell', first: ['hair'], second: ['paper'] },
    ])
    await act(async () => writing().clash!.settle(whose))
    const [merged] = onMerged.mock.calls[0] as [TestWritten]
    expect(merged.answers).toEqual([answer('smell', whose === 'mine' ? 'hair' : 'paper')])
    expect(writing().clash).toBeUndefined()
  })
})

test('a save that succeeds late does not forget what was answered since, though the next one fails', async () => {
  let succeed!: (outcome: Outcome) => void
  save.mockReturnValueOnce(new Promise((resolve) => (succeed = resolve))).mockRejectedValue(new Error('fetch failed'))
  const { write, leave } = await opened(written())
  const one = written(answer('smell', 'hair'))
  const two = written(...one.answers, answer('residue', 'ash'))
  await write(one)
  await write(two)
  await act(async () => succeed(kept(2)))
  leave()
  const [first, second] = jest.mocked(layBy).mock.calls.map(([, waiting]) => waiting.number)
  expect(second).toBeGreaterThan(first!)
  expect(jest.mocked(noLongerWaiting).mock.calls).toEqual([[{ key: 'this visit', number: first }]])
})

describe('what waited since an earlier visit', () => {
  beforeEach(() => save.mockReturnValue(new Promise(() => {})))

  test('goes on where it was written upon what the notebook has', async () => {
    const before = written(answer('smell', 'hair'))
    waiting.mockResolvedValue([{ key: 'earlier', number: 1, written: before, revision: 1 }])
    const { onMerged, writing } = await opened(written())
    expect(onMerged).toHaveBeenCalledWith(before)
    expect(writing().trouble).toMatch(/were not saved when you left/)
    expect(save).toHaveBeenLastCalledWith({ id: ID, revision: 1 }, { answers: before.answers })
  })

  test('is joined with what was written since', async () => {
    waiting.mockResolvedValue([{ key: 'earlier', number: 1, written: written(answer('smell', 'hair')), revision: 0 }])
    const { onMerged } = await opened(written(answer('residue', 'ash')))
    const [merged] = onMerged.mock.calls[0] as [TestWritten]
    expect(merged.answers).toHaveLength(2)
  })
})
