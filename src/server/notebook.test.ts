import { type TestAnswer } from '../core/notebook/answers'
import { PatternSchema } from '../core/notebook/need'
import { PieceSchema, ReadingSchema } from '../core/notebook/records'
import {
  burnTestsOf,
  findBurnTest,
  keepTestWithPiece,
  looseBurnTests,
  removeBurnTest,
  setAnswers,
  startBurnTest,
  testsByPiece,
} from './burnTests'
import { openNotebook, type Notebook } from './database'
import { migrations } from './migrations'
import { addPattern, findPattern, listPatterns, removePattern } from './patterns'
import { addPiece, changePiece, findPiece, listPieces, removePiece } from './pieces'
import { addReading, allReadings, readingsOf, removeReading } from './readings'
import { readStash, readStashEntry } from './stash'

const AT = '2026-01-02T03:04:05.000Z'
const piece = PieceSchema.parse({
  name: 'Tea terrace gingham',
  called: 'gingham',
  widthMm: 1120,
  claim: [{ fibre: 'cotton', percent: 100 }],
})
const reading = ReadingSchema.parse({ grams: 137, lengthMm: 1000, widthMm: 1120 })
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
  const id = await addPiece(db, piece, AT)
  expect(await findPiece(db, id)).toEqual({ id, ...piece })
  await changePiece(db, id, { ...piece, place: 'hamper', lengthMm: 3400 })
  expect(await listPieces(db)).toEqual([{ id, ...piece, place: 'hamper', lengthMm: 3400 }])
  await removePiece(db, id)
  expect(await findPiece(db, id)).toBeUndefined()
})

it('keeps readings with their piece, and drops them with it', async () => {
  const id = await addPiece(db, piece, AT)
  await addReading(db, id, reading, 'unwashed', AT)
  await addReading(db, id, { ...reading, grams: 139, layers: 2 }, 'washed', AT)
  const [first, second] = await readingsOf(db, id)
  expect(second).toMatchObject({ grams: 139, resolutionGrams: 1, cutErrorMm: 1, layers: 2, state: 'washed' })
  await removeReading(db, id, first!.id)
  expect((await allReadings(db)).get(id)).toHaveLength(1)
  await removePiece(db, id)
  expect((await allReadings(db)).size).toBe(0)
})

it('keeps a burn test as it goes, blanks and undo included', async () => {
  const id = await startBurnTest(db, {}, AT)
  expect(await looseBurnTests(db)).toEqual([])
  expect(await setAnswers(db, id, answers, AT)).toBe(true)
  expect((await findBurnTest(db, id))?.answers).toEqual(answers.map((answer) => ({ ...answer, at: AT })))
  await setAnswers(db, id, answers.slice(0, 1), AT)
  expect((await looseBurnTests(db))[0]?.answers).toHaveLength(1)
  expect(await setAnswers(db, 999, answers, AT)).toBe(false)
  await removeBurnTest(db, id)
  expect(await findBurnTest(db, id)).toBeUndefined()
})

it('refuses the same answer twice, and leaves the test as it was', async () => {
  const id = await startBurnTest(db, {}, AT)
  await setAnswers(db, id, answers, AT)
  await expect(setAnswers(db, id, [answers[0]!, answers[0]!], AT)).rejects.toThrow()
  expect((await findBurnTest(db, id))?.answers).toEqual(answers.map((answer) => ({ ...answer, at: AT })))
})

it('derives the stash from what was noted, over all tests of a piece', async () => {
  const id = await addPiece(db, piece, AT)
  await addReading(db, id, reading, piece.washed, AT)
  const test = await startBurnTest(db, {}, AT)
  await setAnswers(db, test, answers, AT)
  await keepTestWithPiece(db, test, id)
  expect(await burnTestsOf(db, id)).toHaveLength(1)
  expect((await testsByPiece(db)).get(id)).toEqual(await burnTestsOf(db, id))
  const [entry] = await readStash(db, 'uk')
  expect(entry?.observations).toEqual([{ feature: 'smell', states: ['paper'], part: 'whole' }])
  expect(entry?.sheet.weight?.gsm).toBeCloseTo(122.3, 1)
  expect(entry?.sheet.belief?.evidence).toHaveLength(1)
  const detail = await readStashEntry(db, id, 'uk')
  expect(detail).toMatchObject(entry!)
  expect(detail?.tests).toEqual(await burnTestsOf(db, id))
  expect(await readStashEntry(db, id + 1, 'uk')).toBeUndefined()
})

it('keeps patterns', async () => {
  const pattern = PatternSchema.parse({ name: 'Eel', need: { garment: 'leggings', details: ['pull-on'] } })
  const id = await addPattern(db, pattern, AT)
  expect(await findPattern(db, id)).toEqual({ id, ...pattern })
  await removePattern(db, id)
  expect(await listPatterns(db)).toEqual([])
})

it('has migrations that can be taken back', async () => {
  for (const step of Object.values(migrations).reverse()) await step.down!(db)
  await expect(listPieces(db)).rejects.toThrow(/no such table/)
  for (const step of Object.values(migrations)) await step.up(db)
  expect(await listPieces(db)).toEqual([])
})
