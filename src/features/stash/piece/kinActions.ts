'use server'

import { z } from 'zod'
import { LotSchema } from '@/core/notebook/kinds/lot'
import { NewIdSchema, RecordIdSchema } from '@/core/notebook/schemas/id'
import { PolygonSchema } from '@/core/notebook/schemas/laid'
import { OutlineSchema } from '@/core/notebook/schemas/stash'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { boundsOf } from '@/core/pieces/shape'
import { CutSchema } from '@/core/notebook/cut'
import { cutFrom } from '@/server/records/cutting'
import { notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { GoneError } from '@/server/store/errors'
import { createRecord, findRecord, inTransaction } from '@/server/store/repository'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { amendAction } from '../../shared/recordActions'

/** Cuts from a piece, and keeps its offcuts. */
export const cutPiece = action(
  [CutSchema, NewIdSchema],
  async (cut, id) => {
    await cutFrom(await notebook(), cut, now(), id)
  },
  ['cut'],
  TOLD,
)

const ShapeSchema = z.strictObject({ outline: OutlineSchema.nullable(), flaws: listOf(PolygonSchema, 40) })

/** Keeps the outline of a piece and where it is stained, worn or torn. An outline says how wide and long it is, too. */
export const keepShape = amendAction('piece', ShapeSchema, (piece, { outline, flaws }) => {
  const size = outline && boundsOf(outline)
  return {
    ...piece,
    outline,
    flaws,
    ...(size && { widthMm: Math.round(size.widthMm), lengthMm: Math.round(size.lengthMm) }),
  }
})

const LotChoice = z.strictObject({ lotId: RecordIdSchema.nullable(), name: nameText.nullable() })

/** Puts a piece in a lot, a new one where it has a name and no id; or takes it out of its lot. */
export const putInLot = action(
  [RecordIdSchema, LotChoice],
  async (id, { lotId, name }) => {
    await inTransaction(await notebook(), async (db) => {
      const into = lotId ?? (name && (await createRecord(db, 'lot', LotSchema.parse({ name }), now())).id)
      return amendRecord(db, 'piece', id, now(), (piece) => ({ ...piece, lotId: into || null }))
    })
  },
  ['piece', 'lot'],
  TOLD,
)

/** Keeps another piece of the same: everything that was written but its pictures, and none of its evidence. */
export const copyPiece = action(
  [RecordIdSchema],
  async (id) => {
    const db = await notebook()
    const found = await findRecord(db, 'piece', id)
    if (!found) throw new GoneError('piece', id)
    const name = `${found.data.name.slice(0, 70)}, another`
    const data = { ...found.data, name, pictures: [], face: 'drawing' as const, inHand: false }
    const copy = await createRecord(db, 'piece', data, now())
    return { goTo: `/stash/${copy.id}/edit` }
  },
  ['piece'],
)
