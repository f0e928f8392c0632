import { z } from 'zod'
import { type MatchVerdict, type Status } from '../../core/choose/fit/types'
import { match } from '../../core/choose/match'
import { offerFrom } from '../../core/fabric/offer'
import { pieceOffer } from '../../core/choose/pieceOffer'
import { type Offer } from '../../core/fabric/types'
import { NeedSchema, type Need } from '../../core/notebook/schemas/need'
import { notebook } from '../database'
import { findPattern } from '../records/patterns'
import { readStashEntry } from '../records/stash'
import { FabricSchema } from './fabric'
import { computation } from './computation'
import { NoSense } from './handle'
import { mustHave } from '@/core/lists/items'

export const STATUSES = ['good', 'near', 'bad', 'unknown'] as const satisfies readonly Status[]
export const MATCH_VERDICTS = [
  'suits',
  'suits-with-changes',
  'risky',
  'unsuitable',
] as const satisfies readonly MatchVerdict[]

/** An id that nothing has is no bad form: it is answered by its name. */
const id = z.union([z.string().min(1).max(64), z.number().int().min(0).max(1e9)]).transform(String)

export const MatchRequest = z
  .strictObject({
    need: NeedSchema.optional(),
    patternId: id.optional(),
    fabric: FabricSchema.optional(),
    fabricId: id.optional(),
  })
  .superRefine((body, context) => {
    for (const [whole, kept] of [
      ['need', 'patternId'],
      ['fabric', 'fabricId'],
    ] as const) {
      const given = [whole, kept].filter((key) => body[key] !== undefined).length
      if (given !== 1)
        context.addIssue({
          code: 'custom',
          path: [given === 0 ? whole : kept],
          message: `give either ${whole} or ${kept}, not both`,
        })
    }
  })

export const MatchResponse = z.object({
  score: z.number().min(0).max(1),
  interval80: z.tuple([z.number(), z.number()]),
  spread: z.string(),
  certainty: z.number().min(0).max(1),
  verdict: z.enum(MATCH_VERDICTS),
  reasons: z.array(z.object({ property: z.string(), status: z.enum(STATUSES), text: z.string() })),
  remedies: z.array(
    z.object({
      id: z.string(),
      text: z.string(),
      scoreAfter: z.number().min(0).max(1),
      costs: z.string().optional(),
    }),
  ),
  together: z.object({ ids: z.array(z.string()), text: z.string(), scoreAfter: z.number() }).nullable(),
  cautions: z.array(z.object({ id: z.string(), text: z.string() })),
  measureNext: z.array(z.object({ property: z.string(), gain: z.number() })),
})

export const matchComputation = computation({
  name: 'match',
  summary: 'How well a fabric suits a pattern’s needs, why, and what would rescue it.',
  request: MatchRequest,
  response: MatchResponse,
  example: {
    need: { garment: 'jumpsuit', role: 'main', details: ['belt'], season: 'mild', gsm: [150, 270] },
    fabric: { called: 'chambray', gsm: 150, fibres: ['cotton'], stretchPercent: { width: 3 }, body: 'soft' },
  },
  run: async (body) => match(await needOf(body), await offerOf(body)),
})

async function needOf({ need, patternId }: z.infer<typeof MatchRequest>): Promise<Need> {
  if (need) return need
  const pattern = await findPattern(await notebook(), mustHave(patternId))
  if (!pattern) throw new NoSense(['patternId'], `there is no pattern ${patternId} in this notebook`)
  return pattern.need
}

async function offerOf({ fabric, fabricId }: z.infer<typeof MatchRequest>): Promise<Offer> {
  if (fabric) return offerFrom(fabric)
  const entry = await readStashEntry(await notebook(), mustHave(fabricId), 'uk')
  if (!entry) throw new NoSense(['fabricId'], `there is no fabric ${fabricId} in this notebook`)
  return pieceOffer(entry, entry.sheet)
}
