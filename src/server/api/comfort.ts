import { z } from 'zod'
import { comfortOf } from '../../core/choose/comfort/comfort'
import { offerFrom } from '../../core/fabric/offer'
import { AIRINESS } from '../../core/fabric/openness'
import { FabricSchema } from './fabric'
import { postJson } from './handle'

export const ComfortRequest = z.strictObject({ fabric: FabricSchema, nextToSkin: z.boolean().default(true) })

const interval80 = z.tuple([z.number(), z.number()])
const likely = z.object({ score: z.number().min(0).max(1), interval80 })

export const ComfortResponse = z.object({
  hot: likely,
  mild: likely,
  cold: likely,
  warmthClo: z.object({ value: z.number(), interval80 }),
  airPermeability: z.object({ word: z.enum(AIRINESS) }),
  regainPercent: z.number().nullable(),
  reasons: z.array(z.object({ id: z.string(), text: z.string() })),
  schools: z.array(z.object({ id: z.string(), picked: z.string(), text: z.string() })),
})

export const postComfort = postJson(ComfortRequest, ComfortResponse, ({ fabric, nextToSkin }) =>
  comfortOf(offerFrom(fabric), nextToSkin),
)
