'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { notebook } from '@/server/database'
import { addMeasurement, removeMeasurement } from '@/server/measurements'
import { outcomeOf, type Outcome } from '../outcome'

const Kept = z.strictObject({ data: MeasurementSchema, state: z.enum(WASH_STATES) })

/** Keeps a measurement with its piece. */
export async function keepMeasurement(pieceId: unknown, input: unknown): Promise<Outcome> {
  const outcome = await outcomeOf(async () => {
    const { data, state } = Kept.parse(input)
    const piece = RecordIdSchema.parse(pieceId)
    return { id: await addMeasurement(await notebook(), piece, data, state, new Date().toISOString()), revision: 1 }
  })
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

export async function dropMeasurement(pieceId: unknown, measurementId: unknown): Promise<void> {
  const [piece, measurement] = [RecordIdSchema.parse(pieceId), RecordIdSchema.parse(measurementId)]
  await removeMeasurement(await notebook(), piece, measurement, new Date().toISOString())
  revalidatePath('/', 'layout')
}
