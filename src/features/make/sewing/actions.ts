'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { TestSeamSchema } from '@/core/notebook/kinds/testSeam'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { createRecord, removeRecord } from '@/server/store/repository'
import { withPicture } from '@/server/withPicture'
import { notebookHome } from '@/server/home'
import { withSentPicture } from '../../shared/pictures/sent'
import { doneOf, type Done } from '../../shared/outcome'
import { now } from '../../shared/now'
import { parseOr404 } from '../../shared/parseOr404'
import { type ActionInput } from '../../shared/actionInput'

/** Keeps a test seam, and its picture where one comes along. */
export async function keepTestSeam(input: unknown, form?: FormData): Promise<Done> {
  const keep = async (picture: string | null) => {
    const seam = TestSeamSchema.parse({ ...parseOr404(z.record(z.string(), z.unknown()), input), picture })
    return createRecord(await notebook(), 'test-seam', seam, now())
  }
  const outcome =
    form === undefined
      ? await doneOf(() => keep(null))
      : await withSentPicture(form, (bytes) => withPicture(notebookHome(), bytes, keep))
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Throws a test seam away. */
export async function dropTestSeam(seamId: ActionInput<typeof RecordIdSchema>): Promise<Done> {
  const id = parseOr404(RecordIdSchema, seamId)
  const outcome = await doneOf(async () => removeRecord(await notebook(), 'test-seam', { id }, now()))
  revalidatePath('/', 'layout')
  return outcome
}
