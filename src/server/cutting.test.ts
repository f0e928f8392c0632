import { PieceSchema } from '../core/notebook/kinds/piece'
import { CutSchema, cutFrom, TooLongError } from './cutting'
import { openNotebook, type Notebook } from './database'
import { historyOf, takeBack } from './store/history'
import { allRecords, changeRecord, createRecord, findRecord } from './store/repository'

const AT = '2026-05-02T10:00:00.000Z'
let db: Notebook
let id: string
beforeEach(async () => {
  db = await openNotebook(':memory:')
  const lobby = { name: 'Lobby', called: 'velvet', widthMm: 1400, lengthMm: 2500, place: 'Loft', washed: 'washed' }
  id = (await createRecord(db, 'piece', PieceSchema.parse(lobby), AT)).id
})
afterEach(() => db.destroy())
const cut = (more: object) =>
  cutFrom(db, CutSchema.parse({ pieceId: id, lengthMm: 1200, what: 'a heron', offcuts: [], ...more }), AT)
const piece = async (which = id) => (await findRecord(db, 'piece', which))!.data

it('takes from a piece and leaves offcuts that know where they come from', async () => {
  const offcuts = [{ name: 'Lobby, strip', widthMm: 1400, lengthMm: 150 }]
  const [offcut] = await cut({ offcuts })
  expect(await piece()).toMatchObject({ lengthMm: 1300, notes: '2026-05-02: cut 1.20 m for a heron.' })
  expect(await piece(offcut)).toMatchObject({
    ...offcuts[0],
    thing: 'offcut',
    cutFromId: id,
    called: 'velvet',
    place: 'Loft',
    washed: 'washed',
  })
})

it('is one stroke, and taken back as one', async () => {
  await cut({ offcuts: [{ name: 'Strip', widthMm: 100, lengthMm: 100 }] })
  const [stroke] = await historyOf(db, id)
  expect(stroke!.steps).toHaveLength(2)
  await takeBack(db, stroke!.stroke, AT)
  expect((await piece()).lengthMm).toBe(2500)
  expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
})

it('cuts no more than there is, and says when nothing is left', async () => {
  await expect(cut({ lengthMm: 2600 })).rejects.toThrow(TooLongError)
  expect((await piece()).lengthMm).toBe(2500)
  await cut({ lengthMm: 2497 })
  expect(await piece()).toMatchObject({ lengthMm: null, sorting: 'cut-up' })
})

it('keeps the stains of what is left, measured from its new edge, and forgets those that were cut off', async () => {
  const box = (from: number, to: number): [number, number][] => [
    [100, from],
    [200, from],
    [200, to],
    [100, to],
  ]
  const found = (await findRecord(db, 'piece', id))!
  await changeRecord(
    db,
    'piece',
    found,
    { ...found.data, flaws: [box(300, 400), box(1100, 1400), box(2000, 2100)] },
    AT,
  )
  await cut({ lengthMm: 1200 })
  expect((await piece()).flaws).toEqual([box(0, 200), box(800, 900)])
  await cut({ lengthMm: 1298 })
  expect((await piece()).flaws).toEqual([])
})
