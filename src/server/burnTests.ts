import { type Selectable } from 'kysely'
import { type Part } from '../core/vocabulary/observations'
import { type TestAnswer } from '../core/notebook/answers'
import { TestSetupSchema, type SpecimenNote, type TestSetup } from '../core/notebook/records'
import { type Notebook } from './database'
import { grouped } from './grouped'
import { type AnswerTable, type BurnTestTable } from './schema'
import { notesOf } from './specimens'

export interface BurnTest {
  id: number
  pieceId: number | null
  /** The known piece that was burnt, where it was one. */
  controlId: number | null
  createdAt: string
  setup: TestSetup
  answers: TestAnswer[]
  specimens: SpecimenNote[]
}

/** What a test is of: a piece of the stash, a known piece of the controls box, or a cloth that is not kept yet. */
export interface TestOf {
  pieceId?: number
  controlId?: number
}

export async function startBurnTest(
  db: Notebook,
  { pieceId = undefined, controlId = undefined }: TestOf,
  at: string,
  setup: Partial<TestSetup> = {},
): Promise<number> {
  const { id } = await db
    .insertInto('burn_test')
    .values({
      piece_id: pieceId ?? null,
      control_id: controlId ?? null,
      created_at: at,
      setup: JSON.stringify(setup),
    })
    .returning('id')
    .executeTakeFirstOrThrow()
  return id
}

/** What was at hand at the latest test: what somebody has today is most often what they had before. */
export async function latestAtHand(db: Notebook): Promise<TestSetup['atHand'] | undefined> {
  const row = await db.selectFrom('burn_test').select('setup').orderBy('id', 'desc').limit(1).executeTakeFirst()
  return row && TestSetupSchema.parse(JSON.parse(row.setup)).atHand
}

export async function findBurnTest(db: Notebook, id: number): Promise<BurnTest | undefined> {
  const [test] = await inFull(db, await db.selectFrom('burn_test').selectAll().where('id', '=', id).execute())
  return test
}

/**
 * Tests begun and not yet kept with a piece, newest first; those without an answer are left out, and so are the
 * controls'.
 */
export async function looseBurnTests(db: Notebook): Promise<BurnTest[]> {
  const rows = await db
    .selectFrom('burn_test')
    .selectAll()
    .where('piece_id', 'is', null)
    .where('control_id', 'is', null)
    .orderBy('id', 'desc')
    .execute()
  return (await inFull(db, rows)).filter(({ answers }) => answers.length > 0)
}

/** The tests of one piece, oldest first. */
export async function burnTestsOf(db: Notebook, pieceId: number): Promise<BurnTest[]> {
  return inFull(
    db,
    await db.selectFrom('burn_test').selectAll().where('piece_id', '=', pieceId).orderBy('id').execute(),
  )
}

/** The tests of every piece, by piece, oldest first. */
export async function testsByPiece(db: Notebook): Promise<Map<number, BurnTest[]>> {
  return grouped(
    await inFull(
      db,
      await db.selectFrom('burn_test').selectAll().where('piece_id', 'is not', null).orderBy('id').execute(),
    ),
    ({ pieceId }) => pieceId!,
    (test) => test,
  )
}

/** The tests of every control, by control, oldest first. */
export async function testsByControl(db: Notebook): Promise<Map<number, BurnTest[]>> {
  return grouped(
    await inFull(
      db,
      await db.selectFrom('burn_test').selectAll().where('control_id', 'is not', null).orderBy('id').execute(),
    ),
    ({ controlId }) => controlId!,
    (test) => test,
  )
}

/** Tests with their answers, oldest answer first, and the notes of their specimens, in the order of the rows. */
async function inFull(db: Notebook, rows: readonly Selectable<BurnTestTable>[]): Promise<BurnTest[]> {
  if (rows.length === 0) return []
  const ids = rows.map(({ id }) => id)
  const [answers, notes] = await Promise.all([
    db.selectFrom('answer').selectAll().where('test_id', 'in', ids).orderBy('id').execute(),
    notesOf(db, ids),
  ])
  return rows.map(({ id, piece_id, control_id, created_at, setup }) => ({
    id,
    pieceId: piece_id,
    controlId: control_id,
    createdAt: created_at,
    setup: TestSetupSchema.parse(JSON.parse(setup)),
    answers: answers.filter(({ test_id }) => test_id === id).map(answerFrom),
    specimens: notes.get(id) ?? [],
  }))
}

/** Keeps what a test is for. @returns whether there is such a test */
export async function changeSetup(db: Notebook, testId: number, setup: TestSetup): Promise<boolean> {
  const { numUpdatedRows } = await db
    .updateTable('burn_test')
    .set({ setup: JSON.stringify(setup) })
    .where('id', '=', testId)
    .executeTakeFirst()
  return numUpdatedRows > 0n
}

/**
 * Replaces every answer of a test in one go, so that an undo leaves nothing behind. @returns whether there is such a
 * test
 */
export async function setAnswers(
  db: Notebook,
  testId: number,
  answers: readonly TestAnswer[],
  at: string,
): Promise<boolean> {
  return db.transaction().execute(async (within) => {
    const test = await within.selectFrom('burn_test').select('id').where('id', '=', testId).executeTakeFirst()
    if (!test) return false
    await within.deleteFrom('answer').where('test_id', '=', testId).execute()
    await addAnswers(within, testId, answers, at)
    return true
  })
}

/** Adds answers to a test that exists; one that does not say when it was given was given `at`. */
export async function addAnswers(
  db: Notebook,
  testId: number,
  answers: readonly TestAnswer[],
  at: string,
): Promise<void> {
  if (answers.length === 0) return
  await db
    .insertInto('answer')
    .values(
      answers.map(({ specimen, part, feature, states, at: given = at }) => ({
        test_id: testId,
        specimen,
        part,
        feature,
        states: JSON.stringify(states),
        answered_at: given,
      })),
    )
    .execute()
}

export async function keepTestWithPiece(db: Notebook, testId: number, pieceId: number): Promise<void> {
  await db.updateTable('burn_test').set({ piece_id: pieceId }).where('id', '=', testId).execute()
}

export async function removeBurnTest(db: Notebook, id: number): Promise<void> {
  await db.deleteFrom('burn_test').where('id', '=', id).execute()
}

function answerFrom({ specimen, part, feature, states, answered_at }: Selectable<AnswerTable>): TestAnswer {
  return { specimen, part: part as Part, feature, states: JSON.parse(states) as string[], at: answered_at }
}
