import { z } from 'zod'
import { readEnvelope } from '../../core/choose/envelope/readEnvelope'
import { NeedSchema } from '../../core/notebook/schemas/need'
import { AVOIDS, GARMENTS, ROLES } from '../../core/vocabulary/choosing'
import { computation } from './computation'

/** Longest text of an envelope that is read, characters. */
const MOST_TEXT = 20_000

export const EnvelopeRequest = z.strictObject({
  text: z.string().max(MOST_TEXT, { error: `at most ${MOST_TEXT} characters`, abort: true }),
})

export const EnvelopeResponse = z.object({
  garment: z.enum(GARMENTS).nullable(),
  roles: z.array(
    z.object({
      role: z.enum(ROLES),
      need: NeedSchema,
      lengths: z.array(
        z.object({
          size: z.string().nullable(),
          view: z.string().nullable(),
          widthMm: z.number(),
          lengthMm: z.number(),
          nap: z.boolean(),
          /** The line that it was read from. */
          from: z.string(),
        }),
      ),
    }),
  ),
  notions: z.array(
    z.object({
      id: z.string(),
      text: z.string(),
      count: z.number().nullable(),
      lengthMm: z.number().optional(),
      widthMm: z.number().optional(),
    }),
  ),
  name: z.string().nullable(),
  views: z.array(z.string()),
  avoid: z.array(z.object({ id: z.enum(AVOIDS), text: z.string() })),
  notRead: z.array(z.string()),
})

export const envelopeComputation = computation({
  name: 'envelope',
  summary: 'What a pattern’s envelope says, read into needs, lengths and notions.',
  request: EnvelopeRequest,
  response: EnvelopeResponse,
  example: { text: 'Light to mid-weight wovens such as chambray. Two-way stretch. 45" 2⅛ yd' },
  run: ({ text }) => readEnvelope(text),
})
