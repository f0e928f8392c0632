import { LotSchema } from '../../core/notebook/kinds/lot'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { MeasurementSchema } from '../../core/notebook/measurements'
import { CutSchema } from '../../core/notebook/cut'
import { cutFrom, TooLongError } from './cutting'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { addMeasurement, removeMeasurement } from './measurements'
import { readStashEntry } from './stash'
import { historyOf, takeBack } from '../store/history'
import { allRecords, changeRecord, createRecord, findRecord } from '../store/repository'

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
  expect(await piece()).toMatchObject({ lengthMm: 1300, notes: '' })
  expect((await allRecords(db, 'cut')).kept.map(({ data }) => data)).toEqual([
    { pieceId: id, on: '2026-05-02', lengthMm: 1200, what: 'a heron' },
  ])
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
  expect(stroke!.steps.map(({ kind, what }) => `${kind} ${what}`).sort()).toEqual([
    ...['cut create', 'piece change', 'piece create'],
  ])
  await takeBack(db, stroke!.stroke, AT)
  expect((await piece()).lengthMm).toBe(2500)
  expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
})

it('is done once, however often it is asked for under one id', async () => {
  const id = '01a21579-3d26-76d0-8c1d-456012720cc1'
  const asked = CutSchema.parse({
    pieceId: (await allRecords(db, 'piece')).kept[0]!.id,
    lengthMm: 1000,
    what: '',
    offcuts: [],
  })
  await cutFrom(db, asked, AT, id)
  await cutFrom(db, asked, AT, id)
  expect((await piece()).lengthMm).toBe(1500)
  expect((await allRecords(db, 'cut')).kept).toHaveLength(1)
})

it('leaves what the person wrote as it stands, however long it is', async () => {
  const long = `first line\n${'x'.repeat(1980)}`
  const found = (await findRecord(db, 'piece', id))!
  await changeRecord(db, 'piece', found, { ...found.data, notes: long }, AT)
  await cut({})
  await cut({ lengthMm: 100 })
  expect((await piece()).notes).toBe(long)
  expect((await allRecords(db, 'cut')).kept).toHaveLength(2)
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

describe('what is found out of a piece', () => {
  const WEIGHED = { kind: 'weighing', grams: 3, lengthMm: 100, widthMm: 100 } as const
  const gsmOf = async (which: string) => (await readStashEntry(db, which, 'uk'))!.sheet.weightNow?.gsm.value
  const weigh = (which: string) => addMeasurement(db, which, MeasurementSchema.parse(WEIGHED), 'washed', AT)

  it('holds for its offcuts, and what is found out of an offcut for it, with the name of the piece', async () => {
    const [strip, square] = await cut({
      offcuts: [
        { name: 'Strip', widthMm: 1400, lengthMm: 150 },
        { name: 'Square', widthMm: 200, lengthMm: 200 },
      ],
    })
    await weigh(strip!)
    expect(await gsmOf(id)).toBeCloseTo(300, 6)
    expect(await gsmOf(square!)).toBeCloseTo(300, 6)
    const { measurements } = (await readStashEntry(db, square!, 'uk'))!
    expect(measurements.map(({ on }) => on)).toEqual([{ id: strip, name: 'Strip' }])
    expect((await readStashEntry(db, strip!, 'uk'))!.measurements[0]!.on).toBeUndefined()
  })

  it('holds for its lot, for nothing else, and no longer once they are parted', async () => {
    const lotId = (await createRecord(db, 'lot', LotSchema.parse({ name: 'Ballroom' }), AT)).id
    const first = await createRecord(db, 'piece', PieceSchema.parse({ name: 'First', lotId, washed: 'washed' }), AT)
    const second = await createRecord(db, 'piece', PieceSchema.parse({ name: 'Second', lotId, washed: 'washed' }), AT)
    await weigh(first.id)
    expect(await gsmOf(second.id)).toBeCloseTo(300, 6)
    expect(await gsmOf(id)).toBeUndefined()
    const { data } = (await findRecord(db, 'piece', second.id))!
    await changeRecord(db, 'piece', second, { ...data, lotId: null }, AT)
    expect(await gsmOf(second.id)).toBeUndefined()
  })

  it('is not told of what only came together: another name, another make, another label', async () => {
    const lotId = (await createRecord(db, 'lot', LotSchema.parse({ name: 'Barge' }), AT)).id
    const put = async (more: object) =>
      (await createRecord(db, 'piece', PieceSchema.parse({ name: 'Of a lot', lotId, washed: 'washed', ...more }), AT))
        .id
    const first = await put({ called: 'Velvet', claim: [{ fibre: 'silk', percent: 100 }] })
    await weigh(first)
    expect(await gsmOf(await put({ called: 'velvet' }))).toBeCloseTo(300, 6)
    expect(await gsmOf(await put({}))).toBeCloseTo(300, 6)
    for (const other of [{ called: 'damask' }, { claim: [{ fibre: 'cotton', percent: 100 }] }])
      expect([other, await gsmOf(await put(other))]).toEqual([other, undefined])
  })

  it('marks all of that cloth to be looked over, and no other piece', async () => {
    const [strip] = await cut({ offcuts: [{ name: 'Strip', widthMm: 1400, lengthMm: 150 }] })
    await createRecord(db, 'piece', PieceSchema.parse({ name: 'Other' }), AT)
    const marked = async () => {
      const rows = await db.selectFrom('stale').select('piece_id').execute()
      await db.deleteFrom('stale').execute()
      return rows.map(({ piece_id }) => piece_id).sort()
    }
    await marked()
    const { data: whole, ...head } = (await findRecord(db, 'piece', id))!
    await changeRecord(db, 'piece', head, { ...whole, called: 'velveteen' }, AT)
    expect(await marked()).toEqual([id, strip].sort())
    const reading = await weigh(strip!)
    expect(await marked()).toEqual([id, strip].sort())
    await removeMeasurement(db, strip!, reading, AT)
    expect(await marked()).toEqual([id, strip].sort())
    const found = (await findRecord(db, 'piece', strip!))!
    await changeRecord(db, 'piece', found, { ...found.data, cutFromId: null }, AT)
    expect(await marked()).toEqual([id, strip].sort())
    await weigh(strip!)
    expect(await marked()).toEqual([strip])
  })
})
