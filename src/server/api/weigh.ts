import { z } from 'zod'
import { weigh } from '../../core/measure/weigh'
import { WEIGHT_CLASSES } from '../../core/vocabulary/cloth'
import { ReadingSchema } from '../../core/notebook/schemas/weighing'
import { listOf } from '../../core/notebook/schemas/text'
import { postJson } from './handle'

export const WeighRequest = z.strictObject({
  readings: listOf(ReadingSchema, 1000, 'at most 1000 readings').min(1, 'at least one reading is needed'),
})

export const WeighResponse = z.object({
  gsm: z.number(),
  standardUncertainty: z.number(),
  interval95: z.tuple([z.number(), z.number()]),
  ouncesPerSquareYard: z.number(),
  momme: z.number(),
  weightClass: z.enum(WEIGHT_CLASSES),
  advice: z.string().nullable(),
  adviceSideMm: z.number().nullable(),
})

export const postWeigh = postJson(WeighRequest, WeighResponse, ({ readings }) => weigh(readings))
