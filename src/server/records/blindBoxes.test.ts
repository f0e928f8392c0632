import { type TestAnswer } from '../../core/notebook/answers'
import { BlindBoxSchema } from '../../core/notebook/kinds/blindBox'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { type FibreId } from '../../core/vocabulary/fibres'
import { answerBlind, checkEnvelope, isOpened, type BlindAnswer } from './blindBoxes'
import { findBurnTest, looseBurnTests, startBurnTest } from './burnTests'
import { controlBurns, controlsBox } from './controls'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { GoneError } from '../store/errors'
import { createRecord, findRecord, removeRecord } from '../store/repository'

const AT = '2026-05-02T10:00:00.000Z'
const SMELT: TestAnswer[] = [
  { specimen: 1, part: 'whole', feature: 'smell', states: ['hair-feather'] },
] as TestAnswer[]
const protein: BlindAnswer = { family: 'protein', fibres: ['silk'], sure: 0.9 }
const plant: BlindAnswer = { family: 'plant', fibres: [], sure: 0.6 }

let db: Notebook
beforeEach(async () => (db = await openNotebook(':memory:')))
afterEach(() => db.destroy())

const control = (fibre: FibreId) =>
  createRecord(db, 'control', { name: `Known ${fibre}`, fibre, sure: '' }, AT).then(({ id }) => id)

/** A packed box of two controls and a piece, under A, B and C. */
async function packed() {
  const [wool, silk] = [await control('wool'), await control('silk')]
  const piece = PieceSchema.parse({ name: 'Pantry cloth', claim: [{ fibre: 'linen', percent: 100 }] })
  const { id: linen } = await createRecord(db, 'piece', piece, AT)
  const box = BlindBoxSchema.parse({
    begun: AT,
    isPacked: true,
    entries: [
      { code: 'A', name: 'Known wool', fibres: ['wool'], controlId: wool },
      { code: 'B', name: 'Known silk', fibres: ['silk'], controlId: silk },
      { code: 'C', name: 'Pantry cloth', fibres: ['linen'], pieceId: linen },
    ],
  })
  const { id } = await createRecord(db, 'blind-box', box, AT)
  return { id, wool, silk, linen }
}

const burn = (id: string, code: string, answers = SMELT) =>
  startBurnTest(db, { blind: { id, code } }, AT, {}, answers)

it('keeps what was burnt under a letter apart until the last envelope is told', async () => {
  const { id } = await packed()
  const test = await burn(id, 'A')
  await answerBlind(db, id, { code: 'A', answer: protein }, AT)
  await answerBlind(db, id, { code: 'B', answer: protein }, AT)
  expect(await findBurnTest(db, test)).toMatchObject({ controlId: null, pieceId: null, blindCode: 'A' })
  expect(await controlBurns(db)).toEqual([])
  // It is no burn of a cloth that nobody kept, either.
  expect(await looseBurnTests(db)).toEqual([])
})

it('teaches the bench once the box is open, each burn what lay under its letter', async () => {
  const { id, wool, silk, linen } = await packed()
  const tests = [await burn(id, 'A'), await burn(id, 'B'), await burn(id, 'C')]
  for (const code of ['C', 'A', 'B']) await answerBlind(db, id, { code, answer: code === 'C' ? plant : protein }, AT)
  expect(isOpened((await findRecord(db, 'blind-box', id))!.data)).toBe(true)
  const kept = await Promise.all(tests.map((one) => findBurnTest(db, one)))
  expect(kept.map((one) => [one!.controlId, one!.pieceId])).toEqual([
    [wool, null],
    [silk, null],
    [null, linen],
  ])
  const burns = await controlBurns(db)
  expect(burns.map(({ fibre }) => fibre).sort()).toEqual(['silk', 'wool'])
  expect((await controlsBox(db)).find((one) => one.id === wool)!.tests).toHaveLength(1)
})

it('leaves the first answer to an envelope, whatever is said later', async () => {
  const { id } = await packed()
  await answerBlind(db, id, { code: 'A', answer: protein }, AT)
  await answerBlind(db, id, { code: 'A', answer: plant }, AT)
  expect((await findRecord(db, 'blind-box', id))!.data.entries[0]!.answer).toEqual(protein)
})

it('is opened all the same where a known piece was given away meanwhile', async () => {
  const { id, wool } = await packed()
  const test = await burn(id, 'A')
  await removeRecord(db, 'control', { id: wool }, AT)
  for (const code of ['A', 'B', 'C']) await answerBlind(db, id, { code, answer: protein }, AT)
  expect(await findBurnTest(db, test)).toMatchObject({ controlId: null, pieceId: null })
})

it('burns only under a letter of a box that is packed and not open', async () => {
  const { id } = await packed()
  await expect(checkEnvelope(db, { id, code: 'A' })).resolves.toBeUndefined()
  await expect(checkEnvelope(db, { id, code: 'H' })).rejects.toThrow(GoneError)
  await expect(checkEnvelope(db, { id: '01a21579-3d26-76d0-8c1d-456012720fa9', code: 'A' })).rejects.toThrow(
    GoneError,
  )
  for (const code of ['A', 'B', 'C']) await answerBlind(db, id, { code, answer: protein }, AT)
  await expect(checkEnvelope(db, { id, code: 'A' })).rejects.toThrow(GoneError)
})
