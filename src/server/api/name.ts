import { z } from 'zod'
import { INSPECTION_IDS } from '../../core/vocabulary/inspection'
import { nameCloth } from '../../core/cloths/name'
import { DescriptionSchema } from '../../core/notebook/schemas/inspection'
import { postJson } from './handle'

export const NameRequest = DescriptionSchema

export const NameResponse = z.object({
  names: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      also: z.array(z.string()),
      probability: z.number().min(0).max(1.0000001),
      for: z.array(z.string()),
      against: z.array(z.string()),
      makes: z.string(),
    }),
  ),
  next: z.array(z.object({ feature: z.enum(INSPECTION_IDS), bits: z.number(), text: z.string() })),
  warnings: z.array(z.string()),
})

export const postName = postJson(NameRequest, NameResponse, (description) => nameCloth(description))
