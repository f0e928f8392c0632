import { GONE, db, dataOf, piece } from '../../../tests/support/ownPages'
import { revalidatePath, setCookies } from '../../../tests/support/ownNext'
import { anything } from '../../../tests/support/anything'
import { z } from 'zod'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { GoneError, RefusedError } from '@/server/store/errors'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { changeRecord, createRecord, findRecord } from '@/server/store/repository'
import { action, plainAction, TOLD } from './action'
import { takeBackStroke } from './history/actions'
import { DONE_COOKIE, doneFrom } from './history/done'

const Size = z.strictObject({ widthMm: z.number().positive('wider than nothing') })

describe('an action', () => {
  it('gives the handler what its schemas give, and leaves further arguments aside', async () => {
    const work = jest.fn().mockResolvedValue(undefined)
    const act = action([z.string().trim(), z.number().default(3)], work)
    expect(await act('  a  ')).toEqual({ ok: true })
    expect(work).toHaveBeenCalledWith('a', 3)
    await (act as (...all: unknown[]) => Promise<unknown>)('a', 4, 'further')
    expect(work).toHaveBeenLastCalledWith('a', 4)
  })
  it('says what is wrong by the path of the field, without the number of the argument, and does nothing', async () => {
    const work = jest.fn()
    const act = action([RecordIdSchema, Size], work)
    expect(await act(GONE, { widthMm: 0 })).toEqual({ ok: false, errors: { widthMm: 'wider than nothing' } })
    expect(await act('x', { widthMm: 1 })).toEqual({ ok: false, errors: { '': 'That is not the id of a record.' } })
    expect(await act(anything(undefined), anything(null))).toMatchObject({ ok: false })
    expect(work).not.toHaveBeenCalled()
  })
  it('says what the person can do something about, and throws what is a fault', async () => {
    const failing = (error: Error) => action([], () => Promise.reject(error))()
    expect(await failing(new RefusedError('too long', 'lengthMm'))).toEqual({
      ok: false,
      errors: { lengthMm: 'too long' },
    })
    expect(await failing(new GoneError('piece', GONE))).toMatchObject({ ok: false, gone: true })
    await expect(failing(new RangeError('Invalid time value'))).rejects.toThrow('Invalid time value')
    await expect(failing(new Error('a fault'))).rejects.toThrow('a fault')
  })
  it('makes anew the pages that show what it changes, and no others', async () => {
    await action([], () => Promise.resolve(), ['heap', 'sessions'])()
    expect(revalidatePath.mock.calls).toEqual([
      ['/stash', 'layout'],
      ['/settings', 'page'],
    ])
    await action([], () => Promise.resolve())()
    expect(revalidatePath).toHaveBeenCalledTimes(2)
    const trial = action(
      [z.boolean()],
      (isKept) => Promise.resolve({ isKept }),
      ({ isKept }) => (isKept ? ['view'] : []),
    )
    await trial(false)
    expect(revalidatePath).toHaveBeenCalledTimes(2)
    await trial(true)
    expect(revalidatePath).toHaveBeenLastCalledWith('/stash', 'page')
  })
  it('has the page say what was done where that is wanted, with the stroke that takes it back', async () => {
    const keep = (isTold: boolean) =>
      action(
        [z.string()],
        async (name) => {
          await createRecord(db, 'piece', PieceSchema.parse({ name }), '2026-05-02T11:00:00.000Z')
        },
        ['piece'],
        isTold,
      )
    await keep(false)('Quiet cloth')
    expect(setCookies.get(DONE_COOKIE)).toBeUndefined()
    await keep(TOLD)('Told cloth')
    const done = doneFrom(setCookies.get(DONE_COOKIE)!)!
    // Without its name: that stands on the page.
    expect(done).toMatchObject({ says: 'Saved: a fabric', isUndoing: false })
    expect((await dataOf('piece', done.made!)).name).toBe('Told cloth')
    await takeBackStroke(done.stroke)
    expect(await findRecord(db, 'piece', done.made!)).toBeUndefined()
    expect(doneFrom(setCookies.get(DONE_COOKIE)!)).toMatchObject({ says: 'Undone: a fabric', isUndoing: true })
  })
  it('leaves the page as it is where somebody else was quicker, with what stands there now beside it', async () => {
    const id = await piece('Awning')
    const data = await dataOf('piece', id)
    await changeRecord(db, 'piece', { id, revision: 1 }, { ...data, name: 'Marquee' }, '2026-05-02T11:00:00.000Z')
    const act = action(
      [z.string()],
      async (name) => {
        await changeRecord(db, 'piece', { id, revision: 1 }, { ...data, name }, '2026-05-02T12:00:00.000Z')
      },
      ['piece'],
    )
    expect(await act('Tent')).toMatchObject({ ok: false, clash: { data: { name: 'Marquee' } } })
    expect(revalidatePath).not.toHaveBeenCalled()
    expect((await dataOf('piece', id)).name).toBe('Marquee')
  })
})

describe('an action that answers with plain data', () => {
  it('answers, and is no page where no page of ours would ask so', async () => {
    const act = plainAction([z.number()], (n) => Promise.resolve(n + 1))
    expect(await act(1)).toBe(2)
    await expect(act(anything('one'))).rejects.toThrow('no such page')
  })
})
