/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { type LayAnswer, type LayTask } from '@/core/lay/types'
import { Cancelled, runIn, type Running } from '../../shared/runIn'
import { useLay } from './useLay'
import { type Tell, useLayJob } from './useLayJob'
import { useTelling } from './useTelling'

jest.mock('comlink', () => ({ proxy: (told: unknown) => told }))
jest.mock('../../shared/runIn', () => ({
  ...jest.requireActual<object>('../../shared/runIn'),
  runIn: jest.fn(),
}))

/** A worker’s job as this test ends it. */
interface Job {
  end: () => Promise<void>
  fail: (error: unknown) => Promise<void>
  isStopped: () => boolean
}

/** What a worker can do, as far as a job asks it here. */
const jobs = { lay: jest.fn<Promise<LayAnswer>, [LayTask, number, (best: LayAnswer) => void]>() }
const begun: Job[] = []

beforeEach(() => {
  begun.length = 0
  jobs.lay.mockReset()
  globalThis.Worker = class {} as unknown as typeof Worker
  jest.mocked(runIn).mockImplementation((_, job) => {
    let stop: (error: unknown) => void = () => {}
    let end = () => {}
    let isStopped = false
    const answer = new Promise<void>((resolve, reject) => {
      stop = reject
      end = resolve
    })
    // Once it runs, it belongs to the hook.
    queueMicrotask(() => void job(jobs as never))
    begun.push({
      end: () => act(async () => end()),
      fail: (error) => act(async () => stop(error)),
      isStopped: () => isStopped,
    })
    const cancel = () => {
      isStopped = true
      stop(new Cancelled())
    }
    return { answer, cancel } as Running<never>
  })
})

const idle = async () => {}

describe('one job of laying out at a time', () => {
  test('runs until it is over', async () => {
    const { result } = renderHook(() => useLayJob())
    await act(async () => result.current.start(idle))
    expect(result.current.isRunning).toBe(true)
    await begun[0]!.end()
    expect(result.current).toMatchObject({ isRunning: false, trouble: '' })
  })

  test('another one ends the one before, and what that still tells is not heard', async () => {
    const { result } = renderHook(() => useLayJob())
    const heard: string[] = []
    const tells: ((word: string) => void)[] = []
    const work = async (_: unknown, tell: Tell) => {
      tells.push(tell((word: string) => void heard.push(word)))
    }
    await act(async () => result.current.start(work))
    await act(async () => result.current.start(work))
    expect(begun.map((job) => job.isStopped())).toEqual([true, false])
    tells[0]!('of the first')
    tells[1]!('of the second')
    expect(heard).toEqual(['of the second'])
    expect(result.current).toMatchObject({ isRunning: true, trouble: '' })
  })

  test('why it could not be done is said, and forgotten at the next', async () => {
    const { result } = renderHook(() => useLayJob())
    await act(async () => result.current.start(idle))
    await begun[0]!.fail(new Error('More than two hundred pieces.'))
    expect(result.current).toMatchObject({ isRunning: false, trouble: 'More than two hundred pieces.' })
    await act(async () => result.current.start(idle))
    expect(result.current.trouble).toBe('')
  })

  test('to stop it is no trouble, and neither is to leave the page', async () => {
    const { result, unmount } = renderHook(() => useLayJob())
    await act(async () => result.current.start(idle))
    await act(async () => result.current.stop())
    expect(result.current).toMatchObject({ isRunning: false, trouble: '' })
    await act(async () => result.current.start(idle))
    unmount()
    expect(begun[1]!.isStopped()).toBe(true)
  })
})

describe('laying', () => {
  const task = { pieces: [] } as unknown as LayTask
  const better = (usedLengthMm: number) => ({ usedLengthMm }) as LayAnswer
  afterEach(() => jest.useRealTimers())

  test('hands over every better lay, and the last, each with its task', async () => {
    const taken: [number, boolean][] = []
    jobs.lay.mockImplementation(async (_, __, onBest) => {
      onBest(better(900))
      return better(850)
    })
    const { result } = renderHook(() => useLay(take))
    await act(async () => result.current.start(task, 8))
    expect(jobs.lay.mock.calls[0]!.slice(0, 2)).toEqual([task, 8])
    expect(taken).toEqual([
      [900, true],
      [850, true],
    ])
    function take(answer: LayAnswer, of: LayTask) {
      taken.push([answer.usedLengthMm!, of === task])
    }
  })

  test('counts the seconds while it runs, and no longer', async () => {
    jest.useFakeTimers()
    jobs.lay.mockReturnValue(new Promise(() => {}))
    const onBest = jest.fn()
    const { result } = renderHook(() => useLay(onBest))
    await act(async () => result.current.start(task, 8))
    act(() => jest.advanceTimersByTime(2000))
    expect(result.current.since).toBeCloseTo(2, 1)
    await act(async () => result.current.stop())
    act(() => jest.advanceTimersByTime(5000))
    expect(result.current.since).toBeCloseTo(2, 1)
  })
})

test('a job that tells its answers one by one begins with none', async () => {
  const { result } = renderHook(() => useTelling<string>())
  expect(result.current.told).toBeNull()
  let tell: (one: string) => void = () => {}
  await act(async () =>
    result.current.ask(async (_, onOne) => {
      tell = onOne
    }),
  )
  expect(result.current.told).toEqual([])
  act(() => tell('115 cm: 2.1 m'))
  act(() => tell('150 cm: 1.6 m'))
  expect(result.current.told).toEqual(['115 cm: 2.1 m', '150 cm: 1.6 m'])
})
