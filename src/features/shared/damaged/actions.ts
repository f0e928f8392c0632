'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { type RecordKindId } from '@/core/notebook/kinds'
import { SeenSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { removeRecord } from '@/server/store/repository'
import { doneOf, type Done } from '../outcome'
import { type ActionInput } from '../actionInput'

/** Takes a record that cannot be read out of the notebook, where it still is as the person saw it. */
export async function removeDamaged(kind: unknown, seen: ActionInput<typeof SeenSchema>): Promise<Done> {
  const outcome = await doneOf(async () => {
    const { id, revision } = SeenSchema.parse(seen)
    await removeRecord(
      await notebook(),
      z.string().max(80).parse(kind) as RecordKindId,
      { id, revision },
      new Date().toISOString(),
    )
  })
  revalidatePath('/', 'layout')
  return outcome
}
