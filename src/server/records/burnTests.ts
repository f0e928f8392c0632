import { z } from 'zod'
import { type BurnTest, type SpecimenNote, type TestSetup } from '../../core/notebook/kinds/burnTest'
import { BurnTestSchema } from '../../core/notebook/kinds/burnTest'
import { type TestAnswer } from '../../core/notebook/answers'
import { type Notebook } from '../store/openNotebook'
import { groupBy } from '../store/groupBy'
import {
  changeRecord,
  createRecord,
  findRecord,
  listRecords,
  recordsReferring,
  recordsReferringToAny,
  recordsReferringToNothing,
  inTransaction,
} from '../store/repository'
import { type Kept, type RecordHead } from '../store/kept'

/** A burn test with the head of its record. */
export type KeptTest = BurnTest & RecordHead

/** What a test is of: a piece, a known piece of the controls box, an envelope, or a cloth that is not kept yet. */
export interface TestOf {
  pieceId?: string
  controlId?: string
  /** An envelope of a blind box. */
  blind?: { id: string; code: string }
}

export async function startBurnTest(
  db: Notebook,
  { pieceId, controlId, blind }: TestOf,
  at: string,
  setup: Partial<TestSetup> = {},
  answers: readonly TestAnswer[] = [],
): Promise<string> {
  const data = BurnTestSchema.parse({
    pieceId,
    controlId,
    blindId: blind?.id,
    blindCode: blind?.code,
    setup,
    answers: answers.map((answer) => ({ at, ...answer })),
  })
  return (await createRecord(db, 'burn-test', data, at)).id
}

/** What was at hand at the latest test: what somebody has today is most often what they had before. */
export async function latestAtHand(db: Notebook): Promise<TestSetup['atHand'] | undefined> {
  const { kept } = await listRecords(db, 'burn-test', { limit: 1, newestFirst: true })
  return kept[0]?.data.setup.atHand
}

export async function findBurnTest(db: Notebook, id: string): Promise<KeptTest | undefined> {
  const found = await findRecord(db, 'burn-test', id)
  return found && flat(found)
}

/** Tests begun and not yet kept with a piece, newest first; those without an answer are left out. */
export async function looseBurnTests(db: Notebook): Promise<KeptTest[]> {
  const tests = (await recordsReferringToNothing(db, 'burn-test')).map(flat)
  return tests.filter(({ answers }) => answers.length > 0).reverse()
}

/** The tests begun last, the newest first. */
export async function latestBurnTests(db: Notebook, limit: number): Promise<KeptTest[]> {
  const { kept } = await listRecords(db, 'burn-test', { limit, newestFirst: true })
  return kept.map(flat)
}

/** The tests of known pieces, by piece, each oldest first. */
export async function testsOfControls(db: Notebook, ids: readonly string[]): Promise<Map<string, KeptTest[]>> {
  return groupBy((await recordsReferringToAny(db, 'burn-test', 'controlId', ids)).map(flat), (test) => test.controlId)
}

/** The tests of one piece, oldest first. */
export async function burnTestsOf(db: Notebook, pieceId: string): Promise<KeptTest[]> {
  return (await recordsReferring(db, 'burn-test', 'pieceId', pieceId)).map(flat)
}

/** What of a test may be kept by itself; whatever is left out stays as it is. */
export interface TestChange {
  answers?: readonly TestAnswer[]
  setup?: TestSetup
  specimens?: readonly SpecimenNote[]
}

/**
 * Keeps part of a test.
 * @returns its new revision
 * @throws GoneError where it was thrown away, ConflictError where it was changed elsewhere since that revision
 */
export async function changeBurnTest(
  db: Notebook,
  seen: { id: string; revision: number },
  { answers, setup, specimens }: TestChange,
  at: string,
): Promise<number> {
  return inTransaction(db, async (open) => {
    const found = await findRecord(open, 'burn-test', seen.id)
    const data = BurnTestSchema.parse({
      ...found?.data,
      ...(answers ? { answers: answers.map((answer) => ({ ...answer, at: answer.at ?? at })) } : {}),
      ...(setup ? { setup } : {}),
      ...(specimens ? { specimens: specimens.toSorted((a, b) => a.specimen - b.specimen) } : {}),
    })
    return (await changeRecord(open, 'burn-test', seen, data, at)).revision
  })
}

/**
 * Keeps a test with a piece.
 * @throws GoneError where either was taken away, ZodError where it was kept with another piece meanwhile
 */
export async function keepTestWithPiece(db: Notebook, testId: string, pieceId: string, at: string): Promise<void> {
  await inTransaction(db, async (open) => {
    const found = await findRecord(open, 'burn-test', testId)
    const before = found?.data.pieceId ?? null
    if (before !== null && before !== pieceId) {
      const piece = await findRecord(open, 'piece', before)
      const name = piece ? `“${piece.data.name}”` : 'another fabric'
      const message = `This burn test was saved with ${name} in another window. Nothing changed.`
      throw new z.ZodError([{ code: 'custom', path: ['testId'], message, input: testId }])
    }
    const seen = { id: testId, revision: found?.revision ?? 0 }
    await changeRecord(open, 'burn-test', seen, { ...found?.data, pieceId } as BurnTest, at)
  })
}

function flat({ data, ...head }: Kept<'burn-test'>): KeptTest {
  return { ...data, ...head }
}
