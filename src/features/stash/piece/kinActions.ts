'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { LotSchema } from '@/core/notebook/kinds/lot'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { PolygonSchema } from '@/core/notebook/schemas/laid'
import { OutlineSchema } from '@/core/notebook/schemas/stash'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { boundsOf } from '@/core/pieces/shape'
import { CutSchema, cutFrom, TooLongError } from '@/server/cutting'
import { notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { createRecord, findRecord, inTransaction } from '@/server/store/repository'
import { doneOf, outcomeOf, type Done, type Refusal } from '../../shared/outcome'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

/** Cuts from a piece, and keeps its offcuts. @param cutId made by the form: sent again it is the same cut */
export async function cutPiece(
  input: ActionInput<typeof CutSchema>,
  cutId?: ActionInput<typeof RecordIdSchema>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema.optional(), cutId)
  try {
    const outcome = await doneOf(async () => cutFrom(await notebook(), CutSchema.parse(input), now(), id))
    revalidatePath('/', 'layout')
    return outcome
  } catch (error) {
    if (error instanceof TooLongError) return { ok: false, errors: { lengthMm: error.message } }
    throw error
  }
}

const ShapeSchema = z.strictObject({ outline: OutlineSchema.nullable(), flaws: listOf(PolygonSchema, 40) })

/** Keeps the outline of a piece and where it is stained, worn or torn. An outline says how wide and long it is, too. */
export async function keepShape(
  pieceId: ActionInput<typeof RecordIdSchema>,
  input: ActionInput<typeof ShapeSchema>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const outcome = await doneOf(async () => {
    const { outline, flaws } = ShapeSchema.parse(input)
    const size = outline && boundsOf(outline)
    return amendRecord(await notebook(), 'piece', id, now(), (piece) => ({
      ...piece,
      outline,
      flaws,
      ...(size && { widthMm: Math.round(size.widthMm), lengthMm: Math.round(size.lengthMm) }),
    }))
  })
  revalidatePath('/', 'layout')
  return outcome
}

const LotChoice = z.strictObject({ lotId: RecordIdSchema.nullable(), name: nameText.nullable() })

/** Puts a piece in a lot, a new one where it has a name and no id; or takes it out of its lot. */
export async function putInLot(
  pieceId: ActionInput<typeof RecordIdSchema>,
  choice: ActionInput<typeof LotChoice>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const outcome = await doneOf(async () => {
    const { lotId, name } = LotChoice.parse(choice)
    return inTransaction(await notebook(), async (db) => {
      const into = lotId ?? (name && (await createRecord(db, 'lot', LotSchema.parse({ name }), now())).id)
      return amendRecord(db, 'piece', id, now(), (piece) => ({ ...piece, lotId: into || null }))
    })
  })
  revalidatePath('/', 'layout')
  return outcome
}

/** Keeps another piece of the same: everything that was written but its pictures, and none of its evidence. */
export async function copyPiece(pieceId: ActionInput<typeof RecordIdSchema>): Promise<Refusal> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const outcome = await outcomeOf(async () => {
    const db = await notebook()
    const found = await findRecord(db, 'piece', id)
    if (!found) return parseOr404(z.never(), id)
    const name = `${found.data.name.slice(0, 70)}, another`
    return createRecord(db, 'piece', { ...found.data, name, pictures: [], face: 'drawing', inHand: false }, now())
  })
  if (!outcome.ok) return outcome
  revalidatePath('/', 'layout')
  redirect(`/stash/${outcome.id}/edit`)
}
