import { z } from 'zod'
import { offerFrom } from '../../core/fabric/offer'
import { GarmentMeasureSchema } from '../../core/notebook/kinds/garment'
import { listOf } from '../../core/notebook/schemas/text'
import { TAKEN } from '../../core/upcycle/teardown/blocks'
import { tornDown } from '../../core/upcycle/teardown/teardown'
import { SEAM_MAKES, SEAM_WAYS, WORN_PLACES } from '../../core/upcycle/teardown/types'
import { FabricSchema } from './fabric'
import { computation } from './computation'

export const TeardownRequest = z.strictObject({
  garment: z.enum(TAKEN),
  fabric: FabricSchema.default({}),
  chestMm: GarmentMeasureSchema,
  hipMm: GarmentMeasureSchema,
  lengthMm: GarmentMeasureSchema,
  sleeveMm: GarmentMeasureSchema,
  seams: z.enum(SEAM_MAKES).default('unknown'),
  worn: listOf(z.enum(WORN_PLACES), WORN_PLACES.length).default([]),
})

const told = z.array(z.object({ id: z.string(), text: z.string() }))
const outline = z.array(z.tuple([z.number(), z.number()]))
const amount = z.number().min(0)

export const TeardownResponse = z.object({
  plan: z.array(
    z.object({
      seam: z.string(),
      way: z.enum(SEAM_WAYS),
      make: z.enum(SEAM_MAKES),
      minutes: amount,
      loses: amount,
      tool: z.string(),
      text: z.string(),
      because: z.string(),
    }),
  ),
  minutes: amount,
  panels: z.array(
    z.object({
      id: z.string(),
      outline,
      holes: z.array(outline),
      warpDeg: z.number(),
      count: z.number().int(),
    }),
  ),
  clothMm2: z.object({ value: amount, interval80: z.tuple([amount, amount]) }),
  yields: z.string(),
  worth: z.object({ id: z.string(), text: z.string() }),
  keep: told,
  cautions: told,
})

export const teardownComputation = computation({
  name: 'teardown',
  summary: 'How to take a garment apart, seam by seam, and the panels that it yields.',
  request: TeardownRequest,
  response: TeardownResponse,
  example: {
    garment: 'shirt',
    fabric: { called: 'poplin' },
    chestMm: 1100,
    lengthMm: 760,
    sleeveMm: 600,
    worn: ['elbows'],
  },
  run: ({ fabric, ...asked }) => tornDown({ ...asked, offer: offerFrom(fabric) }),
})
