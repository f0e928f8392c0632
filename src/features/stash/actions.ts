'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { ViewSchema } from '@/core/notebook/kinds/view'
import { NewIdSchema, RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { ReadingSchema } from '@/core/notebook/schemas/weighing'
import { keepTestWithPiece } from '@/server/burnTests'
import { notebook } from '@/server/database'
import { addMeasurement } from '@/server/measurements'
import { changeRecord, findRecord, removeRecord, inTransaction } from '@/server/store/repository'
import { createOnce } from '@/server/store/createOnce'
import { doneOf, outcomeOf, type Outcome, type Refusal } from '../shared/outcome'
import { parseOr404 } from '../shared/parseOr404'
import { now } from '../shared/now'
import { type ActionInput } from '../shared/actionInput'

const NewPiece = z.strictObject({
  piece: PieceSchema,
  reading: ReadingSchema.nullable(),
  testId: RecordIdSchema.nullable(),
  id: NewIdSchema,
})

/** Keeps a new piece with its first weighing and its burn test, all or nothing. */
export async function keepPiece(input: ActionInput<typeof NewPiece>): Promise<Outcome> {
  const outcome = await outcomeOf(async () => {
    const { piece, reading, testId, id } = NewPiece.parse(input)
    return inTransaction(await notebook(), async (db) => {
      const isAgain = id !== undefined && (await findRecord(db, 'piece', id)) !== undefined
      const kept = await createOnce(db, 'piece', piece, now(), id)
      // Its weighing and its test came with it the first time.
      if (isAgain) return kept
      if (reading) await addMeasurement(db, kept.id, { kind: 'weighing', ...reading }, piece.washed, now())
      if (testId) await keepTestWithPiece(db, testId, kept.id, now())
      return kept
    })
  })
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Changes a piece, where it still is as the person saw it. */
export async function updatePiece(
  seen: ActionInput<typeof SeenSchema>,
  input: { readonly piece: ActionInput<typeof PieceSchema> },
): Promise<Outcome> {
  const outcome = await outcomeOf(async () => {
    const { piece } = z.strictObject({ piece: PieceSchema }).parse(input)
    return changeRecord(await notebook(), 'piece', SeenSchema.parse(seen), piece, now())
  })
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Puts a piece into the bin; one that is gone already is no trouble. */
export async function dropPiece(input: ActionInput<typeof RecordIdSchema>): Promise<Refusal> {
  const id = parseOr404(RecordIdSchema, input)
  const outcome = await doneOf(async () => removeRecord(await notebook(), 'piece', { id }, now()))
  if (!outcome.ok && !outcome.gone) return outcome
  revalidatePath('/', 'layout')
  redirect('/stash')
}

/** Keeps filters of the stash under a name. @param viewId made by the form: sent again it is the same view */
export async function keepView(
  input: ActionInput<typeof ViewSchema>,
  viewId?: ActionInput<typeof RecordIdSchema>,
): Promise<Outcome> {
  const id = parseOr404(RecordIdSchema.optional(), viewId)
  const outcome = await outcomeOf(async () =>
    createOnce(await notebook(), 'view', ViewSchema.parse(input), now(), id),
  )
  if (outcome.ok) revalidatePath('/stash')
  return outcome
}
