import { z } from 'zod'
import { offerFrom } from '../../core/fabric/offer'
import { seededRandom } from '../../core/numbers/seededRandom'
import { listOf } from '../../core/notebook/schemas/text'
import { minutesOf } from '../../core/prepare/minutes'
import { planPreparation, type PlannedStep } from '../../core/prepare/prepare'
import { STEP_KINDS } from '../../core/prepare/step'
import { SHADES, WASHES } from '../../core/prepare/washing'
import { DETAILS, GARMENTS } from '../../core/vocabulary/choosing'
import { FabricSchema } from './fabric'
import { computation } from './computation'
import { NoSense } from './handle'
import { SchoolsSchema } from './sew'
import { mustHave } from '@/core/lists/items'

const TimeSchema = z
  .string()
  .refine((written) => minutesOf(written) !== undefined, 'a time is written 2026-05-02T09:00')

/** Where nobody weighed it, and it has no size: a dress length, g. */
const USUAL_GRAMS = 500

export const PrepareRequest = z.strictObject({
  pieces: listOf(
    z.strictObject({
      id: z.string().min(1).max(64),
      fabric: FabricSchema,
      grams: z.number().gt(0, 'a fabric weighs more than nothing').max(100_000).optional(),
      willBeWashed: z.enum(WASHES).default('warm'),
      shade: z.enum(SHADES).default('light'),
      bleeds: z.boolean().nullable().default(null),
      testSquare: z.enum(['passed']).nullable().default(null),
      isSecondHand: z.boolean().optional(),
      isMusty: z.boolean().optional(),
    }),
    60,
  ).min(1, 'at least one piece'),
  project: z
    .strictObject({
      garment: z.enum(GARMENTS).optional(),
      details: listOf(z.enum(DETAILS), DETAILS.length).optional(),
    })
    .nullable()
    .default(null),
  household: z
    .strictObject({
      washerKg: z.number().gt(0).max(50).default(6),
      dryer: z.boolean().default(false),
      lineMetres: z.number().min(0).max(500).default(10),
      celsius: z.number().min(-10).max(45).default(18),
      humidityPercent: z.number().min(5).max(98).default(60),
    })
    .prefault({}),
  free: listOf(z.strictObject({ start: TimeSchema, end: TimeSchema }), 400).default([]),
  schools: SchoolsSchema.default({}),
})

const minutes = z.number().int().min(0)

export const PrepareResponse = z.object({
  steps: z.array(
    z.object({
      id: z.string(),
      kind: z.enum(STEP_KINDS),
      pieces: z.array(z.string()),
      text: z.string(),
      why: z.string(),
      hands: minutes,
      wait: z.tuple([minutes, minutes]),
      after: z.array(z.string()),
      start: z.string().nullable(),
      end: z.string().nullable(),
      risk: z.string(),
    }),
  ),
  loads: z.array(
    z.object({ id: z.string(), pieces: z.array(z.string()), kg: z.number(), celsius: z.number(), text: z.string() }),
  ),
  criticalPath: z.array(z.string()),
  finish: z.string().nullable(),
  unscheduled: z.array(z.string()),
  warnings: z.array(z.object({ id: z.string(), text: z.string() })),
})

export const prepareComputation = computation({
  name: 'prepare',
  summary: 'Steps from new fabric to the last hem, in loads, planned into your free time.',
  request: PrepareRequest,
  response: PrepareResponse,
  example: {
    pieces: [{ id: 'sheet', fabric: { called: 'poplin', fibres: ['cotton'], lengthMm: 2500 }, willBeWashed: 'warm' }],
    project: { garment: 'shirt' },
    free: [{ start: '2026-05-02T09:00', end: '2026-05-02T18:00' }],
  },
  run: ({ pieces, free, project, ...rest }) => {
    const seen = new Set<string>()
    pieces.forEach(({ id }, i) => {
      if (seen.has(id)) throw new NoSense(['pieces', i, 'id'], 'two fabrics have this id')
      seen.add(id)
    })
    const windows = free.map(({ start, end }, i) => {
      const window = { start: mustHave(minutesOf(start)), end: mustHave(minutesOf(end)) }
      if (window.end <= window.start) throw new NoSense(['free', i, 'end'], 'it ends before it begins')
      return window
    })
    const planned = pieces.map(({ fabric, grams, ...piece }) => {
      const offer = offerFrom(fabric)
      return { ...piece, offer, grams: grams ?? gramsOf(fabric, offer.gsm?.value.value) }
    })
    const one = { pieces: planned, project: project && cleaned(project) }
    const { steps, ...plan } = planPreparation(one, { free: windows, ...rest }, seededRandom(1))
    return { ...plan, steps: steps.map(toldOf) }
  },
})

/** A step as it is answered: what it uses of the household is the program's own. */
const toldOf = ({ id, kind, pieces, text, why, hands, wait, after, start, end, risk }: PlannedStep) => ({
  ...{ id, kind, pieces, text, why, hands, wait, after, start, end, risk },
})

const cleaned = ({ garment, details }: NonNullable<z.output<typeof PrepareRequest>['project']>) => ({
  ...(garment && { garment }),
  ...(details && { details }),
})

function gramsOf({ widthMm, lengthMm }: z.output<typeof FabricSchema>, gsm: number | undefined): number {
  return widthMm && lengthMm && gsm ? Math.min(100_000, (widthMm * lengthMm * gsm) / 1e6) : USUAL_GRAMS
}
