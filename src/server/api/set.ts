import { z } from 'zod'
import { judgeSet } from '../../core/choose/set/set'
import { PAIR_PROPERTIES, SET_PARTS } from '../../core/choose/set/types'
import { offerFrom } from '../../core/fabric/offer'
import { NeedSchema } from '../../core/notebook/schemas/need'
import { listOf } from '../../core/notebook/schemas/text'
import { GsmSchema } from '../../core/notebook/schemas/weighing'
import { FIBRE_IDS } from '../../core/vocabulary/fibres'
import { FabricSchema, SharedFibreSchema } from './fabric'
import { computation } from './computation'
import { MATCH_VERDICTS, STATUSES } from './match'

/** Layers of interfacing that anybody would lay over one another. */
const MOST_LAYERS = 6

export const SetRequest = z.strictObject({
  need: NeedSchema.optional(),
  main: FabricSchema,
  lining: FabricSchema.optional(),
  interfacing: z
    .strictObject({
      gsm: GsmSchema.optional(),
      construction: z.enum(['woven', 'knit', 'nonwoven']).optional(),
      attach: z.enum(['fusible', 'sew-in']).optional(),
      count: z.number().int().min(1).max(MOST_LAYERS).optional(),
    })
    .optional(),
  wadding: z
    .strictObject({
      gsm: GsmSchema.optional(),
      loftMm: z.number().gt(0).max(200).optional(),
      fibres: listOf(SharedFibreSchema, FIBRE_IDS.length).optional(),
    })
    .optional(),
})

const part = z.enum(SET_PARTS)

export const SetResponse = z.object({
  score: z.number().min(0).max(1),
  verdict: z.enum(MATCH_VERDICTS),
  worst: z.tuple([part, part]).nullable(),
  pairs: z.array(
    z.object({
      between: z.tuple([part, part]),
      property: z.enum(PAIR_PROPERTIES),
      status: z.enum(STATUSES),
      id: z.string(),
      text: z.string(),
    }),
  ),
  care: z.object({
    washCelsius: z.number().nullable(),
    tumble: z.boolean(),
    ironDots: z.number(),
    text: z.string(),
  }),
  remedies: z.array(z.object({ id: z.string(), text: z.string(), scoreAfter: z.number() })),
})

export const setComputation = computation({
  name: 'set',
  summary: 'Whether a fabric, its lining, interfacing and wadding go together.',
  request: SetRequest,
  response: SetResponse,
  example: {
    need: { garment: 'coat' },
    main: { called: 'melton', gsm: 480, fibres: [{ fibre: 'wool', share: 'main' }] },
    lining: { called: 'lining', gsm: 80, fibres: ['acetate'] },
    interfacing: { gsm: 90, construction: 'woven', attach: 'fusible', count: 2 },
    wadding: { gsm: 100, loftMm: 6, fibres: ['polyester'] },
  },
  run: ({ need, main, lining, interfacing, wadding }) => {
    const answer = judgeSet(
      {
        main: offerFrom(main),
        lining: lining && offerFrom(lining),
        interfacing,
        wadding: wadding && {
          ...wadding,
          offer: offerFrom({ called: 'wadding', gsm: wadding.gsm, fibres: wadding.fibres }),
        },
      },
      need,
    )
    return { ...answer, care: { ...answer.care, tumble: answer.care.tumble !== 'never' } }
  },
})
