import { PieceSchema } from '../../core/notebook/kinds/piece'
import { openNotebook, type Notebook } from './openNotebook'
import { addMeasurement, measurementsOf } from '../records/measurements'
import { listBin, ChangedSinceError, historyOf, takeBack } from './history'
import { changeRecord, createRecord, findRecord, removeRecord } from './repository'

const DAY = (day: number) => `2026-05-${String(day).padStart(2, '0')}T10:00:00.000Z`
const reading = {
  kind: 'weighing',
  grams: 3,
  resolutionGrams: 0.1,
  lengthMm: 100,
  widthMm: 100,
  cutErrorMm: 1,
} as never
let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

const put = (name: string, more: object = {}) =>
  createRecord(db, 'piece', PieceSchema.parse({ name, ...more }), DAY(1))
const nameOf = async (id: string) => (await findRecord(db, 'piece', id))?.data.name

it('tells what was done to a piece and to what belongs to it, the latest first', async () => {
  const { id, data } = await put('First')
  await changeRecord(db, 'piece', { id, revision: 1 }, { ...data, name: 'Second', place: 'Loft' }, DAY(2))
  await addMeasurement(db, id, reading, 'unwashed', DAY(3))
  await put('Another')
  const history = await historyOf(db, id)
  expect(history.map(({ steps }) => steps.map(({ what, kind }) => `${what} ${kind}`))).toEqual([
    ['create measurement'],
    ['change piece'],
    ['create piece'],
  ])
  expect(history[1]!.steps[0]).toMatchObject({ title: 'Second', fields: ['name', 'place'] })
})

it('takes a change back, and takes the taking back back', async () => {
  const { id, data } = await put('First')
  await changeRecord(db, 'piece', { id, revision: 1 }, { ...data, name: 'Second' }, DAY(2))
  const [change] = await historyOf(db, id)
  await takeBack(db, change!.stroke, DAY(3))
  expect(await nameOf(id)).toBe('First')
  const [undoing, undone] = await historyOf(db, id)
  expect(undoing).toMatchObject({ undoes: change!.stroke, isUndone: false })
  expect(undone).toMatchObject({ stroke: change!.stroke, isUndone: true })
  await takeBack(db, undoing!.stroke, DAY(4))
  expect(await nameOf(id)).toBe('Second')
  const standing = (await historyOf(db, id)).find(({ stroke }) => stroke === change!.stroke)
  expect(standing!.isUndone).toBe(false)
  // Revisions only rise: a window that still shows an older one is told.
  expect((await findRecord(db, 'piece', id))!.revision).toBe(4)
})

it('takes nothing back that was changed since, and does no half of it', async () => {
  const { id, data } = await put('First')
  await changeRecord(db, 'piece', { id, revision: 1 }, { ...data, name: 'Second' }, DAY(2))
  const [change] = await historyOf(db, id)
  await changeRecord(db, 'piece', { id, revision: 2 }, { ...data, name: 'Third' }, DAY(3))
  await expect(takeBack(db, change!.stroke, DAY(4))).rejects.toThrow(ChangedSinceError)
  expect(await nameOf(id)).toBe('Third')
  await expect(takeBack(db, 'no such stroke', DAY(4))).rejects.toThrow(ChangedSinceError)
})

it('lays what is thrown away in the bin with what belongs to it, and takes it out again as it was', async () => {
  const { id, createdAt } = await put('Lobby curtain')
  const offcut = await put('Offcut', { cutFromId: id })
  await addMeasurement(db, id, reading, 'unwashed', DAY(2))
  await removeRecord(db, 'piece', { id }, DAY(5))
  const [thrown] = await listBin(db, DAY(6))
  expect(thrown).toMatchObject({ id, kind: 'piece', title: 'Lobby curtain', at: DAY(5) })
  expect((await findRecord(db, 'piece', offcut.id))!.data.cutFromId).toBeNull()
  await takeBack(db, thrown!.stroke, DAY(7))
  expect(await findRecord(db, 'piece', id)).toMatchObject({ data: { name: 'Lobby curtain' }, createdAt, revision: 2 })
  expect(await measurementsOf(db, id)).toHaveLength(1)
  expect((await findRecord(db, 'piece', offcut.id))!.data.cutFromId).toBe(id)
  expect(await listBin(db, DAY(7))).toEqual([])
})

it('empties the bin after thirty days', async () => {
  const { id } = await put('Old rag')
  await removeRecord(db, 'piece', { id }, DAY(1))
  expect(await listBin(db, '2026-05-31T09:00:00.000Z')).toHaveLength(1)
  expect(await listBin(db, '2026-05-31T11:00:00.000Z')).toEqual([])
})

it('tells it whatever else was thrown away: what cannot be read is of no piece', async () => {
  const { id } = await put('First')
  const other = await put('Damaged')
  await db.updateTable('record').set({ data: 'no { JSON' }).where('id', '=', other.id).execute()
  await removeRecord(db, 'piece', { id: other.id }, DAY(2))
  expect((await historyOf(db, id)).map(({ steps }) => steps.map(({ what }) => what))).toEqual([['create']])
})
