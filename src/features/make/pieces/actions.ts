'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { PatternPieceSchema, type PatternPiece } from '@/core/notebook/kinds/patternPiece'
import { PointSchema } from '@/core/notebook/schemas/laid'
import { RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { measuredKind } from '@/core/outlines/measured/kinds'
import { settleOutlines } from '@/core/outlines/settleOutlines'
import { ASKED_UNITS, NoOutlines, type FoundOutlines } from '@/core/outlines/types'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { isHeavyRefusal } from '@/server/jobs/refusal'
import { keepFound } from '@/server/patternPieces'
import { changeRecord, removeRecord } from '@/server/store/repository'
import { doneOf, outcomeOf, type Done, type Outcome, type Refusal, refusedFor } from '../../shared/outcome'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

/** Pieces that were kept, and what of the file was not understood. */
export type KeptPatternPiece = { ok: true; kept: number; notRead: string[] } | (Refusal & { asks?: 'unit' })

/** Largest file of outlines, bytes. */
const MOST_BYTES = 3_000_000

/**
 * Keeps the pieces of a DXF or SVG file.
 * @param form with `file`, `unit` where the file does not say its own, and `squareMm` of a test square
 */
export async function addFromFile(
  patternId: ActionInput<typeof RecordIdSchema>,
  form: FormData,
): Promise<KeptPatternPiece> {
  const id = parseOr404(RecordIdSchema, patternId)
  const file = form instanceof FormData ? form.get('file') : null
  if (!(file instanceof Blob)) return refusedFor('No file came along.')
  if (file.size > MOST_BYTES) return refusedFor('The file is larger than 3 MB: is it a drawing of lines?')
  const square = Number(form instanceof FormData ? form.get('squareMm') : NaN)
  const unit = ASKED_UNITS.find((one) => form instanceof FormData && form.get('unit') === one)
  const asked = { ...(unit && { unit }), ...(square > 0 && { squareMm: square }) }
  const outcome = await runJob('readOutlines', { text: await file.text(), asked }).catch((error: unknown) => {
    if (isHeavyRefusal(error)) return { refused: { message: error.message, asks: undefined } }
    throw error
  })
  if ('refused' in outcome) {
    const { message, asks } = outcome.refused
    return { ...refusedFor(message), ...(asks && { asks }) }
  }
  return keepAll(id, () => outcome.found, { from: 'file', isAbout: false })
}

const MeasuresSchema = z.strictObject({
  kind: z.string().max(40),
  mm: z.record(z.string().max(40), z.number().min(10, 'at least 1 cm').max(10_000, 'at most 10 m')),
  allowance: z.number().min(0).max(100),
})

/** Keeps pieces that are drawn from measures. */
export async function addFromMeasures(
  patternId: ActionInput<typeof RecordIdSchema>,
  input: ActionInput<typeof MeasuresSchema>,
): Promise<KeptPatternPiece> {
  const id = parseOr404(RecordIdSchema, patternId)
  const parsed = MeasuresSchema.safeParse(input)
  if (!parsed.success) return refusedFor(parsed.error.issues[0]!.message)
  const { kind: kindId, mm, allowance } = parsed.data
  const kind = measuredKind(kindId)
  const missing = kind?.measures.find((measure) => mm[measure.id] === undefined)
  if (!kind) return refusedFor('There is no such shape.')
  if (missing) return refusedFor(`${missing.label} is missing.`)
  const read = () => ({ pieces: kind.draw(mm, allowance), notRead: [] })
  return keepAll(id, read, { from: 'measures', isAbout: kind.isAbout })
}

const CornersSchema = z.strictObject({
  name: nameText,
  corners: listOf(PointSchema, 400),
  from: z.enum(['points', 'photograph']).default('points'),
})

/** Keeps one piece by its corners, mm. */
export async function addFromCorners(
  patternId: ActionInput<typeof RecordIdSchema>,
  input: ActionInput<typeof CornersSchema>,
): Promise<KeptPatternPiece> {
  const id = parseOr404(RecordIdSchema, patternId)
  const parsed = CornersSchema.safeParse(input)
  if (!parsed.success) return refusedFor(parsed.error.issues[0]!.message)
  const { name, corners, from } = parsed.data
  const piece = settleOutlines({ name, outline: corners, notches: [], count: 1, pair: false, size: '' })
  if (typeof piece === 'string') return refusedFor(piece)
  return keepAll(id, () => ({ pieces: [piece], notRead: [] }), { from, isAbout: false })
}

async function keepAll(
  patternId: string,
  read: () => Pick<FoundOutlines, 'pieces' | 'notRead'>,
  rest: Pick<PatternPiece, 'from' | 'isAbout'>,
): Promise<KeptPatternPiece> {
  try {
    const { pieces, notRead } = read()
    const outcome = await doneOf(async () => keepFound(await notebook(), patternId, pieces, rest, now()))
    if (!outcome.ok) return outcome
    revalidatePath('/', 'layout')
    return { ok: true, kept: pieces.length, notRead: notRead.slice(0, 20) }
  } catch (error) {
    if (error instanceof NoOutlines || error instanceof RangeError) return refusedFor(error.message)
    throw error
  }
}

/** Changes a piece. @param which its id, and the revision that the person saw */
export async function changePatternPiece(
  which: ActionInput<typeof SeenSchema>,
  input: ActionInput<typeof PatternPieceSchema>,
): Promise<Outcome> {
  const seen = parseOr404(SeenSchema, which)
  const outcome = await outcomeOf(async () =>
    changeRecord(await notebook(), 'pattern-piece', seen, PatternPieceSchema.parse(input), now()),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Throws a piece away. */
export async function dropPatternPiece(pieceId: ActionInput<typeof RecordIdSchema>): Promise<Done> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const outcome = await doneOf(async () => removeRecord(await notebook(), 'pattern-piece', { id }, now()))
  revalidatePath('/', 'layout')
  return outcome
}
