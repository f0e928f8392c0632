import { type Sitting } from '../../core/practice/session'
import { topicById } from '../../core/practice/topics'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { answerLook, answerTopic } from './practice'
import { sittingFor } from './sitting'
import { createRecord } from '../store/repository'

const AT = '2026-05-02T10:00:00.000Z'
const MONTH = '2026-06-02T10:00:00.000Z'
let db: Notebook
beforeEach(async () => (db = await openNotebook(':memory:')))
afterEach(() => db.destroy())

const of = (sittings: readonly Sitting[]) =>
  Object.fromEntries(sittings.map(({ drill, count, fresh }) => [drill, [count, fresh]]))

it('begins a few new things of each kind where nothing is due', async () => {
  expect(of(await sittingFor(db, 20, AT))).toEqual({ burn: [2, 2], look: [3, 3], side: [3, 3], number: [1, 1] })
})

it('puts what is due before what is new, of all that is practised', async () => {
  const said = { family: 'protein', fibres: ['silk'], sure: 0.9, seed: 5, asked: 4 } as const
  await answerTopic(db, topicById('silk')!, said, AT)
  await answerLook(db, 'denim', { said: 'denim', sure: 0.9, right: 'denim' }, AT)
  await answerLook(db, 'side:warp-closer', { said: 'a', sure: 0.9, right: 'b' }, AT)
  const due = of(await sittingFor(db, 2.2, MONTH))
  expect(due).toEqual({ burn: [1, 0], look: [1, 0], side: [1, 0] })
})

it('asks for a guess by hand once a week', async () => {
  const { id: pieceId } = await createRecord(db, 'piece', { name: 'Curtain' } as never, AT)
  await createRecord(db, 'guess', { pieceId, what: 'gsm', said: 300, truth: null, at: AT }, AT)
  expect(of(await sittingFor(db, 20, '2026-05-04T10:00:00.000Z')).number).toBeUndefined()
  expect(of(await sittingFor(db, 20, '2026-05-12T10:00:00.000Z')).number).toEqual([1, 0])
})
