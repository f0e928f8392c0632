'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { HeapSchema } from '@/core/notebook/kinds/heap'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { SORTINGS, type Sorting } from '@/core/vocabulary/stash'
import { notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { changeRecord, findRecord, inTransaction } from '@/server/store/repository'
import { createOnce } from '@/server/store/createOnce'
import { doneOf, outcomeOf, type Done, type Refusal } from '../../shared/outcome'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

/** Begins a heap, and goes to it. @param heapId made by the form: sent again it is the same heap */
export async function beginHeap(
  input: ActionInput<typeof HeapSchema>,
  heapId?: ActionInput<typeof RecordIdSchema>,
): Promise<Refusal> {
  const id = parseOr404(RecordIdSchema.optional(), heapId)
  const outcome = await outcomeOf(async () =>
    createOnce(await notebook(), 'heap', HeapSchema.parse(input), now(), id),
  )
  if (!outcome.ok) return outcome
  revalidatePath('/stash/heap')
  redirect(`/stash/heap/${outcome.id}`)
}

/** Says that a heap is sorted, or that it goes on. */
export async function endHeap(heapId: ActionInput<typeof RecordIdSchema>, done: boolean): Promise<Done> {
  const id = parseOr404(RecordIdSchema, heapId)
  const outcome = await doneOf(async () =>
    inTransaction(await notebook(), async (db) => {
      const heap = await findRecord(db, 'heap', id)
      if (!heap) return parseOr404(z.never(), id)
      return changeRecord(db, 'heap', heap, { ...heap.data, done: z.boolean().parse(done) }, now())
    }),
  )
  revalidatePath('/stash/heap')
  return outcome
}

/** Sorts a piece otherwise. */
export async function sortPiece(pieceId: ActionInput<typeof RecordIdSchema>, sorting: Sorting | null): Promise<Done> {
  const id = parseOr404(RecordIdSchema, pieceId)
  const as = parseOr404(z.enum(SORTINGS).nullable(), sorting)
  const outcome = await doneOf(async () =>
    amendRecord(await notebook(), 'piece', id, now(), (piece) => ({ ...piece, sorting: as })),
  )
  revalidatePath('/', 'layout')
  return outcome
}
