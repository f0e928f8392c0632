/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react'
import { type Doing, useAsyncAction } from './useAsyncAction'
import { useLoaded } from './useLoaded'
import { useMedia } from './useMedia'

/** A promise, and how to keep it. */
function promised<T>() {
  let keep!: (value: T) => void
  const promise = new Promise<T>((resolve) => {
    keep = resolve
  })
  return { promise, keep }
}

describe('what is loaded once the page is there', () => {
  test('is not there before, and then is', async () => {
    const { promise, keep } = promised<string>()
    const load = jest.fn(() => promise)
    const { result } = renderHook(() => useLoaded(load))
    expect(result.current).toBeUndefined()
    await act(async () => keep('the table'))
    expect(result.current).toBe('the table')
    expect(load).toHaveBeenCalledTimes(1)
  })

  test('may itself be undefined, or a function that is not called', async () => {
    const told = jest.fn()
    const load = () => Promise.resolve(told)
    const { result } = renderHook(() => useLoaded(load))
    await waitFor(() => expect(result.current).toBe(told))
    expect(told).not.toHaveBeenCalled()
  })

  test('is let go where the page was left meanwhile', async () => {
    const { promise, keep } = promised<string>()
    const load = () => promise
    const seen: (string | undefined)[] = []
    const { unmount } = renderHook(() => seen.push(useLoaded(load)))
    unmount()
    await act(async () => keep('too late'))
    expect(seen).not.toContain('too late')
  })
})

describe('something done at the press of a button', () => {
  test('is busy while it is under way', async () => {
    const { promise, keep } = promised<Doing>()
    const { result } = renderHook(() => useAsyncAction())
    expect(result.current.busy).toBe(false)
    act(() => result.current.doing(() => promise))
    expect(result.current.busy).toBe(true)
    await act(async () => keep({ ok: true }))
    expect(result.current).toMatchObject({ busy: false, trouble: '' })
  })

  test('says all that stood in its way, and forgets it once it went well', async () => {
    const { result } = renderHook(() => useAsyncAction())
    await act(async () => result.current.doing(async () => ({ ok: false, errors: { a: 'no room', b: 'too long' } })))
    expect(result.current.trouble).toBe('no room; too long')
    await act(async () => result.current.doing(async () => ({ ok: true })))
    expect(result.current.trouble).toBe('')
  })
})

describe('something done that nobody answered', () => {
  test('does not say that nothing was saved: nobody knows', async () => {
    const { result } = renderHook(() => useAsyncAction())
    await act(async () => result.current.doing(() => Promise.reject(new TypeError('Failed to fetch'))))
    expect(result.current.trouble).toMatch(/did not answer.+nothing is done twice/)
  })
})

describe('a media query', () => {
  const listeners = new Set<() => void>()
  let holds = false
  beforeEach(() => {
    holds = false
    window.matchMedia = (query) =>
      ({
        media: query,
        get matches() {
          return holds
        },
        addEventListener: (_: string, listener: () => void) => listeners.add(listener),
        removeEventListener: (_: string, listener: () => void) => listeners.delete(listener),
      }) as unknown as MediaQueryList
  })

  test('is followed as it changes, and no longer when the page is left', () => {
    const { result, unmount } = renderHook(() => useMedia('(prefers-color-scheme: dark)'))
    expect(result.current).toBe(false)
    holds = true
    act(() => listeners.forEach((changed) => changed()))
    expect(result.current).toBe(true)
    unmount()
    expect(listeners.size).toBe(0)
  })
})
