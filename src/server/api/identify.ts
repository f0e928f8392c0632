import { z } from 'zod'
import { FAMILIES, FIBRE_IDS } from '../../core/vocabulary/fibres'
import { identify } from '../../core/identify/identify'
import { ASKS, PARTS, TOOLS } from '../../core/vocabulary/observations'
import { ClaimSchema } from '../../core/notebook/schemas/claim'
import { ControlBurnSchema } from '../../core/notebook/schemas/controlBurn'
import { HistorySchema, MadeSchema } from '../../core/notebook/schemas/history'
import { MOST_OBSERVATIONS, ObservationSchema } from '../../core/notebook/schemas/observation'
import { listOf } from '../../core/notebook/schemas/text'
import { computation } from './computation'

export const IdentifyRequest = z.strictObject({
  observations: listOf(ObservationSchema, MOST_OBSERVATIONS, 'that is more than anybody burns'),
  claim: ClaimSchema.optional(),
  made: MadeSchema.optional(),
  /** What else is known of its past. */
  history: HistorySchema.omit({ made: true }).optional(),
  /** What the person wants to know: it decides which test is offered next. */
  asks: z.enum(ASKS).optional(),
  atHand: listOf(z.enum(TOOLS), TOOLS.length).optional(),
  /** Known pieces as this person answered them, or "none". */
  controls: z.union([z.literal('none'), listOf(ControlBurnSchema, 200)]).default('none'),
})

const fibre = z.enum(FIBRE_IDS)
const family = z.enum(FAMILIES)
const part = z.enum(PARTS)
const probability = z.number().min(0).max(1)

const onePart = {
  families: z.array(z.object({ id: family, present: probability, only: probability })),
  fibres: z.array(z.object({ id: fibre, family, present: probability, only: probability })),
  hypotheses: z.array(
    z.object({
      id: z.string(),
      fibres: z.array(z.object({ id: fibre, share: z.enum(['all', 'main', 'even', 'minor']) })),
      probability,
    }),
  ),
  verdict: z.object({
    level: z.enum(['fibre', 'blend', 'family', 'group', 'undecided']),
    ids: z.array(z.string()),
    sides: z.array(z.array(z.string())),
    sure: family.nullable(),
    leaning: z.array(fibre),
    leaningProbability: probability,
    probability,
    text: z.string(),
  }),
  claim: z
    .object({
      verdict: z.enum(['supported', 'doubtful', 'contradicted', 'untested']),
      bayesFactor: z.number(),
      text: z.string(),
      signs: z.array(
        z.object({ feature: z.string(), part, expected: z.string(), seen: z.array(z.string()), bits: z.number() }),
      ),
    })
    .optional(),
  asked: z.object({ asks: z.enum(ASKS), probability, text: z.string() }),
  stop: z.string().nullable(),
  history: z
    .object({
      families: z.array(z.object({ id: family, without: probability, with: probability })),
      text: z.string(),
    })
    .optional(),
  next: z.array(z.object({ feature: z.string(), part, bits: z.number(), hazard: z.string(), text: z.string() })),
  warnings: z.array(z.object({ id: z.string(), text: z.string() })),
  conflicts: z.array(z.object({ features: z.tuple([z.string(), z.string()]), text: z.string() })),
  evidence: z.array(
    z.object({
      feature: z.string(),
      part,
      states: z.array(z.string()),
      bits: z.record(family, z.number()),
      mixture: z.object({ families: z.array(family), bits: z.number() }).optional(),
    }),
  ),
}

export const IdentifyResponse = z.object({
  ...onePart,
  byPart: z.partialRecord(part, z.object(onePart)).optional(),
  parts: z.object({ differ: probability.nullable(), text: z.string() }).optional(),
})

export const identifyComputation = computation({
  name: 'identify',
  summary: 'What is this fabric made of, given these answers?',
  request: IdentifyRequest,
  response: IdentifyResponse,
  example: {
    observations: [
      { feature: 'smell', states: ['hair-feather'], part: 'whole' },
      { feature: 'residue', states: ['crushable-bead'], part: 'warp' },
    ],
    claim: [{ fibre: 'silk', percent: 100 }],
    made: { after: 1950, before: 1965 },
    history: { kind: 'lining' },
    atHand: ['flame'],
    controls: [{ fibre: 'wool', observations: [{ feature: 'smell', states: ['hair-feather'] }] }],
  },
  run: ({ made, history, controls, ...question }) =>
    identify({ ...question, history: { ...history, made }, controls: controls === 'none' ? [] : controls }),
})
