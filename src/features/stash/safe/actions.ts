'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { notebook } from '@/server/database'
import { restoreBackup } from '@/server/backup/restoring'
import { runHeavy } from '@/server/heavy/pool'
import { notebookFile, notebookHome } from '@/server/home'
import { doneOf, type Done } from '../../shared/outcome'
import { now } from '../../shared/now'

/** Makes a backup at once. */
export async function backUpNow(): Promise<Done> {
  const outcome = await doneOf(async () => {
    // A notebook in trouble is not backed up over.
    await notebook()
    await runHeavy('backUp', { file: notebookFile(), home: notebookHome(), why: 'asked', at: now() })
  })
  revalidatePath('/stash/safe')
  return outcome
}

/** Makes the notebook as a backup has it. */
export async function restore(name: unknown): Promise<Done> {
  const outcome = await doneOf(async () => {
    const chosen = z.string().max(100, 'no backup is called so').parse(name)
    const done = await restoreBackup(await notebook(), notebookHome(), chosen, now())
    if (!done) z.never({ error: 'There is no such backup any more.' }).parse(chosen)
  })
  revalidatePath('/', 'layout')
  return outcome
}
