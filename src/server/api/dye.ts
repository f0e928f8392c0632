import { z } from 'zod'
import { planDyeing } from '../../core/dye/dye'
import { DYE_FINISHES, DYE_THREADS } from '../../core/vocabulary/dyes'
import { DYE_CLASSES } from '../../core/vocabulary/dyes'
import { mixOf } from '../../core/fabric/mix'
import { listOf } from '../../core/notebook/schemas/text'
import { FIBRE_IDS } from '../../core/vocabulary/fibres'
import { HexSchema, SharedFibreSchema } from './fabric'
import { computation } from './computation'

export const DyeRequest = z.strictObject({
  fibres: listOf(SharedFibreSchema, FIBRE_IDS.length).min(1, 'at least one fibre'),
  thread: z.enum(DYE_THREADS).nullable().default(null),
  /** Of the dry goods. */
  grams: z.number().gt(0, 'it weighs more than nothing').max(50_000, 'more than any pot holds').default(500),
  from: HexSchema.default('#ffffff'),
  to: HexSchema,
  finish: z.enum(DYE_FINISHES).nullable().default(null),
})

const told = z.array(z.object({ id: z.string(), text: z.string() }))
const colour = z.string()
const amount = z.number().min(0)

export const DyeResponse = z.object({
  verdict: z.enum(['takes', 'in-part', 'hardly', 'no']),
  bath: z.enum(DYE_CLASSES),
  text: z.string(),
  byFibre: z.array(
    z.object({
      fibre: z.string(),
      dyeClass: z.enum(DYE_CLASSES),
      uptake: z.number().min(0).max(1),
      colour,
      text: z.string(),
    }),
  ),
  seams: z.object({ show: z.boolean(), colour, text: z.string() }),
  expected: colour,
  interval: z.tuple([colour, colour]),
  reachable: z.boolean(),
  nearest: colour,
  nearestDeltaE: z.number(),
  strip: z.object({ advised: z.boolean(), id: z.string(), text: z.string(), cautions: told }).nullable(),
  amounts: z.object({
    dyeGrams: z.tuple([amount, amount]),
    waterLitres: amount,
    salt: amount.nullable(),
    alkali: amount.nullable(),
    alkaliCrystals: amount.nullable(),
    acid: amount.nullable(),
  }),
  steps: told,
  lasts: z.string(),
  cautions: told,
})

export const dyeComputation = computation({
  name: 'dye',
  summary: 'Whether a fabric takes dye, the expected colour, the recipe, and what to watch out for.',
  request: DyeRequest,
  response: DyeResponse,
  example: {
    fibres: [
      { fibre: 'cotton', share: 'main' },
      { fibre: 'polyester', share: 'minor' },
    ],
    grams: 400,
    to: '#204080',
  },
  run: ({ fibres, ...asked }) => planDyeing({ ...asked, mix: mixOf(fibres) }),
})
