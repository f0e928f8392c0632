'use server'

import { revalidatePath } from 'next/cache'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { takeBack } from '@/server/store/history'
import { doneOf, type Done } from '../outcome'
import { type ActionInput } from '../actionInput'

/** Takes back everything that was done at one stroke, where nothing of it was changed since. */
export async function takeBackStroke(stroke: ActionInput<typeof RecordIdSchema>): Promise<Done> {
  const outcome = await doneOf(async () =>
    takeBack(await notebook(), RecordIdSchema.parse(stroke), new Date().toISOString()),
  )
  revalidatePath('/', 'layout')
  return outcome
}
