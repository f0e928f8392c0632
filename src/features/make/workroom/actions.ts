'use server'

import { revalidatePath } from 'next/cache'
import { WorkroomSchema } from '@/core/notebook/kinds/workroom'
import { notebook } from '@/server/database'
import { keepWorkroom } from '@/server/workroom'
import { doneOf, type Done } from '../../shared/outcome'
import { now } from '../../shared/now'

/** Keeps what the person has and when they have time. */
export async function saveWorkroom(input: unknown): Promise<Done> {
  const outcome = await doneOf(async () => keepWorkroom(await notebook(), WorkroomSchema.parse(input), now()))
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}
