import { isDue } from '../../core/practice/schedule'
import { topicById } from '../../core/practice/topics'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { BlindBoxSchema } from '../../core/notebook/kinds/blindBox'
import { createRecord, allRecords } from '../store/repository'
import {
  answerLook,
  answerTopic,
  begunLooks,
  begunOf,
  givenBlind,
  listLooks,
  dueCount,
  givenIn,
  listPractice,
} from './practice'

const AT = '2026-05-02T10:00:00.000Z'
let db: Notebook
beforeEach(async () => (db = await openNotebook(':memory:')))
afterEach(() => db.destroy())

const silk = topicById('silk')!
const said = { family: 'protein', fibres: ['silk'], sure: 0.9, seed: 5, asked: 4 } as const

it('keeps one card a topic, with its answers', async () => {
  expect(await answerTopic(db, silk, said, AT)).toMatchObject({ familyRight: true, fibreRight: true })
  const wrong = { ...said, family: 'synthetic', fibres: [] } as const
  expect(await answerTopic(db, silk, wrong, '2026-05-03T10:00:00.000Z')).toMatchObject({ familyRight: false })
  const kept = await listPractice(db)
  expect(kept.map(({ data }) => [data.topic, data.answers.length])).toEqual([['silk', 2]])
  expect(begunOf(kept)[0]!.right).toEqual([true, false])
  expect(givenIn(kept).map((one) => [one.was, one.said])).toEqual([
    ['protein', 'protein'],
    ['protein', 'synthetic'],
  ])
})

it('counts what is due, and a wrong answer is due sooner than a right one', async () => {
  await answerTopic(db, silk, said, AT)
  const wrong = await answerTopic(db, topicById('wool')!, { ...said, fibres: ['silk'] }, AT)
  const [right] = await listPractice(db)
  expect(wrong.due <= right!.data.card.due).toBe(true)
  expect(await dueCount(db, AT)).toBe(0)
  expect(await dueCount(db, '2027-05-02T10:00:00.000Z')).toBe(2)
  expect(isDue({ card: right!.data.card }, '2027-05-02T10:00:00.000Z')).toBe(true)
})

it('scores a blind box once its last letter is told, and not before', async () => {
  const entry = (code: string, answer: object | null) => ({ code, name: code, fibres: ['silk'], answer })
  const right = { family: 'protein', fibres: ['silk'], sure: 0.9 }
  const wrong = { family: 'synthetic', fibres: [], sure: 0.8 }
  const open = { begun: AT, isPacked: true, entries: [entry('A', right), entry('B', null)] }
  await createRecord(db, 'blind-box', BlindBoxSchema.parse(open), AT)
  expect(givenBlind((await allRecords(db, 'blind-box')).kept)).toEqual([])
  const over = { ...open, entries: [entry('A', right), entry('B', wrong)] }
  await createRecord(db, 'blind-box', BlindBoxSchema.parse(over), AT)
  const given = givenBlind((await allRecords(db, 'blind-box')).kept)
  expect(given.map(({ sure, familyRight, fibreRight, was }) => [sure, familyRight, fibreRight, was])).toEqual([
    [0.9, true, true, 'protein'],
    [0.8, false, null, 'protein'],
  ])
})

it('keeps what was said of a cloth by looking, and counts it among what is due', async () => {
  expect(await answerLook(db, 'denim', { said: 'denim', sure: 0.9, right: 'denim' }, AT)).toMatchObject({
    right: true,
  })
  expect(
    await answerLook(db, 'denim', { said: 'drill', sure: 0.5, right: 'denim' }, '2026-05-03T10:00:00.000Z'),
  ).toMatchObject({
    right: false,
  })
  expect(begunLooks(await listLooks(db)).map(({ topic, right }) => [topic, right])).toEqual([
    ['denim', [true, false]],
  ])
  expect(await dueCount(db, '2027-05-02T10:00:00.000Z')).toBe(1)
})
