import { z } from 'zod'
import { CONDITIONS, SEAM_MAKES, WORN_PLACES } from '../../vocabulary/upcycling'
import { DaySchema } from '../schemas/stash'
import { listOf, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** Of a garment, mm; null where nobody measured. */
export const GarmentMeasureSchema = z
  .number()
  .min(100, 'Please enter at least 10 cm (4 in).')
  .max(8000, 'Please enter 8 m (8¾ yd) at most.')
  .nullable()
  .default(null)

const share = z.number().min(0, 'Please mark a place on the panel.').max(1, 'Please mark a place on the panel.')

/** A round place on a panel, where it is not good. */
const PlaceSchema = z.strictObject({
  panel: z.string().min(1).max(40),
  is: z.enum(CONDITIONS),
  /** Of the panel’s width and height, from its lower left. */
  x: share,
  y: share,
  acrossMm: z.number().min(5, 'Please enter at least 5 mm (3/16 in).').max(2000, 'Please enter 2 m (2¼ yd) at most.'),
  onEach: z.boolean(),
})

/** A garment of the stash that may be taken apart: its own measures, how it is sewn, and where it is worn. */
export const GarmentSchema = z.strictObject({
  pieceId: z.string().min(1).max(64),
  /** Round the chest, round the hips, from top to hem, and its sleeve from shoulder to hand; of the garment, mm. */
  chestMm: GarmentMeasureSchema,
  hipMm: GarmentMeasureSchema,
  lengthMm: GarmentMeasureSchema,
  sleeveMm: GarmentMeasureSchema,
  seams: z.enum(SEAM_MAKES).default('unknown'),
  worn: listOf(z.enum(WORN_PLACES), WORN_PLACES.length).default([]),
  /** How it is elsewhere: places on its panels. */
  places: listOf(PlaceSchema, 40).default([]),
  notes: optionalText(600),
  /** The day on which it was taken apart. */
  apart: DaySchema.nullable().default(null),
})

export type GarmentRecord = z.output<typeof GarmentSchema>

export const garmentKind = defineKind({
  id: 'garment',
  words: { one: 'a garment’s measurements', many: 'garments’ measurements' },
  version: 2,
  schema: GarmentSchema,
  // Nothing was marked on an older one.
  steps: [(data) => data],
  references: { pieceId: { to: 'piece', whenRemoved: 'remove' } },
  title: ({ apart }) => (apart ? `Taken apart on ${apart}` : 'Garment measurements'),
  searched: ({ notes }) => [notes],
})
