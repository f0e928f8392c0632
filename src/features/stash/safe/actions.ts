'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { throwReported } from '@/server/jobs/reported'
import { fileToWrite } from '@/server/cache/fileOf'
import { notebookFile, notebookHome } from '@/server/home'
import { doneOf, type Done } from '../../shared/outcome'
import { now } from '../../shared/now'

/** One backup at a time, whoever asks; what came of it is told for so long after it was made, ms. */
const kept = globalThis as { roughSwatchBackingUp?: Promise<Done> }
const TOLD_FOR = 5000
/** An answer waits no longer than this, ms. */
const ANSWERED_WITHIN = 700

/** Makes a backup; where that takes longer than an answer may, it says so, and is asked again. */
export async function backUpNow(): Promise<Done | { ok: true; isGoing: true }> {
  kept.roughSwatchBackingUp ??= begun()
  const outcome = await Promise.race([kept.roughSwatchBackingUp, pause(ANSWERED_WITHIN)])
  if (outcome === undefined) return { ok: true, isGoing: true }
  kept.roughSwatchBackingUp = undefined
  revalidatePath('/stash/safe')
  return outcome
}

function begun(): Promise<Done> {
  const work = doneOf(async () => {
    // A notebook in trouble is not backed up over.
    await notebook()
    throwReported(await runJob('backUp', { file: notebookFile(), home: notebookHome(), why: 'asked', at: now() }))
  })
  const forget = () => {
    if (kept.roughSwatchBackingUp === work) kept.roughSwatchBackingUp = undefined
  }
  // Whoever asked may have gone away: the next one to ask wants a new one.
  void work.finally(() => setTimeout(forget, TOLD_FOR).unref()).catch(() => undefined)
  return work
}

function pause(ms: number): Promise<undefined> {
  return new Promise((resolve) => setTimeout(() => resolve(undefined), ms))
}

/** Makes the notebook as a backup has it. */
export async function restore(name: string): Promise<Done> {
  const outcome = await doneOf(async () => {
    const chosen = z.string().max(100, 'no backup is called so').parse(name)
    // A notebook in trouble is not written over.
    const file = await fileToWrite(await notebook())
    const done = throwReported(
      await runJob('restoreNotebook', { file, home: notebookHome(), name: chosen, at: now() }),
    )
    if (!done) z.never({ error: 'There is no such backup any more.' }).parse(chosen)
  })
  revalidatePath('/', 'layout')
  return outcome
}
