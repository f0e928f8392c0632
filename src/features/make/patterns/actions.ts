'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { createRecord, removeRecord } from '@/server/store/repository'
import { outcomeOf, type Outcome } from '../../shared/outcome'

const now = () => new Date().toISOString()

export async function keepPattern(input: unknown): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createRecord(await notebook(), 'pattern', PatternSchema.parse(input), now()),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

export async function dropPattern(patternId: unknown): Promise<void> {
  await outcomeOf(async () => {
    const id = RecordIdSchema.parse(patternId)
    await removeRecord(await notebook(), 'pattern', { id }, now())
    return { id, revision: 1 }
  })
  revalidatePath('/', 'layout')
  redirect('/patterns')
}
