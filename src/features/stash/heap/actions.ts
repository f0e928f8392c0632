'use server'

import { z } from 'zod'
import { HeapSchema } from '@/core/notebook/kinds/heap'
import { NewIdSchema } from '@/core/notebook/schemas/id'
import { SORTINGS } from '@/core/vocabulary/stash'
import { notebook } from '@/server/database'
import { createOnce } from '@/server/store/createOnce'
import { action } from '../../shared/action'
import { now } from '../../shared/now'
import { amendAction } from '../../shared/recordActions'

/** Begins a heap, and goes to it. */
export const beginHeap = action(
  [HeapSchema, NewIdSchema],
  async (heap, id) => {
    const kept = await createOnce(await notebook(), 'heap', heap, now(), id)
    return { goTo: `/stash/piles/${kept.id}` }
  },
  ['heap'],
)

/** Says that a heap is sorted, or that it goes on. */
export const endHeap = amendAction('heap', z.boolean(), (heap, done) => ({ ...heap, done }))

/** Sorts a piece otherwise. */
export const sortPiece = amendAction('piece', z.enum(SORTINGS).nullable(), (piece, sorting) => ({
  ...piece,
  sorting,
}))
