import { PatternSchema } from '../../core/notebook/kinds/pattern'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { type TestAnswer } from '../../core/notebook/answers'
import { MeasurementSchema } from '../../core/notebook/measurements'
import { weighed } from '../../../tests/support/kept'
import {
  burnTestsOf,
  changeBurnTest,
  findBurnTest,
  keepTestWithPiece,
  looseBurnTests,
  startBurnTest,
} from '../records/burnTests'
import { openNotebook, type Notebook } from './openNotebook'
import { addMeasurement, measurementsOf, removeMeasurement } from '../records/measurements'
import { findPattern, listPatterns } from '../records/patterns'
import { findPiece } from '../records/pieces'
import { readStashEntry } from '../records/stash'
import { GoneError } from './errors'
import { changeRecord, countRecords, createRecord, removeRecord } from './repository'

const AT = '2026-01-02T03:04:05.000Z'
const LATER = '2026-01-02T03:05:00.000Z'
const NOBODY = '01900000-0000-7000-8000-000000000000'
const piece = PieceSchema.parse({
  name: 'Tea terrace gingham',
  called: 'gingham',
  widthMm: 1120,
  claim: [{ fibre: 'cotton', percent: 100 }],
})
const weighing = (grams: number, rest: object = {}) => MeasurementSchema.parse(weighed(grams, 1000, 1120, rest))
const answers: TestAnswer[] = [
  { specimen: 1, part: 'whole', feature: 'smell', states: ['paper'] },
  { specimen: 1, part: 'whole', feature: 'smoke', states: [] },
]

let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

it('gives back a piece as it was written, changed, and gone', async () => {
  const { id, revision } = await createRecord(db, 'piece', piece, AT)
  expect(await findPiece(db, id)).toEqual({ ...piece, id, revision: 1, createdAt: AT, updatedAt: AT })
  await changeRecord(db, 'piece', { id, revision }, { ...piece, place: 'hamper', lengthMm: 3400 }, LATER)
  const changed = { ...piece, place: 'hamper', lengthMm: 3400, id, revision: 2, createdAt: AT, updatedAt: LATER }
  expect(await findPiece(db, id)).toEqual(changed)
  await removeRecord(db, 'piece', { id }, LATER)
  expect(await findPiece(db, id)).toBeUndefined()
})

it('keeps weighings with their piece, and drops them with it', async () => {
  const { id } = await createRecord(db, 'piece', piece, AT)
  await addMeasurement(db, id, weighing(137), 'unwashed', AT)
  await addMeasurement(db, id, weighing(139, { layers: 2 }), 'washed', AT)
  const [first, second] = await measurementsOf(db, id)
  expect(second).toMatchObject({
    state: 'washed',
    data: { grams: 139, resolutionGrams: 1, cutErrorMm: 1, layers: 2 },
  })
  await removeMeasurement(db, id, first!.id, AT)
  expect(await measurementsOf(db, id)).toHaveLength(1)
  await removeRecord(db, 'piece', { id }, LATER)
  expect(await countRecords(db, 'measurement')).toBe(0)
})

it('keeps a burn test as it goes, blanks and undo included', async () => {
  const id = await startBurnTest(db, {}, AT)
  expect(await looseBurnTests(db)).toEqual([])
  expect(await changeBurnTest(db, { id, revision: 1 }, { answers }, AT)).toBe(2)
  expect((await findBurnTest(db, id))?.answers).toEqual(answers.map((answer) => ({ ...answer, at: AT })))
  await changeBurnTest(db, { id, revision: 2 }, { answers: answers.slice(0, 1) }, AT)
  expect((await looseBurnTests(db))[0]?.answers).toHaveLength(1)
  await expect(changeBurnTest(db, { id: NOBODY, revision: 1 }, { answers }, AT)).rejects.toThrow(GoneError)
  await removeRecord(db, 'burn-test', { id }, AT)
  expect(await findBurnTest(db, id)).toBeUndefined()
})

it('refuses the same answer twice, and leaves the test as it was', async () => {
  const id = await startBurnTest(db, {}, AT)
  await changeBurnTest(db, { id, revision: 1 }, { answers }, AT)
  const twice = [answers[0]!, answers[0]!]
  await expect(changeBurnTest(db, { id, revision: 2 }, { answers: twice }, AT)).rejects.toThrow(/answered twice/)
  expect((await findBurnTest(db, id))?.answers).toEqual(answers.map((answer) => ({ ...answer, at: AT })))
})

it('derives the stash from what was noted, over all tests of a piece', async () => {
  const { id } = await createRecord(db, 'piece', piece, AT)
  await addMeasurement(db, id, weighing(137), piece.washed, AT)
  const test = await startBurnTest(db, {}, AT, {}, answers)
  await keepTestWithPiece(db, test, id, LATER)
  expect(await burnTestsOf(db, id)).toHaveLength(1)
  const entry = await readStashEntry(db, id, 'uk')
  expect(entry?.observations).toEqual([{ feature: 'smell', states: ['paper'], part: 'whole' }])
  expect(entry?.sheet.measured.weigh?.gsm).toBeCloseTo(122.3, 1)
  expect(entry?.sheet.belief?.evidence).toHaveLength(1)
  expect(entry?.tests).toEqual(await burnTestsOf(db, id))
  expect(await readStashEntry(db, NOBODY, 'uk')).toBeUndefined()
})

it('keeps no test with a piece that is gone, and says so', async () => {
  const { id } = await createRecord(db, 'piece', piece, AT)
  const test = await startBurnTest(db, {}, AT, {}, answers)
  await removeRecord(db, 'piece', { id }, AT)
  await expect(keepTestWithPiece(db, test, id, AT)).rejects.toThrow(GoneError)
  expect((await findBurnTest(db, test))?.pieceId).toBeNull()
})

it('keeps patterns', async () => {
  const pattern = PatternSchema.parse({ name: 'Eel', need: { garment: 'leggings', details: ['pull-on'] } })
  const { id } = await createRecord(db, 'pattern', pattern, AT)
  expect(await findPattern(db, id)).toMatchObject({ id, ...pattern })
  await removeRecord(db, 'pattern', { id }, AT)
  expect(await listPatterns(db)).toEqual([])
})
