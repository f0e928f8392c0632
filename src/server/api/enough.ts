import { z } from 'zod'
import { howMuchIsNeeded } from '../../core/choose/enough/enough'
import { offerFrom } from '../../core/fabric/offer'
import { listOf } from '../../core/notebook/schemas/text'
import { FabricSchema, FabricLengthSchema, WidthSchema } from './fabric'
import { computation } from './computation'
import { NoSense } from './handle'

/** Longest repeat of a print, mm. */
const repeat = z.number().min(0).max(3000)
/** More rows than any envelope has. */
const MOST_LENGTHS = 200
const MOST_PIECES = 400

const EnoughFabricSchema = FabricSchema.extend({
  lengthMm: FabricLengthSchema.nullable().optional(),
  oneWay: z.boolean().optional(),
  repeatMm: z.strictObject({ length: repeat.optional(), width: repeat.optional() }).optional(),
  selvedgeMm: z.number().min(0).max(200).optional(),
})

export const EnoughRequest = z.strictObject({
  lengths: listOf(
    z.strictObject({
      widthMm: WidthSchema,
      lengthMm: z.number().gt(0, 'a length is more than zero').max(1_000_000),
      nap: z.boolean().default(false),
    }),
    MOST_LENGTHS,
  ).min(1, 'give at least one length from the envelope'),
  fabric: EnoughFabricSchema,
  pieces: z.number().int().min(1).max(MOST_PIECES).optional(),
  marginMm: z.number().min(0).max(10_000).default(0),
  copies: z.number().int().min(1).max(100).default(1),
})

export const EnoughResponse = z.object({
  needMm: z.number(),
  interval80: z.tuple([z.number(), z.number()]),
  haveMm: z.number().nullable(),
  verdict: z.enum(['enough', 'perhaps', 'short', 'lay-it-out', 'buy']),
  parts: z.array(z.object({ id: z.string(), addMm: z.number(), text: z.string() })),
  buy: z.object({ metres: z.number(), yards: z.number(), text: z.string() }),
})

export const enoughComputation = computation({
  name: 'enough',
  summary: 'Whether a length is enough by an envelope’s table, and what to buy.',
  request: EnoughRequest,
  response: EnoughResponse,
  example: {
    lengths: [{ widthMm: 1120, lengthMm: 2100, nap: false }],
    fabric: { widthMm: 1400, lengthMm: 2000, oneWay: true, repeatMm: { length: 320, width: 0 }, washed: false },
    pieces: 9,
    marginMm: 100,
  },
  run: ({ fabric, ...rest }) => {
    const { oneWay, repeatMm, selvedgeMm, lengthMm, ...described } = fabric
    const { widthMm } = described
    if (selvedgeMm !== undefined && widthMm !== undefined && 2 * selvedgeMm >= widthMm)
      throw new NoSense(['fabric', 'selvedgeMm'], 'the selvedges leave nothing of the width')
    return howMuchIsNeeded({
      ...rest,
      fabric: { widthMm, oneWay, repeatMm, selvedgeMm, lengthMm: lengthMm ?? undefined, offer: offerFrom(described) },
    })
  },
})
