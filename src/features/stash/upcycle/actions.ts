'use server'

import { GarmentSchema } from '@/core/notebook/kinds/garment'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { idText, listOf } from '@/core/notebook/schemas/text'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { GoneError } from '@/server/store/errors'
import { inTransaction } from '@/server/store/repository'
import { putGarment, takeApart } from '@/server/records/takingApart'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { readPreferences } from '../../shared/settings/readPreferences'

/** Keeps a garment's measures, how it is sewn, and where it is worn. */
export const keepGarment = action(
  [GarmentSchema],
  async (garment) => {
    await inTransaction(await notebook(), (db) => putGarment(db, garment.pieceId, garment, now()))
  },
  ['garment'],
)

/**
 * Writes down that it was taken apart: its panels become pieces of the stash, what was kept goes into the box. Last
 * comes the garment as it was marked and measured since it was kept, where it was.
 */
export const tookApart = action(
  [RecordIdSchema, listOf(idText, 40), GarmentSchema.nullable().default(null)],
  async (id, kept, garment) => {
    const { words } = await readPreferences()
    const db = await notebook()
    const gist = (await shelfOf(db, words)).find(id)
    if (!gist) throw new GoneError('piece', id)
    await inTransaction(db, async (open) => {
      if (garment) await putGarment(open, id, { ...garment, pieceId: id }, now())
      return takeApart(open, gist, kept, now())
    })
  },
  ['piece', 'garment', 'notion'],
  TOLD,
)
