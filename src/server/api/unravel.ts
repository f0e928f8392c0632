import { z } from 'zod'
import { mixOf } from '../../core/fabric/mix'
import { listOf } from '../../core/notebook/schemas/text'
import { KNIT_SEAMS, planUnravelling, YARN_SURFACES } from '../../core/upcycle/unravel/unravel'
import { YARN_CLASSES, type YarnClass } from '../../core/upcycle/unravel/yarn'
import { CONSTRUCTIONS } from '../../core/vocabulary/cloth'
import { FIBRE_IDS } from '../../core/vocabulary/fibres'
import { SharedFibreSchema } from './fabric'
import { computation } from './computation'

export const UnravelRequest = z.strictObject({
  construction: z.enum(CONSTRUCTIONS).default('knit'),
  seams: z.enum(KNIT_SEAMS).default('unknown'),
  grams: z.number().gt(0, 'it weighs more than nothing').max(20_000, 'that is heavier than any jumper'),
  fibres: listOf(SharedFibreSchema, FIBRE_IDS.length).default([]),
  strands: z.number().int().min(1).max(20).default(1),
  wrapsPerInch: z.number().min(1).max(100).nullable().default(null),
  surface: z.enum(YARN_SURFACES).default('plain'),
})

export const UnravelResponse = z.object({
  verdict: z.enum(['yes', 'with-patience', 'no']),
  reasons: z.array(z.object({ id: z.string(), text: z.string(), against: z.number().int() })),
  metres: z.object({ value: z.number(), interval80: z.tuple([z.number(), z.number()]) }).nullable(),
  yarnClass: z.enum(Object.keys(YARN_CLASSES) as [YarnClass, ...YarnClass[]]).nullable(),
  balls: z.number().int().nullable(),
  minutes: z.number().int().nullable(),
  steps: z.array(z.object({ id: z.string(), text: z.string() })),
})

export const unravelComputation = computation({
  name: 'unravel',
  summary: 'Whether you can unravel a knit, how much yarn you get, and how.',
  request: UnravelRequest,
  response: UnravelResponse,
  example: { grams: 420, fibres: [{ fibre: 'wool', share: 'all' }], seams: 'linked', wrapsPerInch: 11 },
  run: ({ fibres, ...asked }) => planUnravelling({ ...asked, mix: mixOf(fibres) }),
})
