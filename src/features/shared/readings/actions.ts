'use server'

import { z } from 'zod'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { NewIdSchema, RecordIdSchema } from '@/core/notebook/schemas/id'
import { WASH_STATES } from '@/core/vocabulary/cloth'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { addMeasurement, removeMeasurement } from '@/server/records/measurements'
import { withPicture } from '@/server/pictures/withPicture'
import { action, TOLD } from '../action'
import { now } from '../now'
import { sayingWhy, unlessGone } from '../outcome'
import { bytesOf, SentPictureSchema } from '../pictures/sent'

const Kept = z.strictObject({ data: MeasurementSchema, state: z.enum(WASH_STATES) })

/** Keeps a measurement with its piece, and the picture that a count was read from, where there is one. */
export const keepMeasurement = action(
  [RecordIdSchema, Kept, SentPictureSchema.optional(), NewIdSchema],
  async (pieceId, { data, state }, sent, id) => {
    const keep = async (picture?: string) => {
      const reading = data.kind === 'count' && picture ? { ...data, picture } : data
      await addMeasurement(await notebook(), pieceId, reading, state, now(), id)
    }
    if (!sent) return keep()
    const bytes = await bytesOf(sent)
    return sayingWhy(() => withPicture(notebookHome(), bytes, keep))
  },
  ['measurement'],
  TOLD,
)

export const dropMeasurement = action(
  [RecordIdSchema, RecordIdSchema],
  async (piece, measurement) =>
    unlessGone(async () => removeMeasurement(await notebook(), piece, measurement, now())),
  ['measurement'],
  TOLD,
)
