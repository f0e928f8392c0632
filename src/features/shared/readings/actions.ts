'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { addMeasurement, removeMeasurement } from '@/server/measurements'
import { withPicture } from '@/server/withPicture'
import { now } from '../now'
import { doneOf, type Done } from '../outcome'
import { withSentPicture } from '../pictures/sent'
import { parseOr404 } from '../parseOr404'
import { type ActionInput } from '../actionInput'

const Kept = z.strictObject({ data: MeasurementSchema, state: z.enum(WASH_STATES) })

/**
 * Keeps a measurement with its piece.
 * @param form with the picture that a count was read from, where there is one
 * @param readingId made by the page: sent again it is the same reading
 */
export async function keepMeasurement(
  pieceId: ActionInput<typeof RecordIdSchema>,
  input: ActionInput<typeof Kept>,
  form?: FormData,
  readingId?: ActionInput<typeof RecordIdSchema>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema.optional(), readingId)
  const keep = async (picture?: string) => {
    const { data, state } = Kept.parse(input)
    const piece = RecordIdSchema.parse(pieceId)
    const reading = data.kind === 'count' && picture ? { ...data, picture } : data
    await addMeasurement(await notebook(), piece, reading, state, now(), id)
  }
  const outcome =
    form === undefined
      ? await doneOf(() => keep())
      : await withSentPicture(form, (bytes) => withPicture(notebookHome(), bytes, keep))
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

export async function dropMeasurement(
  pieceId: ActionInput<typeof RecordIdSchema>,
  measurementId: ActionInput<typeof RecordIdSchema>,
): Promise<Done> {
  const [piece, measurement] = [parseOr404(RecordIdSchema, pieceId), parseOr404(RecordIdSchema, measurementId)]
  const outcome = await doneOf(async () => removeMeasurement(await notebook(), piece, measurement, now()))
  revalidatePath('/', 'layout')
  return !outcome.ok && outcome.gone ? { ok: true } : outcome
}
