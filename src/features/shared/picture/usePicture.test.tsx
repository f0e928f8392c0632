/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { Cancelled, runPictureJob } from './jobs'
import { usePicture } from './usePicture'

jest.mock('./jobs', () => ({ Cancelled: class extends Error {}, runPictureJob: jest.fn() }))

const run = jest.mocked(runPictureJob)
const file = new Blob(['cloth'])
const view = { width: 300, height: 200 }

/** The next job, which this test ends. */
function next() {
  let keep!: (value: unknown) => void
  let refuse!: (error: unknown) => void
  let tell: (share: number) => void = () => {}
  const cancel = jest.fn(() => refuse(new Cancelled()))
  run.mockImplementationOnce((_, onProgress) => {
    tell = onProgress
    const answer = new Promise((resolve, reject) => {
      keep = resolve
      refuse = reject
    })
    return { answer: answer as Promise<never>, cancel }
  })
  return {
    ends: (value: unknown) => act(async () => keep(value)),
    fails: (error: unknown) => act(async () => refuse(error)),
    tells: (share: number) => act(() => tell(share)),
    cancel,
  }
}

beforeEach(() => run.mockReset())

test('a picture is opened away from the page, and its progress told meanwhile', async () => {
  const job = next()
  const { result } = renderHook(() => usePicture())
  act(() => void result.current.open(file))
  expect(result.current).toMatchObject({ picture: null, progress: 0 })
  job.tells(0.4)
  expect(result.current.progress).toBe(0.4)
  await job.ends(view)
  expect(result.current).toMatchObject({ picture: { file, view, number: 1 }, progress: null })
})

test('each picture has a number of its own', async () => {
  const { result } = renderHook(() => usePicture())
  for (const number of [1, 2]) {
    const job = next()
    act(() => void result.current.open(file))
    await job.ends(view)
    expect(result.current.picture?.number).toBe(number)
  }
})

test('a picture that cannot be read leaves the one before, and says why', async () => {
  const { result } = renderHook(() => usePicture())
  const first = next()
  act(() => void result.current.open(file))
  await first.ends(view)
  const second = next()
  act(() => void result.current.open(new Blob(['no picture'])))
  await second.fails(new Error('This is no picture.'))
  expect(result.current).toMatchObject({ picture: { number: 1 }, trouble: 'This is no picture.', progress: null })
})

test('a new job ends the one before without a word, and the old one’s end does not end the new', async () => {
  const { result } = renderHook(() => usePicture())
  const [old, young] = [next(), next()]
  act(() => void result.current.open(file))
  act(() => void result.current.count(file, 40))
  expect(old.cancel).toHaveBeenCalledTimes(1)
  await act(async () => {})
  expect(result.current).toMatchObject({ trouble: undefined, progress: 0 })
  young.tells(0.5)
  expect(result.current.progress).toBe(0.5)
  await young.ends(null)
  expect(result.current.progress).toBeNull()
})

test('to stop it is no trouble', async () => {
  const job = next()
  const { result } = renderHook(() => usePicture())
  let answer: unknown = 'none yet'
  act(() => void result.current.shadow(file).then((one) => (answer = one)))
  act(() => result.current.cancel())
  await act(async () => {})
  expect(job.cancel).toHaveBeenCalled()
  expect(answer).toBeNull()
  expect(result.current).toMatchObject({ trouble: undefined, progress: null })
})

test('what the camera took is opened as its file', async () => {
  const [shot, opened] = [next(), next()]
  const { result } = renderHook(() => usePicture())
  act(() => void result.current.shoot({} as never))
  await shot.ends({ file })
  await opened.ends(view)
  expect(result.current.picture).toMatchObject({ file, view })
})
