import { z } from 'zod'
import { CARE_IDS } from '../../vocabulary/care'
import { PRICE_PERS } from '../../vocabulary/stash'
import { PolygonSchema } from './laid'
import { listOf, optionalText, tagText } from './text'

/** An opened garment or an offcut as it lies: mm, y along the warp. */
export const OutlineSchema = z.strictObject({
  points: PolygonSchema,
  holes: listOf(PolygonSchema, 40),
})

export const PriceSchema = z.strictObject({
  amount: z.number().min(0, 'Please enter a price of zero or more.').max(1e6, 'That is more than any fabric costs.'),
  /** As the person writes it. */
  currency: optionalText(8),
  per: z.enum(PRICE_PERS),
})

export const DaySchema = z.iso.date('Please enter a date like 2026-05-02.')

/** File name of a picture in the notebook's folder. */
export const PictureNameSchema = z
  .string()
  .regex(/^[0-9a-f-]{36}\.(jpg|png|webp)$/, 'There is no photo with this name.')

/** A photograph of a piece, and what it shows. */
export const PhotographSchema = z.strictObject({ name: PictureNameSchema, says: optionalText(120) })

export const CareSchema = listOf(z.enum(CARE_IDS), CARE_IDS.length).refine(
  (ids) => new Set(ids).size === ids.length,
  'A symbol can be there only once.',
)

export const TagsSchema = listOf(tagText, 20)
