'use server'

import { z } from 'zod'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { ViewSchema } from '@/core/notebook/kinds/view'
import { NewIdSchema, RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { ReadingSchema } from '@/core/notebook/schemas/weighing'
import { keepTestWithPiece } from '@/server/records/burnTests'
import { notebook } from '@/server/database'
import { addMeasurement } from '@/server/records/measurements'
import { createOnce } from '@/server/store/createOnce'
import { changeRecord, findRecord, inTransaction } from '@/server/store/repository'
import { action, TOLD } from '../shared/action'
import { now } from '../shared/now'
import { keptRecord } from '../shared/outcome'
import { dropAction, keepAction } from '../shared/recordActions'

const NewPiece = z.strictObject({
  piece: PieceSchema,
  reading: ReadingSchema.nullable(),
  testId: RecordIdSchema.nullable(),
  id: NewIdSchema,
})

/** Keeps a new piece with its first weighing and its burn test, all or nothing. */
export const keepPiece = action(
  [NewPiece],
  async ({ piece, reading, testId, id }) =>
    inTransaction(await notebook(), async (db) => {
      const isAgain = id !== undefined && (await findRecord(db, 'piece', id)) !== undefined
      const kept = keptRecord(await createOnce(db, 'piece', piece, now(), id))
      // Its weighing and its test came with it the first time.
      if (isAgain) return kept
      if (reading) await addMeasurement(db, kept.id, { kind: 'weighing', ...reading }, piece.washed, now())
      if (testId) await keepTestWithPiece(db, testId, kept.id, now())
      return kept
    }),
  ['piece'],
  TOLD,
)

/** Changes a piece, where it still is as the person saw it. */
export const updatePiece = action(
  [SeenSchema, z.strictObject({ piece: PieceSchema })],
  async (seen, { piece }) => keptRecord(await changeRecord(await notebook(), 'piece', seen, piece, now())),
  ['piece'],
  TOLD,
)

/** Puts a piece into the bin; one that is gone already is no trouble. */
export const dropPiece = dropAction('piece', '/stash')

/** Keeps filters of the stash under a name. */
export const keepView = keepAction('view', ViewSchema)
