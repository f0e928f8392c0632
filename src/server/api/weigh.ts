import { z } from 'zod'
import { weigh } from '../../core/measure/weigh'
import { WEIGHT_CLASSES } from '../../core/vocabulary/cloth'
import { ReadingSchema } from '../../core/notebook/schemas/weighing'
import { listOf } from '../../core/notebook/schemas/text'
import { computation } from './computation'

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

export const weighComputation = computation({
  name: 'weigh',
  summary: 'Mass per area from weighings, with uncertainty.',
  request: WeighRequest,
  response: WeighResponse,
  example: { readings: [{ grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }] },
  run: ({ readings }) => weigh(readings),
})
