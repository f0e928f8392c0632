import { MeasurementSchema } from '../../core/notebook/measurements'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { addMeasurement, measurementsOf, removeMeasurement } from './measurements'
import { readStashEntry } from './stash'
import { createRecord, removeRecord } from '../store/repository'

const AT = '2026-01-02T03:04:05.000Z'
const pull = MeasurementSchema.parse({ kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 120 })
const crease = MeasurementSchema.parse({ kind: 'crease', grade: 3 })

let db: Notebook
let piece: string
beforeEach(async () => {
  db = await openNotebook(':memory:')
  piece = (await createRecord(db, 'piece', PieceSchema.parse({ name: 'Bar curtain', washed: 'washed' }), AT)).id
})
afterEach(() => db.destroy())

it('gives back what was kept, in order, with its state, and strikes one out', async () => {
  const first = await addMeasurement(db, piece, pull, 'unwashed', AT)
  const second = await addMeasurement(db, piece, crease, 'washed', AT)
  expect(await measurementsOf(db, piece)).toEqual([
    { id: first, state: 'unwashed', data: pull, at: AT },
    { id: second, state: 'washed', data: crease, at: AT },
  ])
  await removeMeasurement(db, piece, first, AT)
  expect((await measurementsOf(db, piece)).map(({ id }) => id)).toEqual([second])
})

it('never strikes out another piece’s, and goes with its own piece', async () => {
  const other = (await createRecord(db, 'piece', PieceSchema.parse({ name: 'Lounge curtain' }), AT)).id
  const id = await addMeasurement(db, piece, pull, 'unwashed', AT)
  await addMeasurement(db, other, crease, 'unknown', AT)
  await removeMeasurement(db, other, id, AT)
  const counts = async () => [(await measurementsOf(db, piece)).length, (await measurementsOf(db, other)).length]
  expect(await counts()).toEqual([1, 1])
  await removeRecord(db, 'piece', { id: piece }, AT)
  expect(await counts()).toEqual([0, 1])
})

it('stands on the sheet of its piece by the state that the piece is in', async () => {
  await addMeasurement(db, piece, pull, 'unwashed', AT)
  const { sheet } = (await readStashEntry(db, piece, 'uk'))!
  expect(sheet.measured.stretch.stretch.width).toBeUndefined()
  expect(sheet.earlier.map(({ state }) => state)).toEqual(['unwashed'])
})
