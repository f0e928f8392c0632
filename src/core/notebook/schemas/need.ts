import { z } from 'zod'
import { BODIES, OPACITIES } from '../../vocabulary/cloth'
import { AVOIDS, CARES, DETAILS, FASTNESSES, GARMENTS, PRINT_WISHES, ROLES, SEASONS } from '../../vocabulary/choosing'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { BodySchema, OpacitySchema } from './cloth'
import { FibreIdSchema } from './observation'
import { listOf, optionalText } from './text'

/** More cloths than any envelope names. */
const MOST_NAMED = 60

const span = (what: string, most: number) =>
  z
    .tuple([z.number().min(0).max(most), z.number().min(0).max(most)])
    .refine(([low, high]) => low <= high, `the ${what} must go from the lower to the higher`)

/**
 * What a pattern asks of its cloth. Whatever is left out follows from the garment and its details. Weights in g/m²,
 * stretch in per cent.
 */
export const NeedSchema = z.strictObject({
  garment: z.enum(GARMENTS).optional(),
  role: z.enum(ROLES).optional(),
  /** The cloths that the pattern takes, where more than one is asked about. */
  roles: listOf(z.enum(ROLES), ROLES.length).optional(),
  details: listOf(z.enum(DETAILS), DETAILS.length).optional(),
  season: z.enum(SEASONS).optional(),
  gsm: span('weights', 5000).optional(),
  structure: z.enum(['woven', 'knit', 'either']).optional(),
  stretchPercent: z
    .strictObject({ length: span('stretches', 400).optional(), width: span('stretches', 400).optional() })
    .optional(),
  body: listOf(BodySchema, BODIES.length).min(1, 'Please name at least one, or leave it out.').optional(),
  opacity: listOf(OpacitySchema, OPACITIES.length).min(1, 'Please name at least one, or leave it out.').optional(),
  /** Whether cloth with a pile or nap will do; laid one way, where the pattern gives lengths for that. */
  pile: z.enum(['no', 'yes', 'with-nap-layout']).optional(),
  /** Cloths that the pattern names, as they are written there. */
  called: listOf(optionalText(80), MOST_NAMED).optional(),
  /** Fibres that are wished for. */
  fibres: listOf(FibreIdSchema, FIBRE_IDS.length).optional(),
  /** What its looks may not be. */
  avoid: listOf(z.enum(AVOIDS), AVOIDS.length).optional(),
  /** What its colour has to outlast. */
  fastness: listOf(z.enum(FASTNESSES), FASTNESSES.length).optional(),
  /** How large a print may be. */
  print: z.enum(PRINT_WISHES).optional(),
  /** Per cent of a stretch that has to come back. */
  recoveryPercent: z.number().min(0).max(100).optional(),
  /** How it has to be looked after: in the machine, at any rate in water, or as it comes. */
  care: z.enum(CARES).optional(),
  /** Creases that stay spoil it. */
  creases: z.enum(['any', 'few']).optional(),
})

export type Need = z.infer<typeof NeedSchema>
