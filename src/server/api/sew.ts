import { z } from 'zod'
import { offerFrom } from '../../core/fabric/offer'
import { sewAdvice } from '../../core/sew/advice'
import { refusalToWork } from '../../core/sew/refusal'
import { SURE_LINES, surenessOf } from '../../core/sew/sureness'
import { POINTS } from '../../core/sew/needle'
import { HEM_WORDS, SEAM_WORDS, type HemId, type SeamId } from '../../core/sew/seamWords'
import { STITCH_KINDS } from '../../core/sew/stitch'
import { THREADS } from '../../core/vocabulary/threads'
import { DETAILS, GARMENTS } from '../../core/vocabulary/choosing'
import { listOf } from '../../core/notebook/schemas/text'
import { FabricSchema } from './fabric'
import { computation } from './computation'

/** Sides that somebody takes, by matter; a matter or a side that nobody knows changes nothing. */
export const SchoolsSchema = z.record(z.string().max(40), z.string().max(40))

export const SewRequest = z.strictObject({
  fabric: FabricSchema,
  garment: z.enum(GARMENTS).optional(),
  details: listOf(z.enum(DETAILS), DETAILS.length).optional(),
  lined: z.boolean().optional(),
  machine: z
    .strictObject({
      overlocker: z.boolean().optional(),
      walkingFoot: z.boolean().optional(),
      smallestNeedle: z.number().min(40, 'NM, from 60').max(200, 'NM, to 120').optional(),
    })
    .optional(),
  schools: SchoolsSchema.optional(),
})

const because = z.array(z.string())
const others = z.array(z.object({ id: z.string(), text: z.string() }))
const span = z.tuple([z.number(), z.number()])
const said = z.object({ id: z.string(), text: z.string(), because, others })
const ranked = <Ids extends [string, ...string[]]>(ids: Ids) =>
  z.array(z.object({ id: z.enum(ids), rank: z.number().int(), text: z.string(), because }))
const told = z.array(z.object({ id: z.string(), text: z.string(), because }))

export const SewAdviceAnswer = z.object({
  needle: z.object({ nm: span, us: span, point: z.enum(POINTS), text: z.string(), because, others }),
  thread: z.object({
    choices: z.array(z.object({ fibre: z.enum(THREADS), rank: z.number().int(), text: z.string(), because })),
  }),
  stitch: z.object({ mm: span, kind: z.enum(STITCH_KINDS), text: z.string(), because, others }),
  foot: said,
  tension: said,
  cutting: z.object({
    layers: z.enum(['single', 'folded']),
    tool: z.string(),
    under: z.string(),
    text: z.string(),
    because,
    others,
  }),
  marking: said,
  pinning: said,
  pressing: z.object({
    ironDots: z.number().int().min(0).max(3),
    steam: z.boolean(),
    pressCloth: z.boolean(),
    side: z.enum(['face', 'wrong']),
    text: z.string(),
    because,
  }),
  interfacing: z.object({
    maxGsm: z.number(),
    construction: z.enum(['woven', 'knit', 'nonwoven']),
    attach: z.enum(['fusible', 'sew-in']),
    places: z.array(
      z.object({
        id: z.string(),
        place: z.string(),
        gsm: span,
        kind: z.enum(['woven', 'knit', 'nonwoven', 'hair-canvas', 'stay-tape']),
        attach: z.enum(['fusible', 'sew-in']),
        text: z.string(),
      }),
    ),
    text: z.string(),
    because,
    others,
  }),
  seams: ranked(Object.keys(SEAM_WORDS) as [SeamId, ...SeamId[]]),
  hems: ranked(Object.keys(HEM_WORDS) as [HemId, ...HemId[]]),
  order: told,
  warnings: told,
  /** How sure each line is, and what would settle it. */
  sureness: z.array(
    z.object({
      line: z.enum(SURE_LINES),
      share: z.number().min(0).max(1),
      word: z.enum(['sure', 'likely', 'open']),
      settle: z.string().nullable(),
    }),
  ),
})

/** What is not sewn at all: nothing is advised, and the reason stands in its place. */
const NotSewn = z.object({
  refused: z.object({ id: z.string(), text: z.string() }),
  thread: z.object({ choices: z.tuple([]) }),
  seams: z.tuple([]),
  hems: z.tuple([]),
  order: z.tuple([]),
  warnings: z.array(z.object({ id: z.string(), text: z.string(), because })),
})

export const SewResponse = z.union([SewAdviceAnswer, NotSewn])

export const sewComputation = computation({
  name: 'sew',
  summary: 'How to sew a fabric: needle, thread, stitch, cutting, pressing, seams and hems, in order.',
  request: SewRequest,
  response: SewResponse,
  example: { fabric: { called: 'denim', gsm: 400, fibres: ['cotton'] }, garment: 'trousers', lined: false },
  run: ({ fabric, ...rest }) => {
    const asked = { ...rest, offer: offerFrom(fabric) }
    const refused = refusalToWork(asked.offer)
    if (refused) {
      const warnings = [{ ...refused, because: [refused.id] }]
      return { refused, thread: { choices: [] }, seams: [], hems: [], order: [], warnings }
    }
    return { ...sewAdvice(asked), sureness: surenessOf(asked) }
  },
})
