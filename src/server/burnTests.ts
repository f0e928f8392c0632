import { type Selectable } from 'kysely'
import { type Observation, type Part } from '../core/identify/types'
import { observationsFrom, type TestAnswer } from '../core/notebook/answers'
import { type Notebook } from './database'
import { type BurnTestTable } from './schema'

export interface BurnTest {
  id: number
  pieceId: number | null
  createdAt: string
  answers: TestAnswer[]
}

export async function startBurnTest(db: Notebook, pieceId: number | null, at: string): Promise<number> {
  const { id } = await db.insertInto('burn_test').values({ piece_id: pieceId, created_at: at }).returning('id').executeTakeFirstOrThrow()
  return id
}

export async function findBurnTest(db: Notebook, id: number): Promise<BurnTest | undefined> {
  const [test] = await withAnswers(db, await db.selectFrom('burn_test').selectAll().where('id', '=', id).execute())
  return test
}

/** Tests begun and not yet kept with a piece, newest first; those without an answer are left out. */
export async function looseBurnTests(db: Notebook): Promise<BurnTest[]> {
  const rows = await db.selectFrom('burn_test').selectAll().where('piece_id', 'is', null).orderBy('id', 'desc').execute()
  return (await withAnswers(db, rows)).filter(({ answers }) => answers.length > 0)
}

/** The tests of one piece, oldest first. */
export async function burnTestsOf(db: Notebook, pieceId: number): Promise<BurnTest[]> {
  return withAnswers(db, await db.selectFrom('burn_test').selectAll().where('piece_id', '=', pieceId).orderBy('id').execute())
}

/** Tests with their answers, oldest answer first, in the order of the rows. */
async function withAnswers(db: Notebook, rows: readonly Selectable<BurnTestTable>[]): Promise<BurnTest[]> {
  if (rows.length === 0) return []
  const answers = await db.selectFrom('answer').selectAll().where('test_id', 'in', rows.map(({ id }) => id)).orderBy('id').execute()
  return rows.map(({ id, piece_id, created_at }) => ({
    id, pieceId: piece_id, createdAt: created_at, answers: answers.filter(({ test_id }) => test_id === id).map(answerFrom),
  }))
}

/** Replaces every answer of a test in one go, so that an undo leaves nothing behind. @returns whether there is such a test */
export async function setAnswers(db: Notebook, testId: number, answers: readonly TestAnswer[], at: string): Promise<boolean> {
  return db.transaction().execute(async (within) => {
    const test = await within.selectFrom('burn_test').select('id').where('id', '=', testId).executeTakeFirst()
    if (!test) return false
    await within.deleteFrom('answer').where('test_id', '=', testId).execute()
    await addAnswers(within, testId, answers, at)
    return true
  })
}

/** Adds answers to a test that exists. */
export async function addAnswers(db: Notebook, testId: number, answers: readonly TestAnswer[], at: string): Promise<void> {
  if (answers.length === 0) return
  await db
    .insertInto('answer')
    .values(answers.map(({ specimen, part, feature, states }) => ({ test_id: testId, specimen, part, feature, states: JSON.stringify(states), answered_at: at })))
    .execute()
}

export async function keepTestWithPiece(db: Notebook, testId: number, pieceId: number): Promise<void> {
  await db.updateTable('burn_test').set({ piece_id: pieceId }).where('id', '=', testId).execute()
}

export async function removeBurnTest(db: Notebook, id: number): Promise<void> {
  await db.deleteFrom('burn_test').where('id', '=', id).execute()
}

/** What was seen of each piece, over all of its tests. */
export async function allObservations(db: Notebook): Promise<Map<number, Observation[]>> {
  const rows = await db
    .selectFrom('answer')
    .innerJoin('burn_test', 'burn_test.id', 'answer.test_id')
    .select(['burn_test.piece_id', 'answer.specimen', 'answer.part', 'answer.feature', 'answer.states'])
    .where('burn_test.piece_id', 'is not', null)
    .orderBy('answer.id')
    .execute()
  const byPiece = new Map<number, Observation[]>()
  for (const row of rows) {
    byPiece.set(row.piece_id!, [...(byPiece.get(row.piece_id!) ?? []), ...observationsFrom([answerFrom(row)])])
  }
  return byPiece
}

function answerFrom(row: { specimen: number; part: string; feature: string; states: string }): TestAnswer {
  return { specimen: row.specimen, part: row.part as Part, feature: row.feature, states: JSON.parse(row.states) as string[] }
}
