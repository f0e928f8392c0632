import { z } from 'zod'
import { BORDER_SIDES } from '../../vocabulary/laying'
import { areaOf, isSimple } from '../../shapes/polygon'
import { listOf } from './text'

/** mm; no cloth reaches further. */
const coordinate = z.number().min(-200_000, 'That is off any fabric.').max(200_000, 'That is off any fabric.')

export const PointSchema = z.tuple([coordinate, coordinate])

export const PolygonSchema = z
  .array(PointSchema)
  .min(3, 'An outline needs at least three points.')
  .max(400, { error: 'An outline can have 400 points at most.', abort: true })
  .refine((points) => areaOf(points) > 1, { error: 'The outline has no area.', abort: true })
  .refine((points) => isSimple(points), 'The outline crosses itself.')

/** A border print along one edge or both, and how far it reaches in, mm. */
export const BorderSchema = z.strictObject({
  side: z.enum(BORDER_SIDES),
  reachMm: z.number().gt(0, 'Please enter a border above zero.').max(5000, 'That is wider than any border.'),
})

export type Border = z.infer<typeof BorderSchema>

/** Which pieces had their feet on a border, how far in from the cloth’s edge, and whether the rest was kept off it. */
export const OnBorderSchema = z.strictObject({
  ids: listOf(z.string().min(1).max(64), 200),
  footMm: z.number().min(0).max(5000),
  isKeptClear: z.boolean(),
})

export type OnBorder = z.infer<typeof OnBorderSchema>

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
