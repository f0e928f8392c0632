import { z } from 'zod'
import { ASKED_UNITS, UNIT_MM, type UnitId } from '../../core/outlines/types'
import { MARK_KINDS } from '../../core/vocabulary/laying'
import { runJob } from '../jobs/pool'
import { formComputation } from './computation'
import { NoSense } from './handle'

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

export const outlinesComputation = formComputation({
  name: 'outlines',
  summary: 'A drawing (DXF or SVG) read into the pieces of a pattern.',
  request: OutlinesRequest,
  response: OutlinesResponse,
  file: 'file',
  fileWord: 'drawing',
  mostBytes: MOST_DRAWING_BYTES,
  example: { unit: 'mm' },
  run: async ({ file, ...asked }, signal) => {
    const outcome = await runJob('readOutlines', { text: await file.text(), asked }, signal)
    if ('refused' in outcome) throw new NoSense([outcome.refused.asks ?? 'file'], outcome.refused.message)
    const pieces = outcome.found.pieces.map((piece) => ({ ...piece, holes: [], size: piece.size || null }))
    return { ...outcome.found, pieces }
  },
})
