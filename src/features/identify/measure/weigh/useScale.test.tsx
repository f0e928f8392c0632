/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { type ScalePort } from '@/devices/scale/port'
import { useScale } from './useScale'

/** A scale of which this test pulls the strings. */
function scale(name: string, tares = true) {
  const told: string[] = []
  let tell: (line: string) => void = () => {}
  const port: ScalePort = {
    name,
    open: async (onLine) => {
      told.push('open')
      tell = onLine
    },
    tare: async () => tares,
    close: async () => void told.push('close'),
  }
  return { port, told, says: (line: string) => act(() => tell(line)) }
}

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

const settleDown = () => act(async () => {})

test('nothing is shown before the first weight, nor without a scale', async () => {
  const { result } = renderHook(() => useScale(null))
  await settleDown()
  expect(result.current.shown).toBeNull()
  expect(result.current.settled.grams).toBeNull()
})

test('shows each weight as it comes, and takes it once it stands still', async () => {
  const { port, says } = scale('kitchen')
  const { result } = renderHook(() => useScale(port))
  await settleDown()
  says('ST,GS,+0012.3 g')
  expect(result.current.shown?.grams).toBe(12.3)
  expect(result.current.settled.grams).toBeNull()
  for (let i = 0; i < 4; i++) {
    jest.advanceTimersByTime(500)
    says('ST,GS,+0012.3 g')
  }
  expect(result.current.settled.grams).toBe(12.3)
})

test('a line without a weight changes nothing', async () => {
  const { port, says } = scale('kitchen')
  const { result } = renderHook(() => useScale(port))
  await settleDown()
  says('12.3 g')
  says('LOW BATTERY')
  expect(result.current.shown?.grams).toBe(12.3)
})

test('a new scale closes the one before first, and its weights are forgotten', async () => {
  const [old, next] = [scale('old'), scale('new')]
  const { result, rerender, unmount } = renderHook(({ port }) => useScale(port), { initialProps: { port: old.port } })
  await settleDown()
  old.says('40 g')
  rerender({ port: next.port })
  await settleDown()
  expect(old.told).toEqual(['open', 'close'])
  expect(next.told).toEqual(['open'])
  expect(result.current.shown).toBeNull()
  old.says('41 g')
  expect(result.current.shown).toBeNull()
  unmount()
  await settleDown()
  expect(next.told).toEqual(['open', 'close'])
})

test('a scale that cannot be opened says so', async () => {
  const open = () => Promise.reject(new Error('Another program has it.'))
  const port: ScalePort = { ...scale('busy').port, open }
  const { result } = renderHook(() => useScale(port))
  await settleDown()
  expect(result.current.trouble).toBe('Another program has it.')
})

test('one that takes no orders is to be zeroed by its own button', async () => {
  const { port } = scale('kitchen', false)
  const { result } = renderHook(() => useScale(port))
  await act(() => result.current.tare())
  expect(result.current.trouble).toMatch(/own zero button/)
})
