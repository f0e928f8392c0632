/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { type Outcome } from '../outcome'
import { useForm } from './useForm'

interface Written {
  name: string
  grams: number
}

const BLANK: Written = { name: '', grams: 0 }
const kept: Outcome = { ok: true, id: 'p1', revision: 4 }

/** A form whose saves answer one after another with these. */
function formWith(answers: (Outcome | Error)[], options: { revision?: number; keepAs?: string } = {}) {
  const left = [...answers]
  const save = jest.fn<Promise<Outcome>, [Written, number | undefined, string]>(async () => {
    const next = left.shift()
    if (!next || next instanceof Error) throw next ?? new Error('asked once too often')
    return next
  })
  const onKept = jest.fn()
  const view = renderHook(() => useForm({ initial: BLANK, save, onKept, ...options }))
  return { ...view, save, onKept, form: () => view.result.current }
}

beforeEach(() => sessionStorage.clear())

test('sends what was typed, whole, with the revision that was seen', async () => {
  const { form, save, onKept } = formWith([kept], { revision: 3 })
  act(() => form().set({ name: 'Curtain' }))
  act(() => form().set({ grams: 310 }))
  await act(async () => form().submit())
  expect(save).toHaveBeenCalledWith({ name: 'Curtain', grams: 310 }, 3, expect.any(String))
  expect(onKept).toHaveBeenCalledWith(kept)
  expect(form().trouble).toBeUndefined()
})

test('a refusal stands at its field, and what was typed stays', async () => {
  const { form, onKept } = formWith([{ ok: false, errors: { grams: 'Please enter a weight above zero.' } }, kept])
  act(() => form().set({ name: 'Curtain' }))
  await act(async () => form().submit())
  expect(form().error('grams')).toBe('Please enter a weight above zero.')
  expect(form().error('name')).toBeUndefined()
  expect(form().trouble).toBe('Please enter a weight above zero.')
  expect(form().value.name).toBe('Curtain')
  expect(onKept).not.toHaveBeenCalled()
  await act(async () => form().submit())
  expect(form().error('grams')).toBeUndefined()
})

test('a notebook that is out of reach is said, and nothing typed is lost', async () => {
  const { form } = formWith([new Error('fetch failed')])
  act(() => form().set({ name: 'Curtain' }))
  await act(async () => form().submit())
  expect(form().trouble).toMatch(/can’t reach the notebook/)
  expect(form().value.name).toBe('Curtain')
})

describe('changed in another window meanwhile', () => {
  const theirs: Written = { name: 'Drape', grams: 290 }
  const clash: Outcome = {
    ok: false,
    errors: { '': 'changed' },
    clash: { revision: 7, updatedAt: '', data: theirs },
  }

  test('is asked about, and is no trouble of a field', async () => {
    const { form } = formWith([clash], { revision: 3 })
    await act(async () => form().submit())
    expect(form().clash?.theirs).toEqual(theirs)
    expect(form().trouble).toBeUndefined()
  })

  test('what stands there is taken over, and the next save goes on from it', async () => {
    const { form, save } = formWith([clash, kept], { revision: 3 })
    await act(async () => form().submit())
    act(() => form().clash!.takeTheirs())
    expect(form().value).toEqual(theirs)
    expect(form().clash).toBeUndefined()
    expect(save).toHaveBeenCalledTimes(1)
    await act(async () => form().submit())
    expect(save).toHaveBeenLastCalledWith(theirs, 7, expect.any(String))
  })

  test('what was typed here is sent over it at once', async () => {
    const { form, save, onKept } = formWith([clash, kept], { revision: 3 })
    act(() => form().set({ name: 'Curtain' }))
    await act(async () => form().submit())
    await act(async () => form().clash!.keepMine())
    expect(save).toHaveBeenLastCalledWith({ name: 'Curtain', grams: 0 }, 7, expect.any(String))
    expect(onKept).toHaveBeenCalledTimes(1)
  })
})

describe('what waits in this tab', () => {
  test('outlives a reload, and goes once it is kept', async () => {
    const first = formWith([], { keepAs: 'piece' })
    act(() => first.form().set({ name: 'Half written' }))
    first.unmount()
    const second = formWith([kept], { keepAs: 'piece' })
    expect(second.form().value).toEqual({ name: 'Half written', grams: 0 })
    await act(async () => second.form().submit())
    second.unmount()
    expect(formWith([], { keepAs: 'piece' }).form().value).toEqual(BLANK)
  })

  test('is of one form alone, and what is torn counts for nothing', () => {
    sessionStorage.setItem('rough-swatch-typed-piece', '{"name":"Ha')
    expect(formWith([], { keepAs: 'piece' }).form().value).toEqual(BLANK)
    const other = formWith([], { keepAs: 'pattern' })
    act(() => other.form().set({ name: 'Apron' }))
    expect(formWith([]).form().value).toEqual(BLANK)
  })
})

describe('a new record has an id before it is sent', () => {
  const idsOf = (save: { mock: { calls: unknown[][] } }) => save.mock.calls.map(([, , id]) => id)

  test('which stays until it was kept, and is another one then', async () => {
    const { form, save } = formWith([new Error('lost'), kept, kept])
    for (let i = 0; i < 3; i++) await act(async () => form().submit())
    const [first, again, next] = idsOf(save)
    expect([again === first, next === first]).toEqual([true, false])
  })
  test('and outlives a reload where what was typed does', async () => {
    const before = formWith([new Error('lost')], { keepAs: 'new' })
    act(() => before.form().set({ name: 'Curtain' }))
    await act(async () => before.form().submit())
    before.unmount()
    const after = formWith([kept], { keepAs: 'new' })
    await act(async () => after.form().submit())
    expect(idsOf(after.save)).toEqual(idsOf(before.save))
  })
})
