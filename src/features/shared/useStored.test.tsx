/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { useStored } from './useStored'

const refuse = () => {
  throw new DOMException('not here', 'SecurityError')
}

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})
afterEach(() => jest.restoreAllMocks())

test('nothing is kept under a name until something is', () => {
  const { result } = renderHook(() => useStored('units', 'browser'))
  expect(result.current[0]).toBeNull()
  act(() => result.current[1]('metric'))
  expect(result.current[0]).toBe('metric')
  expect(localStorage.getItem('rough-swatch-units')).toBe('metric')
  expect(sessionStorage).toHaveLength(0)
})

test('what is kept for the tab does not outlive it', () => {
  const { result } = renderHook(() => useStored('typed', 'tab'))
  act(() => result.current[1]('wool'))
  expect(sessionStorage.getItem('rough-swatch-typed')).toBe('wool')
  expect(localStorage).toHaveLength(0)
})

test('two places on a page that ask for the same name see the same text', () => {
  const one = renderHook(() => useStored('words', 'browser'))
  const other = renderHook(() => useStored('words', 'browser'))
  const third = renderHook(() => useStored('elsewhere', 'browser'))
  act(() => one.result.current[1]('us'))
  expect(other.result.current[0]).toBe('us')
  expect(third.result.current[0]).toBeNull()
})

test('what another window keeps is seen here', () => {
  const { result } = renderHook(() => useStored('words', 'browser'))
  localStorage.setItem('rough-swatch-words', 'uk')
  act(() => void window.dispatchEvent(new Event('storage')))
  expect(result.current[0]).toBe('uk')
})

test('null forgets it', () => {
  localStorage.setItem('rough-swatch-words', 'uk')
  const { result } = renderHook(() => useStored('words', 'browser'))
  act(() => result.current[1](null))
  expect(result.current[0]).toBeNull()
  expect(localStorage).toHaveLength(0)
})

test('a browser that keeps nothing keeps it while the page stands', () => {
  jest.spyOn(Storage.prototype, 'getItem').mockImplementation(refuse)
  jest.spyOn(Storage.prototype, 'setItem').mockImplementation(refuse)
  jest.spyOn(Storage.prototype, 'removeItem').mockImplementation(refuse)
  const { result } = renderHook(() => useStored('refused', 'browser'))
  act(() => result.current[1]('linen'))
  expect(result.current[0]).toBe('linen')
  act(() => result.current[1](null))
  expect(result.current[0]).toBeNull()
})
