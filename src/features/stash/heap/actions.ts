'use server'

import { z } from 'zod'
import { HeapSchema } from '@/core/notebook/kinds/heap'
import { NewIdSchema, RecordIdSchema } from '@/core/notebook/schemas/id'
import { SORTINGS } from '@/core/vocabulary/stash'
import { notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { createOnce } from '@/server/store/createOnce'
import { action } from '../../shared/action'
import { now } from '../../shared/now'

/** Begins a heap, and goes to it. */
export const beginHeap = action(
  [HeapSchema, NewIdSchema],
  async (heap, id) => {
    const kept = await createOnce(await notebook(), 'heap', heap, now(), id)
    return { goTo: `/stash/heap/${kept.id}` }
  },
  ['heap'],
)

/** Says that a heap is sorted, or that it goes on. */
export const endHeap = action(
  [RecordIdSchema, z.boolean()],
  async (id, done) => {
    await amendRecord(await notebook(), 'heap', id, now(), (heap) => ({ ...heap, done }))
  },
  ['heap'],
)

/** Sorts a piece otherwise. */
export const sortPiece = action(
  [RecordIdSchema, z.enum(SORTINGS).nullable()],
  async (id, sorting) => {
    await amendRecord(await notebook(), 'piece', id, now(), (piece) => ({ ...piece, sorting }))
  },
  ['piece'],
)
