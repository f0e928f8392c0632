'use server'

import { z } from 'zod'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { BlindCodeSchema } from '@/core/notebook/schemas/blind'
import { checkEnvelope } from '@/server/records/blindBoxes'
import { latestAtHand, startBurnTest } from '@/server/records/burnTests'
import { notebook } from '@/server/database'
import { findPiece } from '@/server/records/pieces'
import { action } from '../action'
import { now } from '../now'

const Beginning = z.strictObject({
  pieceId: RecordIdSchema.optional(),
  controlId: RecordIdSchema.optional(),
  /** An envelope of a blind box that is packed and not open yet. */
  blind: z.strictObject({ id: RecordIdSchema, code: BlindCodeSchema }).optional(),
})

/**
 * Begins a test, of a piece, of a control, of an envelope or of a fabric that is not kept yet, and goes to it. A piece
 * brings its label along, and the last test what is at hand.
 */
export const beginTest = action([Beginning.default({})], async ({ pieceId, controlId, blind }) => {
  const db = await notebook()
  const piece = pieceId === undefined ? undefined : await findPiece(db, pieceId)
  if (blind) await checkEnvelope(db, blind)
  const id = await startBurnTest(db, { pieceId, controlId, blind }, now(), {
    atHand: await latestAtHand(db),
    claim: piece?.claim,
  })
  return { goTo: `/identify/burn/${id}` }
})
