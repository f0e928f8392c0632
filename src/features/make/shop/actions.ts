'use server'

import { z } from 'zod'
import { LISTED_WEIGHT_IDS } from '@/core/choose/listing/listed'
import { checkListing } from '@/core/choose/listing/listing'
import { optionalText } from '@/core/notebook/schemas/text'
import { notebook } from '@/server/database'
import { listPatterns } from '@/server/records/patterns'
import { plainAction } from '../../shared/action'

const ListedSchema = z.strictObject({
  called: optionalText(120),
  weight: z.number().min(0).max(5000).nullable(),
  weightIn: z.enum(LISTED_WEIGHT_IDS),
  widthMm: z.number().min(50).max(5000).nullable(),
  fibres: optionalText(200),
  price: z.number().min(0).max(1e6).nullable(),
  pricePer: z.enum(['metre', 'yard']),
})

/** Patterns that a listing is held against at once. */
const MOST_PATTERNS = 200

/** What an online shop’s words come to. */
export const checkListed = plainAction([ListedSchema], async (listed) => {
  const patterns = (await listPatterns(await notebook())).slice(0, MOST_PATTERNS)
  return checkListing(listed, patterns)
})
