'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { createRecord, removeRecord } from '@/server/store/repository'
import { doneOf, outcomeOf, type Outcome, type Refusal } from '../../shared/outcome'
import { told } from '../../shared/told'
import { now } from '../../shared/now'

export async function keepPattern(input: unknown): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createRecord(await notebook(), 'pattern', PatternSchema.parse(input), now()),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Puts a pattern into the bin; one that is gone already is no trouble. */
export async function dropPattern(patternId: unknown): Promise<Refusal> {
  const id = told(RecordIdSchema, patternId)
  const outcome = await doneOf(async () => removeRecord(await notebook(), 'pattern', { id }, now()))
  if (!outcome.ok && !outcome.gone) return outcome
  revalidatePath('/', 'layout')
  redirect('/patterns')
}
