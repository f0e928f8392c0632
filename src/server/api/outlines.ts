import { z } from 'zod'
import { ASKED_UNITS, UNIT_MM, type UnitId } from '../../core/outlines/types'
import { MARK_KINDS } from '../../core/vocabulary/laying'
import { runJob } from '../jobs/pool'
import { problem, problemOf, problemOfHeavy } from './problem'

/** The largest drawing that is read, bytes. */
export const MOST_DRAWING_BYTES = 12 * 1024 * 1024

export const OutlinesRequest = z.strictObject({
  /** A DXF or SVG file. */
  file: z.file('a DXF or SVG file is needed'),
  unit: z.enum(ASKED_UNITS).optional(),
  squareMm: z.coerce.number('a number is needed').gt(0, 'a side is more than zero').max(10_000).optional(),
})

const point = z.tuple([z.number(), z.number()])

export const OutlinesResponse = z.object({
  pieces: z.array(
    z.object({
      name: z.string(),
      outline: z.array(point),
      holes: z.array(z.array(point)),
      notches: z.array(z.object({ id: z.string(), at: point })),
      marks: z.array(z.object({ is: z.enum(MARK_KINDS), points: z.array(point) })),
      warpDeg: z.number(),
      onFold: z.boolean(),
      count: z.number(),
      pair: z.boolean(),
      size: z.string().nullable(),
    }),
  ),
  unit: z.object({
    is: z.enum(Object.keys(UNIT_MM) as [UnitId, ...UnitId[]]),
    by: z.enum(['header', 'words', 'asked', 'assumed', 'square']),
  }),
  notRead: z.array(z.string()),
})

const tooLarge = () =>
  problem(413, 'too-large', 'The drawing is larger than 12 MiB.', [{ path: 'file', message: 'too large' }])

/** POST /api/v1/outlines: a drawing in, its pieces out; 422 with a reason where nothing could be cut from it. */
export async function postOutlines(request: Request): Promise<Response> {
  // The form’s own marks take a little more than the file.
  if (Number(request.headers.get('content-length') ?? 0) > MOST_DRAWING_BYTES + 64 * 1024) return tooLarge()
  let form: FormData
  try {
    form = await request.formData()
  } catch {
    const message = 'the body is not multipart/form-data'
    return problem(400, 'bad-input', 'The body must be multipart/form-data.', [{ path: 'body', message }])
  }
  const parsed = OutlinesRequest.safeParse(Object.fromEntries(form))
  if (!parsed.success) return problemOf(parsed.error)
  const { file, ...asked } = parsed.data
  if (file.size > MOST_DRAWING_BYTES) return tooLarge()
  try {
    const outcome = await runJob('readOutlines', { text: await file.text(), asked }, request.signal)
    if ('refused' in outcome) {
      const { message, asks } = outcome.refused
      return problem(422, 'makes-no-sense', message, [{ path: asks ?? 'file', message }])
    }
    const pieces = outcome.found.pieces.map((piece) => ({ ...piece, holes: [], size: piece.size || null }))
    return Response.json(OutlinesResponse.parse({ ...outcome.found, pieces }))
  } catch (error) {
    const refused = problemOfHeavy(error, 'file')
    if (refused) return refused
    throw error
  }
}
