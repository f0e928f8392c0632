import { offerFrom } from '../../core/fabric/offer'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { areaOfOutline } from '../../core/pieces/shape'
import { GoneError } from '../store/errors'
import { allRecords, createRecord, findRecord, recordsReferring } from '../store/repository'
import { putGarment, takeApart } from './takingApart'
import { openNotebook, type Notebook } from '../store/openNotebook'

const AT = '2026-05-02T10:00:00.000Z'
let db: Notebook
beforeEach(async () => (db = await openNotebook(':memory:')))
afterEach(() => db.destroy())

async function jeans() {
  const data = PieceSchema.parse({
    name: 'Stoker’s jeans',
    thing: 'jeans',
    called: 'denim',
    place: 'hamper',
    lengthMm: 900,
  })
  const { id } = await createRecord(db, 'piece', data, AT)
  return { id, name: data.name, place: data.place, thing: data.thing, offer: offerFrom({ called: 'denim' }) }
}

it('makes offcuts of its panels with their holes, keeps what is ticked, and leaves nothing of it', async () => {
  const garment = await jeans()
  await putGarment(db, garment.id, { hipMm: 1000, lengthMm: 1000, worn: ['knees'] }, AT)
  const ids = await takeApart(db, garment, ['zip', 'rivets'], AT)
  expect(ids).toHaveLength(4)
  const panels = await recordsReferring(db, 'piece', 'cutFromId', garment.id)
  expect(panels.map(({ data }) => data.thing)).toEqual(['offcut', 'offcut', 'offcut', 'offcut'])
  const front = panels.find(({ data }) => data.name.includes('front leg 1'))!
  expect(front.data.outline!.holes).toHaveLength(1)
  expect(areaOfOutline(front.data.outline!)).toBeGreaterThan(100_000)
  // Rivets are cut round, and no notion.
  expect((await allRecords(db, 'notion')).kept.map(({ data }) => [data.kind, data.fromPieceId])).toEqual([
    ['zip', garment.id],
  ])
  const left = await findRecord(db, 'piece', garment.id)
  expect(left!.data).toMatchObject({ sorting: 'cut-up', lengthMm: null })
  const [record] = await recordsReferring(db, 'garment', 'pieceId', garment.id)
  expect(record!.data).toMatchObject({ apart: '2026-05-02', worn: ['knees'] })
})

it('keeps one record a garment', async () => {
  const { id } = await jeans()
  await putGarment(db, id, { hipMm: 1000 }, AT)
  await putGarment(db, id, { seams: 'plain' }, AT)
  const records = await recordsReferring(db, 'garment', 'pieceId', id)
  expect(records.map(({ data }) => [data.hipMm, data.seams])).toEqual([[1000, 'plain']])
})

it('writes nothing where the garment is gone', async () => {
  const gone = { ...(await jeans()), id: '01a2184f-7b24-7466-a871-a68649947953' }
  await expect(takeApart(db, gone, ['zip'], AT)).rejects.toThrow(GoneError)
  expect((await allRecords(db, 'notion')).kept).toEqual([])
  expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
})
