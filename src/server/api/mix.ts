import { z } from 'zod'
import { offerFrom } from '../../core/fabric/offer'
import { mixFabrics } from '../../core/upcycle/mix/mix'
import { MIX_PROPERTIES, MIX_PURPOSES } from '../../core/upcycle/mix/types'
import { FabricSchema } from './fabric'
import { computation } from './computation'

export const MixRequest = z.strictObject({
  a: FabricSchema,
  b: FabricSchema,
  seamMm: z.number().gt(0, 'a seam is longer than nothing').max(100_000).default(600),
  washes: z.number().int().min(0).max(1000).default(5),
  purpose: z.enum(MIX_PURPOSES).default('garment'),
})

export const MixResponse = z.object({
  verdict: z.enum(['agrees', 'with-care', 'fights']),
  reasons: z.array(
    z.object({
      property: z.enum(MIX_PROPERTIES),
      status: z.enum(['good', 'near', 'bad', 'unknown']),
      id: z.string(),
      text: z.string(),
      mm: z.number().nullable(),
    }),
  ),
  remedies: z.array(z.object({ id: z.string(), text: z.string() })),
})

export const mixComputation = computation({
  name: 'mix',
  summary: 'Whether two fabrics can be combined, what the problems are, and what to do about them.',
  request: MixRequest,
  response: MixResponse,
  example: {
    a: { called: 'denim', gsm: 400, fibres: ['cotton'] },
    b: { called: 'jersey', gsm: 180, fibres: ['cotton', 'elastane'] },
    washes: 10,
  },
  run: ({ a, b, ...how }) => mixFabrics({ a: offerFrom(a), b: offerFrom(b), ...how }),
})
