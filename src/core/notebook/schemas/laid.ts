import { z } from 'zod'
import { areaOf, isSimple } from '../../shapes/polygon'
import { listOf } from './text'

/** mm; no cloth reaches further. */
const coordinate = z.number().min(-200_000, 'that is off any cloth').max(200_000, 'that is off any cloth')

export const PointSchema = z.tuple([coordinate, coordinate])

export const PolygonSchema = z
  .array(PointSchema)
  .min(3, 'an outline has at least three points')
  .max(400, { error: 'at most 400 points', abort: true })
  .refine((points) => areaOf(points) > 1, { error: 'an outline has an area', abort: true })
  .refine((points) => isSimple(points), 'the outline crosses itself')

/** One piece where it lies on the cloth. */
export const PlacementSchema = z.strictObject({
  /** Of the piece of the pattern. */
  id: z.string().min(1).max(64),
  copies: listOf(z.number().int().min(1).max(400), 2),
  panel: z.string().max(64).nullable(),
  panelCopy: z.number().int().min(1).max(200).nullable(),
  mirrored: z.boolean(),
  polygon: listOf(PointSchema, 400),
  degrees: z.number().min(-3600).max(3600),
  at: PointSchema,
})
