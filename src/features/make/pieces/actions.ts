'use server'

import { z } from 'zod'
import { PatternPieceSchema, type PatternPiece } from '@/core/notebook/kinds/patternPiece'
import { PointSchema } from '@/core/notebook/schemas/laid'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { measuredKind } from '@/core/outlines/measured/kinds'
import { settleOutlines } from '@/core/outlines/settleOutlines'
import { ASKED_UNITS, type FoundOutlines } from '@/core/outlines/types'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { keepFound } from '@/server/records/patternPieces'
import { RefusedError } from '@/server/store/errors'
import { removeRecord } from '@/server/store/repository'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { sayingWhy } from '../../shared/outcome'
import { changeAction } from '../../shared/recordActions'

/** Pieces that were kept, and what of the file was not understood. */
export interface KeptPatternPieces {
  kept: number
  notRead: string[]
}

/** Largest file of outlines, bytes. */
const MOST_BYTES = 3_000_000

/** A form with `file`, `unit` where the file does not say its own, and `squareMm` of a test square. */
const SentDrawingSchema = z
  .instanceof(FormData, { error: 'No file was sent.' })
  .transform((form): { file: unknown; unit?: unknown; squareMm?: unknown } => {
    return { file: form.get('file'), unit: form.get('unit'), squareMm: Number(form.get('squareMm')) }
  })
  .pipe(
    z.object({
      file: z
        .instanceof(File, { error: 'No file was sent.' })
        .refine(({ size }) => size <= MOST_BYTES, 'The file is larger than 3 MB. Is it a line drawing?'),
      unit: z.enum(ASKED_UNITS).optional().catch(undefined),
      squareMm: z.number().positive().optional().catch(undefined),
    }),
  )

/** Keeps the pieces of a DXF or SVG file. */
export const addFromFile = action(
  [RecordIdSchema, SentDrawingSchema],
  async (patternId, { file, ...asked }) => {
    const outcome = await runJob('readOutlines', { text: await file.text(), asked })
    if ('refused' in outcome) throw new RefusedError(outcome.refused.message)
    return keepAll(patternId, outcome.found, { from: 'file', isAbout: false })
  },
  ['pattern-piece'],
  TOLD,
)

const MeasuresSchema = z.strictObject({
  kind: z.string().max(40),
  mm: z.record(z.string().max(40), z.number().min(10, 'at least 1 cm').max(10_000, 'at most 10 m')),
  allowance: z.number().min(0).max(100),
})

/** Keeps pieces that are drawn from measures. */
export const addFromMeasures = action(
  [RecordIdSchema, MeasuresSchema],
  async (patternId, { kind: kindId, mm, allowance }) => {
    const kind = measuredKind(kindId)
    if (!kind) throw new RefusedError('There is no such shape.')
    const pieces = await sayingWhy(() => kind.draw(mm, allowance))
    return keepAll(patternId, { pieces, notRead: [] }, { from: 'measures', isAbout: kind.isAbout })
  },
  ['pattern-piece'],
  TOLD,
)

const CornersSchema = z.strictObject({
  name: nameText,
  corners: listOf(PointSchema, 400),
  from: z.enum(['points', 'photograph']).default('points'),
})

/** Keeps one piece by its corners, mm. */
export const addFromCorners = action(
  [RecordIdSchema, CornersSchema],
  async (patternId, { name, corners, from }) => {
    const piece = settleOutlines({ name, outline: corners, notches: [], count: 1, pair: false, size: '' })
    if (typeof piece === 'string') throw new RefusedError(piece)
    return keepAll(patternId, { pieces: [piece], notRead: [] }, { from, isAbout: false })
  },
  ['pattern-piece'],
  TOLD,
)

async function keepAll(
  patternId: string,
  { pieces, notRead }: Pick<FoundOutlines, 'pieces' | 'notRead'>,
  rest: Pick<PatternPiece, 'from' | 'isAbout'>,
): Promise<KeptPatternPieces> {
  await keepFound(await notebook(), patternId, pieces, rest, now())
  return { kept: pieces.length, notRead: notRead.slice(0, 20) }
}

/** Changes a piece, where it still is as the person saw it. */
export const changePatternPiece = changeAction('pattern-piece', PatternPieceSchema)

/** Throws a piece away. */
export const dropPatternPiece = action(
  [RecordIdSchema],
  async (id) => {
    await removeRecord(await notebook(), 'pattern-piece', { id }, now())
  },
  ['pattern-piece'],
  TOLD,
)
