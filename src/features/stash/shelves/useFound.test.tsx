/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { type StashRow } from '../rows'
import { useFound } from './useFound'

const rowsFrom = (from: number, count: number) =>
  Array.from({ length: count }, (_, i) => ({ id: `p${from + i}` }) as StashRow)
const first = rowsFrom(0, 120)
const settleDown = () => act(async () => {})

const asked = jest.fn<Promise<unknown>, [string]>()
beforeEach(() => {
  asked.mockReset()
  asked.mockImplementation(async (address) => {
    const from = Number(new URL(address, 'http://here').searchParams.get('from'))
    return { ok: true, json: async () => ({ rows: rowsFrom(from, 120) }) }
  })
  globalThis.fetch = asked as unknown as typeof fetch
})

const found = (address = 'fibre=wool') =>
  renderHook((props) => useFound(props.first, props.address, 400), { initialProps: { first, address } })

test('what came with the page is there, and is not asked for again', () => {
  const { result } = found()
  expect(result.current.row(7)?.id).toBe('p7')
  act(() => result.current.need(0, 120))
  expect(asked).not.toHaveBeenCalled()
})

test('what is scrolled to is fetched once, by the same question', async () => {
  const { result } = found()
  expect(result.current.row(130)).toBeUndefined()
  act(() => result.current.need(110, 140))
  act(() => result.current.need(120, 150))
  await settleDown()
  expect(asked.mock.calls).toEqual([['/stash/rows?fibre=wool&from=120']])
  expect(result.current.row(130)?.id).toBe('p130')
})

test('a stretch over two fetches is fetched in two, and none beyond the end', async () => {
  const { result } = found()
  act(() => result.current.need(230, 9000))
  await settleDown()
  expect(asked.mock.calls.map(([address]) => address.split('from=')[1])).toEqual(['120', '240', '360'])
  expect(result.current.row(399)?.id).toBe('p399')
})

test('what failed is asked for again when it is next looked at', async () => {
  asked.mockResolvedValueOnce({ ok: false })
  const { result } = found()
  act(() => result.current.need(120, 130))
  await settleDown()
  expect(result.current.row(120)).toBeUndefined()
  act(() => result.current.need(120, 130))
  await settleDown()
  expect(result.current.row(120)?.id).toBe('p120')
})

test('what was fetched for another question is not shown for this one', async () => {
  const { result, rerender } = found()
  act(() => result.current.need(120, 130))
  await settleDown()
  rerender({ first: rowsFrom(1000, 120), address: 'fibre=silk' })
  expect(result.current.row(0)?.id).toBe('p1000')
  expect(result.current.row(125)).toBeUndefined()
  act(() => result.current.need(120, 130))
  await settleDown()
  expect(asked.mock.calls.at(-1)).toEqual(['/stash/rows?fibre=silk&from=120'])
})

test('an answer of more rows than were asked for does not run over', async () => {
  asked.mockResolvedValueOnce({ ok: true, json: async () => ({ rows: rowsFrom(5000, 400) }) })
  const { result } = found()
  act(() => result.current.need(120, 130))
  await settleDown()
  expect(result.current.row(239)?.id).toBe('p5119')
  expect(result.current.row(240)).toBeUndefined()
})
