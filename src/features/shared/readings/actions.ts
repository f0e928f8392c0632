'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { notebook } from '@/server/database'
import { addMeasurement, removeMeasurement } from '@/server/measurements'
import { doneOf, type Done } from '../outcome'
import { told } from '../told'

const Kept = z.strictObject({ data: MeasurementSchema, state: z.enum(WASH_STATES) })

/** Keeps a measurement with its piece. */
export async function keepMeasurement(pieceId: unknown, input: unknown): Promise<Done> {
  const outcome = await doneOf(async () => {
    const { data, state } = Kept.parse(input)
    const piece = RecordIdSchema.parse(pieceId)
    await addMeasurement(await notebook(), piece, data, state, new Date().toISOString())
  })
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

export async function dropMeasurement(pieceId: unknown, measurementId: unknown): Promise<Done> {
  const [piece, measurement] = [told(RecordIdSchema, pieceId), told(RecordIdSchema, measurementId)]
  const outcome = await doneOf(async () =>
    removeMeasurement(await notebook(), piece, measurement, new Date().toISOString()),
  )
  revalidatePath('/', 'layout')
  return !outcome.ok && outcome.gone ? { ok: true } : outcome
}
