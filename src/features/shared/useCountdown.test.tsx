/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { useCountdown } from './useCountdown'

beforeEach(() => {
  localStorage.clear()
  jest.useFakeTimers()
})
afterEach(() => jest.useRealTimers())

const pass = (seconds: number) => act(() => jest.advanceTimersByTime(seconds * 1000))

test('counts down from its minutes, and on below nothing', () => {
  const { result } = renderHook(() => useCountdown('soak'))
  expect(result.current).toMatchObject({ secondsLeft: null, secondsGone: 0 })
  act(() => result.current.start(2))
  expect(result.current.secondsLeft).toBe(120)
  pass(90)
  expect(result.current).toMatchObject({ secondsLeft: 30, secondsGone: 90 })
  pass(45)
  expect(result.current.secondsLeft).toBe(-15)
})

test('goes on while its page is away', () => {
  const first = renderHook(() => useCountdown('soak'))
  act(() => first.result.current.start(10))
  first.unmount()
  pass(180)
  const { result } = renderHook(() => useCountdown('soak'))
  expect(result.current.secondsLeft).toBe(420)
})

test('each timer is its own, and one that was stopped is gone', () => {
  const soak = renderHook(() => useCountdown('soak'))
  const rest = renderHook(() => useCountdown('rest'))
  act(() => soak.result.current.start(10))
  expect(rest.result.current.secondsLeft).toBeNull()
  act(() => soak.result.current.stop())
  expect(soak.result.current.secondsLeft).toBeNull()
  expect(jest.getTimerCount()).toBe(0)
})

test('what is stored and makes no sense is no timer', () => {
  for (const torn of ['{"from":', '{"from":"noon"}', '[]', '7']) {
    localStorage.setItem('rough-swatch-timer-soak', torn)
    expect(renderHook(() => useCountdown('soak')).result.current.secondsLeft).toBeNull()
  }
})
