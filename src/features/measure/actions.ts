'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { notebook } from '@/server/database'
import { addMeasurement, removeMeasurement } from '@/server/measurements'
import { findPiece } from '@/server/pieces'
import { refused, type Outcome } from '../outcome'

const id = z.number().int().positive()
const Kept = z.strictObject({ data: MeasurementSchema, state: z.enum(WASH_STATES) })

/** Keeps a measurement with its piece. */
export async function keepMeasurement(pieceId: number, input: unknown): Promise<Outcome> {
  const parsed = Kept.safeParse(input)
  if (!parsed.success) return refused(parsed.error)
  const db = await notebook()
  if (!(await findPiece(db, id.parse(pieceId))))
    return { ok: false, errors: { '': 'This piece is no longer on the shelf.' } }
  const kept = await addMeasurement(db, pieceId, parsed.data.data, parsed.data.state, new Date().toISOString())
  revalidatePath('/', 'layout')
  return { ok: true, id: kept }
}

export async function dropMeasurement(pieceId: number, measurementId: number): Promise<void> {
  await removeMeasurement(await notebook(), id.parse(pieceId), id.parse(measurementId))
  revalidatePath('/', 'layout')
}
