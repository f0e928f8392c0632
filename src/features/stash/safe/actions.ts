'use server'

import { z } from 'zod'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { throwReported } from '@/server/jobs/reported'
import { fileToWrite } from '@/server/cache/fileOf'
import { notebookFile, notebookHome } from '@/server/store/home'
import { RefusedError } from '@/server/store/errors'
import { action } from '../../shared/action'
import { now } from '../../shared/now'

/** One backup at a time, whoever asks; what came of it is told for so long after it was made, ms. */
const kept = globalThis as { roughSwatchBackingUp?: Promise<'done'> }
const TOLD_FOR = 5000
/** An answer waits no longer than this, ms. */
const ANSWERED_WITHIN = 700

/** Makes a backup; where that takes longer than an answer may, it says so, and is asked again. */
export const backUpNow = action(
  [],
  async () => {
    const work = (kept.roughSwatchBackingUp ??= begun())
    const done = await Promise.race([work, pause(ANSWERED_WITHIN)]).catch((error: unknown) => {
      kept.roughSwatchBackingUp = undefined
      throw error
    })
    if (done === undefined) return { isGoing: true }
    kept.roughSwatchBackingUp = undefined
    return { isGoing: false }
  },
  ({ isGoing }) => (isGoing ? [] : ['backups']),
)

function begun(): Promise<'done'> {
  const work = backUp()
  const forget = () => {
    if (kept.roughSwatchBackingUp === work) kept.roughSwatchBackingUp = undefined
  }
  // Whoever asked may have gone away: the next one to ask wants a new one.
  void work.finally(() => setTimeout(forget, TOLD_FOR).unref()).catch(() => undefined)
  return work
}

async function backUp(): Promise<'done'> {
  // A notebook in trouble is not backed up over.
  await notebook()
  throwReported(await runJob('backUp', { file: notebookFile(), home: notebookHome(), why: 'asked', at: now() }))
  return 'done'
}

function pause(ms: number): Promise<undefined> {
  return new Promise((resolve) => setTimeout(() => resolve(undefined), ms))
}

/** Makes the notebook as a backup has it. */
export const restore = action(
  [z.string().max(100, 'there is no backup with this name')],
  async (name) => {
    // A notebook in trouble is not written over.
    const file = await fileToWrite(await notebook())
    const done = throwReported(await runJob('restoreNotebook', { file, home: notebookHome(), name, at: now() }))
    if (!done) throw new RefusedError('This backup no longer exists.')
  },
  ['everything'],
)
