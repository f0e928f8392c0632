/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { type KeptMeasurement, type Measurement } from '@/core/notebook/measurements'
import { dropMeasurement, keepMeasurement } from './actions'
import { useReadings } from './useReadings'

jest.mock('./actions', () => ({ keepMeasurement: jest.fn(), dropMeasurement: jest.fn() }))

const keep = jest.mocked(keepMeasurement)
const dropped = jest.mocked(dropMeasurement)
const reading = { kind: 'thickness', readings: [0.4] } as unknown as Measurement
const of = (id: string, state: KeptMeasurement['state']): KeptMeasurement => ({ id, state, data: reading, at: '' })

beforeEach(() => jest.resetAllMocks())

describe('without a piece', () => {
  test('readings stay on the page', () => {
    const { result } = renderHook(() => useReadings(null, []))
    const said = jest.fn()
    act(() => result.current.add(reading, said))
    expect(result.current.now).toHaveLength(1)
    expect(said).toHaveBeenCalledTimes(1)
    expect(keep).not.toHaveBeenCalled()
  })

  test('no two share an id after one was struck out', () => {
    const { result } = renderHook(() => useReadings(null, []))
    act(() => result.current.add(reading))
    act(() => result.current.add(reading))
    const [first, second] = result.current.all
    act(() => result.current.drop(first!.id))
    act(() => result.current.add(reading))
    const ids = result.current.all.map(({ id }) => id)
    expect(ids).toContain(second!.id)
    expect(new Set(ids).size).toBe(2)
  })

  test('what was taken unwashed is not pooled with what was taken washed', () => {
    const { result } = renderHook(() => useReadings(null, []))
    act(() => result.current.setState('unwashed'))
    act(() => result.current.add(reading))
    act(() => result.current.setState('washed'))
    expect(result.current.now).toHaveLength(0)
    expect(result.current.all).toHaveLength(1)
  })
})

describe('of a piece', () => {
  const piece = { id: 'p1', washed: 'washed' } as const

  test('begins in the state that the piece is in', () => {
    const { result } = renderHook(() => useReadings(piece, [of('m1', 'unwashed'), of('m2', 'washed')]))
    expect(result.current.state).toBe('washed')
    expect(result.current.now.map(({ id }) => id)).toEqual(['m2'])
  })

  test('a reading goes to the notebook with its state, and is said to be kept only then', async () => {
    keep.mockResolvedValue({ ok: true, id: 'm9', revision: 1 } as never)
    const { result } = renderHook(() => useReadings(piece, []))
    const said = jest.fn()
    await act(async () => result.current.add(reading, said))
    const id = expect.stringMatching(/^[0-9a-f-]{36}$/)
    expect(keep).toHaveBeenCalledWith('p1', { data: reading, state: 'washed' }, undefined, id)
    expect(said).toHaveBeenCalledTimes(1)
    // What stands there comes from the notebook, not from this page.
    expect(result.current.all).toHaveLength(0)
  })

  test('sent again it is the same reading; another one is another', async () => {
    keep.mockResolvedValueOnce({ ok: false, errors: { '': 'no answer' } })
    keep.mockResolvedValue({ ok: true })
    const { result } = renderHook(() => useReadings(piece, []))
    await act(async () => result.current.add(reading))
    await act(async () => result.current.add(reading))
    await act(async () => result.current.add(reading))
    const [first, again, next] = keep.mock.calls.slice(-3).map(([, , , id]) => id)
    expect(again).toBe(first)
    expect(next).not.toBe(first)
    keep.mockResolvedValueOnce({ ok: false, errors: { '': 'no answer' } })
    await act(async () => result.current.add(reading))
    await act(async () => result.current.add({ ...reading, readings: [0.7] } as never))
    const [lost, other] = keep.mock.calls.slice(-2).map(([, , , id]) => id)
    expect(other).not.toBe(lost)
  })

  test('one that is refused is not said to be kept', async () => {
    keep.mockResolvedValue({ ok: false, errors: { readings: 'thinner than a hair' } })
    const { result } = renderHook(() => useReadings(piece, []))
    const said = jest.fn()
    await act(async () => result.current.add(reading, said))
    expect(result.current.trouble).toBe('thinner than a hair')
    expect(said).not.toHaveBeenCalled()
  })

  test('one is struck out of the notebook, or why not is said', async () => {
    dropped.mockResolvedValueOnce({ ok: false, errors: { '': 'gone already' }, gone: true })
    const { result } = renderHook(() => useReadings(piece, [of('m2', 'washed')]))
    await act(async () => result.current.drop('m2'))
    expect(dropped).toHaveBeenCalledWith('p1', 'm2')
    expect(result.current.trouble).toBe('gone already')
  })
})
