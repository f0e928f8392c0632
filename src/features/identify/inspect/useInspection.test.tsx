/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { inspectionById } from '@/core/cloths/inspection'
import { nameCloth } from '@/core/cloths/name'
import { type KeptMeasurement } from '@/core/notebook/measurements'
import { useReadings } from '../../shared/readings/useReadings'
import { type OnTheBench } from '../measure/load'
import { useInspection } from './useInspection'

jest.mock('../../shared/readings/useReadings', () => ({ useReadings: jest.fn() }))
jest.mock('../../shared/settings/PreferencesContext', () => ({ usePreferences: () => ({ words: 'uk' }) }))

const add = jest.fn()
const kept = (answers: Record<string, string[]>) =>
  [{ id: 'm1', state: 'unknown', at: '', data: { kind: 'inspection', answers } }] as unknown as KeptMeasurement[]
const nothing = nameCloth({ inspection: {}, fibres: [] }, 'uk')
const piece = { id: 'p1', name: 'Curtain', measurements: [], gsm: { value: 212.4 } } as unknown as OnTheBench

beforeEach(() => add.mockReset())

async function opened(of: OnTheBench | null, all: KeptMeasurement[] = []) {
  jest.mocked(useReadings).mockReturnValue({ all, add, saving: false, trouble: undefined } as never)
  const { result } = renderHook(() => useInspection(of, nothing))
  // The judge comes after the page.
  await act(async () => {})
  return () => result.current
}

test('how it is made is asked first, and an answer leads to another question', async () => {
  const look = await opened(null)
  expect(look().feature!.id).toBe('construction')
  expect(look().isNothingKnown).toBe(true)
  act(() => look().give(['woven']))
  expect(look().answers).toEqual([['construction', ['woven']]])
  expect(look().feature!.id).not.toBe('construction')
  expect(look().isNothingKnown).toBe(false)
})

test('names follow the answers', async () => {
  const look = await opened(null)
  const before = look().answer.names[0]!
  act(() => look().give(['knit']))
  const after = look().answer.names[0]!
  expect(after.id).not.toBe(before.id)
})

test('“not seen” is an answer that names nothing, and is not asked again', async () => {
  const look = await opened(null)
  act(() => look().give([]))
  expect(look().isNothingKnown).toBe(true)
  expect(look().isNothingSeen).toBe(true)
  expect(look().done.has('construction')).toBe(true)
  expect(look().feature!.id).not.toBe('construction')
})

test('a question asked for by name comes next, and its answer takes the place of the one before', async () => {
  const look = await opened(null)
  act(() => look().give(['woven']))
  act(() => look().ask('construction'))
  expect(look().feature).toBe(inspectionById('construction'))
  act(() => look().undo())
  expect(look().answers).toHaveLength(1)
  act(() => look().ask('construction'))
  act(() => look().give(['knit']))
  expect(look().answers).toEqual([['construction', ['knit']]])
})

test('the last answer is taken back, and all of them at once', async () => {
  const look = await opened(null)
  act(() => look().give(['woven']))
  act(() => look().undo())
  expect(look().answers).toEqual([])
  act(() => look().give(['woven']))
  act(() => look().beginAgain())
  expect(look().answers).toEqual([])
  expect(look().feature!.id).toBe('construction')
})

test('what is known of a piece stands there already, and is kept only once it differs', async () => {
  const look = await opened(piece, kept({ construction: ['woven'] }))
  expect(look().answers).toEqual([['construction', ['woven']]])
  expect(look().known.gsm).toBe(212)
  expect(look().isKept).toBe(true)
  const { id, states } = look().feature!
  act(() => look().give([states[0]!.id]))
  expect(look().isKept).toBe(false)
  act(() => look().keep())
  expect(add).toHaveBeenCalledWith({
    kind: 'inspection',
    answers: { construction: ['woven'], [id]: [states[0]!.id] },
  })
})

test('without a piece nothing is kept, however much was seen', async () => {
  const look = await opened(null)
  expect(look().isKept).toBe(false)
})
