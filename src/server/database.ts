import { mkdirSync, rmSync } from 'node:fs'
import { dirname } from 'node:path'
import { makeBackup } from './backup/backups'
import { runJob } from './jobs/pool'
import { throwReported } from './jobs/reported'
import { isSampleShown, sampleNotebook } from './sample/sampleNotebook'
import { notebookFile, notebookHome } from './store/home'
import { openNotebook, openToRead, type Notebook } from './store/openNotebook'
import { claim, release } from './recovery/claim'
import { copyOf, examine } from './recovery/examine'
import { isTrouble, type TroubleKind } from './store/trouble'
import { isProtected, troubleOf } from './store/signs'

export { openNotebook, type Notebook }

/** A notebook as it is open: to be read only, where it is protected. */
interface Opened {
  db: Notebook
  isReadOnly: boolean
}

// A development server reloads modules; the notebook stays open across that.
const open = globalThis as {
  roughSwatchNotebook?: Promise<Opened>
  roughSwatchTrouble?: { until: number }
  /** Ends the nightly backups. */
  roughSwatchNightly?: () => void
}

/** A notebook in trouble is looked at anew only after so long, ms: every page of it asks. */
const LOOKED_AT_MS = 1500

/**
 * The person's own notebook, opened once for the life of the server; or the sample that they chose to look around in.
 * A failed opening is tried again.
 * @throws NotebookTrouble where it cannot be used
 */
export async function notebook(): Promise<Notebook> {
  if (await isSampleShown()) return sampleNotebook()
  return (await opened()).db
}

/** What is the matter with the person's own notebook; undefined where nothing is. */
export async function notebookTrouble(): Promise<{ kind: TroubleKind; found: string } | undefined> {
  try {
    return (await opened()).isReadOnly ? { kind: 'read-only', found: notebookFile() } : undefined
  } catch (error) {
    if (isTrouble(error)) return { kind: error.kind, found: error.found }
    throw error
  }
}

async function opened(): Promise<Opened> {
  const { roughSwatchTrouble: trouble } = open
  if (trouble && Date.now() > trouble.until) forget()
  open.roughSwatchNotebook ??= openOwn()
  try {
    return await open.roughSwatchNotebook
  } catch (error) {
    open.roughSwatchTrouble ??= { until: Date.now() + LOOKED_AT_MS }
    throw error
  }
}

function forget(): void {
  // A notebook that is damaged is not backed up over a sound one.
  open.roughSwatchNightly?.()
  open.roughSwatchNightly = undefined
  open.roughSwatchNotebook = undefined
  open.roughSwatchTrouble = undefined
}

async function openOwn(): Promise<Opened> {
  let file: string | undefined
  try {
    file = notebookFile()
    mkdirSync(dirname(file), { recursive: true })
    if (isProtected(file)) return { db: await openCopy(file), isReadOnly: true }
    claim(file)
    await examine(file)
    const db = await openNotebook(file, forget, (older) => {
      return makeBackup(older, notebookHome(), 'before-update', new Date().toISOString())
    })
    backUpNightly(file)
    return { db, isReadOnly: false }
  } catch (error) {
    if (file !== undefined) release(file)
    // Beside what is not ours nothing of ours stays.
    if (file !== undefined && isTrouble(error) && ['foreign', 'no-file'].includes(error.kind)) rmSync(`${file}.lock`)
    throw troubleOf(error) ?? error
  }
}

/** How often it is asked whether a nightly backup is due, ms. */
const ASKED_EVERY_MS = 60 * 60 * 1000
/** After the start, the pages come first, ms. */
const FIRST_ASKED_MS = 60 * 1000

/** Backups go on for as long as the server runs; one that fails is tried again an hour later. */
function backUpNightly(file: string): void {
  open.roughSwatchNightly?.()
  const due = () => {
    const task = { file, home: notebookHome(), why: 'nightly' as const, at: new Date().toISOString() }
    runJob('backUp', task)
      .then(throwReported)
      .catch((error: unknown) => console.error('The nightly backup failed:', error))
  }
  const [first, hourly] = [setTimeout(due, FIRST_ASKED_MS), setInterval(due, ASKED_EVERY_MS)]
  for (const timer of [first, hourly]) timer.unref()
  open.roughSwatchNightly = () => {
    clearTimeout(first)
    clearInterval(hourly)
  }
}

/** A copy of a protected notebook, to be read only. */
async function openCopy(file: string): Promise<Notebook> {
  await examine(file)
  const copy = copyOf(file)
  process.once('exit', copy.remove)
  return openToRead(copy.file)
}
