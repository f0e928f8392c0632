/** @jest-environment jsdom */
import { renderHook } from '@testing-library/react'
import { REQUEST_KEY } from '../shared/requestKey'
import { useRequestKeys } from './useRequestKeys'

const plain = jest.fn()
const before = window.fetch
beforeEach(() => {
  plain.mockReset()
  window.fetch = plain
})
afterAll(() => {
  window.fetch = before
})

const answer = () => ({ clone: () => ({ arrayBuffer: () => Promise.resolve(new ArrayBuffer(0)) }) })
const keyOf = (call: number) => (plain.mock.calls[call]![1] as { headers: Headers }).headers.get(REQUEST_KEY)
const act = (body: string) => window.fetch('/stash', { method: 'POST', body, headers: { 'next-action': 'a1' } })

test('what got no answer and is sent again has the key that it had; everything else a new one', async () => {
  const { unmount } = renderHook(() => useRequestKeys())
  plain.mockRejectedValueOnce(new TypeError('no answer')).mockResolvedValue(answer())
  await expect(act('["one"]')).rejects.toThrow('no answer')
  await act('["one"]')
  await act('["one"]')
  await act('["two"]')
  expect(keyOf(0)).toMatch(/^[\w-]{8,64}$/)
  expect(keyOf(1)).toBe(keyOf(0))
  expect(new Set([keyOf(1), keyOf(2), keyOf(3)]).size).toBe(3)
  unmount()
  expect(window.fetch).toBe(plain)
})

test('what only reads has none', async () => {
  renderHook(() => useRequestKeys())
  plain.mockResolvedValue(answer())
  await window.fetch('/stash', { headers: { accept: 'text/html' } })
  expect(plain).toHaveBeenCalledWith('/stash', { headers: { accept: 'text/html' } })
})
