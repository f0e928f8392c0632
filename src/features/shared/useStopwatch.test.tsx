/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { useStopwatch } from './useStopwatch'

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

test('starts at the first call, and hands over the seconds at the second', () => {
  const { result } = renderHook(() => useStopwatch())
  expect(result.current).toMatchObject({ seconds: 0, running: false })
  let handed: number | null = 0
  act(() => void (handed = result.current.toggle()))
  expect(handed).toBeNull()
  expect(result.current.running).toBe(true)
  act(() => jest.advanceTimersByTime(2300))
  expect(result.current.seconds).toBeCloseTo(2.3, 5)
  act(() => jest.advanceTimersByTime(40))
  act(() => void (handed = result.current.toggle()))
  // Not the last tick: the moment at which it was stopped.
  expect(handed).toBeCloseTo(2.34, 5)
  expect(result.current).toMatchObject({ seconds: handed, running: false })
})

test('stands still once stopped, and begins at nothing again', () => {
  const { result } = renderHook(() => useStopwatch())
  act(() => void result.current.toggle())
  act(() => jest.advanceTimersByTime(1000))
  act(() => void result.current.toggle())
  act(() => jest.advanceTimersByTime(5000))
  expect(result.current.seconds).toBeCloseTo(1, 5)
  act(() => void result.current.toggle())
  expect(result.current.seconds).toBe(0)
})

test('no tick is left when its page is', () => {
  const { result, unmount } = renderHook(() => useStopwatch())
  act(() => void result.current.toggle())
  unmount()
  expect(jest.getTimerCount()).toBe(0)
})
