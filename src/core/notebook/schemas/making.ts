import { z } from 'zod'
import { listOf, optionalText } from './text'

/** More rows than the table of any envelope has, over sizes and views. */
const MOST_LENGTHS = 400

/** How much of a cloth an envelope asks for. */
export const LengthSchema = z.strictObject({
  /** Null where one length does for all. */
  size: optionalText(24).nullable().default(null),
  view: optionalText(24).nullable().default(null),
  widthMm: z.number().min(100, 'That is narrower than any fabric.').max(5000, 'That is wider than any fabric.'),
  lengthMm: z.number().gt(0, 'Please enter a length above zero.').max(200_000, 'That is longer than any bolt.'),
  /** Laid one way. */
  nap: z.boolean().default(false),
})

export type LengthAsked = z.infer<typeof LengthSchema>

export const LengthsSchema = listOf(LengthSchema, MOST_LENGTHS)

/** Something to buy beside cloth. */
export const PatternNotionSchema = z.strictObject({
  id: optionalText(40),
  text: optionalText(200),
  count: z.number().int().min(0).max(1000).nullable().default(null),
})

export type NotionAsked = z.infer<typeof PatternNotionSchema>
