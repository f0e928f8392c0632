import { v7 } from 'uuid'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { openNotebook, type Notebook } from './openNotebook'
import { ConflictError } from './errors'
import { changeRecord, countRecords, createRecord, findRecord, removeRecord } from './repository'
import { createOnce } from './createOnce'

let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

const AT = '2026-05-02T10:00:00.000Z'
const called = (name: string) => PieceSchema.parse({ name })
const kept = (name: string, id: string | undefined) => createOnce(db, 'piece', called(name), AT, id)

it('is one record, however often it is sent', async () => {
  const id = v7()
  const [first, second] = [await kept('Curtain', id), await kept('Curtain', id)]
  expect([first.id, second.id, second.revision]).toEqual([id, id, 1])
  expect(await countRecords(db, 'piece')).toBe(1)
})

it('sent at once from two sides is one record too', async () => {
  const id = v7()
  await Promise.all([kept('Curtain', id), kept('Curtain', id), kept('Curtain', id)])
  expect(await countRecords(db, 'piece')).toBe(1)
})

it('changes what was typed differently since', async () => {
  const id = v7()
  await kept('Curtain', id)
  expect(await kept('Bar curtain', id)).toMatchObject({ id, revision: 2, data: { name: 'Bar curtain' } })
  expect(await countRecords(db, 'piece')).toBe(1)
})

it('overwrites nothing that somebody else changed meanwhile', async () => {
  const id = v7()
  await kept('Curtain', id)
  await changeRecord(db, 'piece', { id, revision: 1 }, called('Bar curtain'), AT)
  await expect(kept('Lobby curtain', id)).rejects.toThrow(ConflictError)
  expect((await findRecord(db, 'piece', id))!.data.name).toBe('Bar curtain')
})

it('is new where it was thrown away, and takes no other record’s place', async () => {
  const id = v7()
  await kept('Curtain', id)
  await removeRecord(db, 'piece', { id }, AT)
  await kept('Curtain', id)
  expect(await countRecords(db, 'piece')).toBe(1)
  const lot = await createRecord(db, 'lot', { name: 'Hotel', notes: '' } as never, AT)
  expect((await kept('Curtain', lot.id)).id).not.toBe(lot.id)
  expect(await findRecord(db, 'lot', lot.id)).toBeDefined()
})

it('without an id of its own is another record each time', async () => {
  await kept('Curtain', undefined)
  await kept('Curtain', undefined)
  expect(await countRecords(db, 'piece')).toBe(2)
})
