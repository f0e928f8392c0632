'use server'

import { revalidatePath } from 'next/cache'
import { TestSeamSchema } from '@/core/notebook/kinds/testSeam'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { createRecord, removeRecord } from '@/server/store/repository'
import { doneOf, outcomeOf, type Done, type Outcome } from '../../shared/outcome'
import { now } from '../../shared/now'
import { told } from '../../shared/told'

/** Keeps a test seam. */
export async function keepTestSeam(input: unknown): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createRecord(await notebook(), 'test-seam', TestSeamSchema.parse(input), now()),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Throws a test seam away. */
export async function dropTestSeam(seamId: unknown): Promise<Done> {
  const id = told(RecordIdSchema, seamId)
  const outcome = await doneOf(async () => removeRecord(await notebook(), 'test-seam', { id }, now()))
  revalidatePath('/', 'layout')
  return outcome
}
