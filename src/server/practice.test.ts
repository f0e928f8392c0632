import { isDue } from '../core/practice/schedule'
import { topicById } from '../core/practice/topics'
import { openNotebook, type Notebook } from './database'
import { answerTopic, begunOf, dueCount, givenIn, practised } from './practice'

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
  const kept = await practised(db)
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
  const [right] = await practised(db)
  expect(wrong.due <= right!.data.card.due).toBe(true)
  expect(await dueCount(db, AT)).toBe(0)
  expect(await dueCount(db, '2027-05-02T10:00:00.000Z')).toBe(2)
  expect(isDue({ card: right!.data.card }, '2027-05-02T10:00:00.000Z')).toBe(true)
})
