'use server'

import { revalidatePath } from 'next/cache'
import { GarmentSchema } from '@/core/notebook/kinds/garment'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { idText, listOf } from '@/core/notebook/schemas/text'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { GoneError } from '@/server/store/errors'
import { inTransaction } from '@/server/store/repository'
import { putGarment, takeApart } from '@/server/takingApart'
import { doneOf, type Done } from '../../shared/outcome'
import { readPreferences } from '../../shared/settings/readPreferences'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

/** Keeps a garment's measures, how it is sewn, and where it is worn. */
export async function keepGarment(input: ActionInput<typeof GarmentSchema>): Promise<Done> {
  const outcome = await doneOf(async () => {
    const garment = GarmentSchema.parse(input)
    return inTransaction(await notebook(), (db) => putGarment(db, garment.pieceId, garment, now()))
  })
  revalidatePath('/', 'layout')
  return outcome
}

/**
 * Writes down that it was taken apart: its panels become pieces of the stash, what was kept goes into the box.
 * @param unsaved the garment as it was marked and measured since it was kept last, where it was
 */
export async function tookApart(
  pieceId: ActionInput<typeof RecordIdSchema>,
  keep: readonly string[],
  unsaved: ActionInput<typeof GarmentSchema> | null = null,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const garment = unsaved === null ? null : parseOr404(GarmentSchema, unsaved)
  const kept = parseOr404(listOf(idText, 40), keep)
  const { words } = await readPreferences()
  const outcome = await doneOf(async () => {
    const db = await notebook()
    const gist = (await shelfOf(db, words)).find(id)
    if (!gist) throw new GoneError('piece', id)
    return inTransaction(db, async (open) => {
      if (garment) await putGarment(open, id, { ...garment, pieceId: id }, now())
      return takeApart(open, gist, kept, now())
    })
  })
  revalidatePath('/', 'layout')
  return outcome
}
