import { z } from 'zod'
import { FAMILIES, FIBRE_IDS } from '../../core/fibres/types'
import { identify } from '../../core/identify/identify'
import { PARTS } from '../../core/identify/types'
import { ClaimSchema, ObservationSchema } from '../../core/notebook/records'
import { postJson } from './handle'

const year = z.number().int().min(1700).max(2100)

export const IdentifyRequest = z.strictObject({
  observations: z.array(ObservationSchema).max(400, 'that is more than anybody burns'),
  claim: ClaimSchema.optional(),
  made: z
    .strictObject({ after: year.optional(), before: year.optional() })
    .superRefine(({ after, before }, context) => {
      if (after !== undefined && before !== undefined && after >= before) {
        context.addIssue({ code: 'custom', path: ['after'], message: 'the garment must be made after the earlier and before the later year' })
      }
    })
    .optional(),
  controls: z.literal('none', { error: 'only "none" so far: no controls are kept yet' }).default('none'),
})

const fibre = z.enum(FIBRE_IDS)
const family = z.enum(FAMILIES)
const part = z.enum(PARTS)
const probability = z.number().min(0).max(1)

const onePart = {
  families: z.array(z.object({ id: family, present: probability, only: probability })),
  fibres: z.array(z.object({ id: fibre, family, present: probability, only: probability })),
  hypotheses: z.array(z.object({
    id: z.string(),
    fibres: z.array(z.object({ id: fibre, share: z.enum(['all', 'main', 'even', 'minor']) })),
    probability,
  })),
  verdict: z.object({
    level: z.enum(['fibre', 'blend', 'family', 'group', 'undecided']),
    ids: z.array(z.string()),
    sides: z.array(z.array(z.string())),
    leaning: z.array(fibre),
    leaningProbability: probability,
    probability,
    text: z.string(),
  }),
  claim: z.object({ verdict: z.enum(['supported', 'doubtful', 'contradicted', 'untested']), bayesFactor: z.number(), text: z.string() }).optional(),
  next: z.array(z.object({ feature: z.string(), part, bits: z.number(), hazard: z.string(), text: z.string() })),
  conflicts: z.array(z.object({ features: z.tuple([z.string(), z.string()]), text: z.string() })),
  evidence: z.array(z.object({ feature: z.string(), part, states: z.array(z.string()), bits: z.record(family, z.number()) })),
}

export const IdentifyResponse = z.object({ ...onePart, byPart: z.partialRecord(part, z.object(onePart)).optional() })

export const postIdentify = postJson(IdentifyRequest, ({ observations, claim, made }): z.input<typeof IdentifyResponse> => {
  const answer = identify({ observations, claim, made })
  return IdentifyResponse.parse(answer)
})
