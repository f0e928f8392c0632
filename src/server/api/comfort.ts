import { z } from 'zod'
import { comfortOf } from '../../core/choose/comfort/comfort'
import { offerFrom } from '../../core/fabric/offer'
import { AIRINESS } from '../../core/fabric/openness'
import { FabricSchema } from './fabric'
import { computation } from './computation'

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

export const comfortComputation = computation({
  name: 'comfort',
  summary: 'How a fabric feels in hot, mild and cold weather.',
  request: ComfortRequest,
  response: ComfortResponse,
  example: { fabric: { called: 'linen', gsm: 160, fibres: ['linen'] }, nextToSkin: true },
  run: ({ fabric, nextToSkin }) => comfortOf(offerFrom(fabric), nextToSkin),
})
