import { z } from 'zod'
import { SEAM_MAKES, WORN_PLACES } from '../../vocabulary/upcycling'
import { DaySchema } from '../schemas/stash'
import { listOf, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** Of a garment, mm; null where nobody measured. */
export const GarmentMeasureSchema = z.number().min(100, 'from 10 cm').max(8000, 'to 8 m').nullable().default(null)

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
  notes: optionalText(600),
  /** The day on which it was taken apart. */
  apart: DaySchema.nullable().default(null),
})

export type Garment = z.output<typeof GarmentSchema>

export const garmentKind = defineKind({
  id: 'garment',
  words: { one: 'a garment’s measures', many: 'garments’ measures' },
  version: 1,
  schema: GarmentSchema,
  steps: [],
  references: { pieceId: { to: 'piece', whenRemoved: 'remove' } },
  title: ({ apart }) => (apart ? `Taken apart on ${apart}` : 'Measures of a garment'),
  searched: ({ notes }) => [notes],
})
