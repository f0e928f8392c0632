/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { useTypeAhead } from './useTypeAhead'

const groups = (title: string) => [{ title, items: [{ href: '/stash/1', title: 'Curtain', about: '' }] }]
const fetched = jest.fn<Promise<unknown>, [string, { signal: AbortSignal }]>()

beforeEach(() => {
  jest.useFakeTimers()
  fetched.mockReset()
  fetched.mockImplementation(async (address) => ({ json: async () => ({ groups: groups(address) }) }))
  globalThis.fetch = fetched as unknown as typeof fetch
})
afterEach(() => jest.useRealTimers())

const typing = () => renderHook(({ text }) => useTypeAhead(text), { initialProps: { text: '' } })
const wait = (ms: number) => act(async () => jest.advanceTimersByTimeAsync(ms))

test('nothing is asked before anything is typed', async () => {
  const { result } = typing()
  await wait(1000)
  expect(fetched).not.toHaveBeenCalled()
  expect(result.current).toEqual([])
})

test('asks once the text has stood still, not at every letter', async () => {
  const { result, rerender } = typing()
  for (const text of ['l', 'li', 'lin', 'linen & wool']) {
    rerender({ text })
    await wait(60)
  }
  expect(fetched).not.toHaveBeenCalled()
  await wait(200)
  expect(fetched.mock.calls.map(([address]) => address)).toEqual(['/find?q=linen%20%26%20wool'])
  expect(result.current[0]!.title).toBe('/find?q=linen%20%26%20wool')
})

test('spaces at its ends ask nothing new', async () => {
  const { rerender } = typing()
  rerender({ text: 'silk' })
  await wait(200)
  rerender({ text: ' silk ' })
  await wait(200)
  expect(fetched).toHaveBeenCalledTimes(1)
})

test('an answer to what is no longer typed is let go', async () => {
  const { result, rerender } = typing()
  rerender({ text: 'silk' })
  await wait(200)
  rerender({ text: '' })
  expect(fetched.mock.calls[0]![1].signal.aborted).toBe(true)
  expect(result.current).toEqual([])
})

test('a search that cannot be reached finds nothing, and breaks nothing', async () => {
  fetched.mockRejectedValue(new TypeError('fetch failed'))
  const { result, rerender } = typing()
  rerender({ text: 'silk' })
  await wait(200)
  expect(result.current).toEqual([])
})
