import { existsSync, linkSync, copyFileSync } from 'node:fs'
import { mkdir, open, readdir, rename, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { sql } from 'kysely'
import { type Notebook } from '../store/openNotebook'
import { pictureNames } from '../pictures/pictures'
import { examine } from '../recovery/examine'
import { countedIn, countInto, type RecordCounts } from './counted'

/** So many of the latest are kept. */
export const BACKUPS_KEPT = 14
/** Written between two nightly ones, ms. */
const NIGHTLY_MS = 24 * 60 * 60 * 1000

/** Why a backup was made. */
export const BACKUP_WHYS = ['nightly', 'asked', 'before-update', 'before-restoring'] as const
export type BackupWhy = (typeof BACKUP_WHYS)[number]

export interface Backup {
  name: string
  /** ISO 8601. */
  at: string
  why: BackupWhy
  bytes: number
}

/** A backup with what is in it; null where it cannot be read. */
export interface CountedBackup extends Backup {
  counted: RecordCounts | null
}

const NAME = /^(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)-(\d{3})Z-([a-z-]+)\.sqlite$/

export const backupsIn = (home: string) => join(home, 'backups')

/** A name that sorts by time, and that any disk takes. */
function nameOf(at: string, why: BackupWhy): string {
  return `${at.replace(/[:.]/g, '-')}-${why}.sqlite`
}

function read(name: string): Omit<Backup, 'bytes'> | undefined {
  const [, day, hour, minute, second, ms, why] = NAME.exec(name) ?? []
  const known = BACKUP_WHYS.find((one) => one === why)
  return known && { name, at: `${day}T${hour}:${minute}:${second}.${ms}Z`, why: known }
}

/** Every backup of a notebook, the latest first. */
export async function backups(home: string): Promise<Backup[]> {
  const names = await readdir(backupsIn(home)).catch(() => [])
  const found = await Promise.all(
    names.flatMap((name) => {
      const known = read(name)
      return known ? [stat(join(backupsIn(home), name)).then(({ size }) => ({ ...known, bytes: size }))] : []
    }),
  )
  return found.sort((a, b) => (a.name < b.name ? 1 : -1))
}

/** The same with what is in each. */
export async function countedBackups(home: string): Promise<CountedBackup[]> {
  return (await backups(home)).map((one) => ({ ...one, counted: countedOrNot(join(backupsIn(home), one.name)) }))
}

function countedOrNot(file: string): RecordCounts | null {
  try {
    return countedIn(file)
  } catch {
    return null
  }
}

/** The file of a backup; undefined where there is none of that name. No name becomes a path that is not one of ours. */
export function backupFile(home: string, name: string): string | undefined {
  const file = join(backupsIn(home), name)
  return read(name) && existsSync(file) ? file : undefined
}

/**
 * Makes a backup of a notebook and its pictures, opens it to see that it is sound, and lets go of the oldest.
 * @param at ISO 8601
 * @throws NotebookTrouble where what was written is not sound, or the disk is full; nothing of it stays then
 */
export async function makeBackup(db: Notebook, home: string, why: BackupWhy, at: string): Promise<Backup> {
  const folder = backupsIn(home)
  await mkdir(folder, { recursive: true })
  const name = nameOf(at, why)
  const [file, part] = [join(folder, name), join(folder, `${name}.part`)]
  await rm(part, { force: true })
  try {
    await sql`vacuum into ${part}`.execute(db)
    countInto(part)
    await onTheDisk(part)
    await examine(part)
    await rename(part, file)
    await onTheDisk(folder)
  } catch (error) {
    await rm(part, { force: true })
    throw error
  }
  await keepPictures(home)
  await letGo(home)
  return { name, at, why, bytes: (await stat(file)).size }
}

/** Makes one where the latest is a day old and something was written since. */
export async function backUpNightly(db: Notebook, home: string, now: string): Promise<Backup | undefined> {
  // A clock that was wrong once does not end them: what is of the future is not the latest.
  const latest = (await backups(home)).find(({ at }) => Date.parse(at) <= Date.parse(now))
  if (latest && Date.parse(now) - Date.parse(latest.at) < NIGHTLY_MS) return undefined
  const change = await db.selectFrom('change').select('at').orderBy('seq', 'desc').limit(1).executeTakeFirst()
  if (!change || (latest && change.at < latest.at)) return undefined
  return makeBackup(db, home, 'nightly', now)
}

async function onTheDisk(path: string): Promise<void> {
  const handle = await open(path, 'r')
  try {
    await handle.sync()
  } finally {
    await handle.close()
  }
}

/** A picture is never written to again: a second name of it is enough, where the disk has such. */
async function keepPictures(home: string): Promise<void> {
  const folder = join(backupsIn(home), 'pictures')
  const names = await pictureNames(home)
  if (names.length > 0) await mkdir(folder, { recursive: true })
  for (const name of names) {
    const [from, to] = [join(home, 'pictures', name), join(folder, name)]
    if (existsSync(to)) continue
    try {
      linkSync(from, to)
    } catch {
      copyFileSync(from, to)
    }
  }
}

/** Puts pictures that a restored notebook names, and that were swept up since, back. */
export async function restorePictures(home: string, names: Iterable<string>): Promise<void> {
  const folder = join(home, 'pictures')
  await mkdir(folder, { recursive: true })
  for (const name of names) {
    const [from, to] = [join(backupsIn(home), 'pictures', name), join(folder, name)]
    if (existsSync(from) && !existsSync(to)) copyFileSync(from, to)
  }
}

/** The latest stay, and one from before an update always. */
async function letGo(home: string): Promise<void> {
  const all = await backups(home)
  const updates = all.filter(({ why }) => why === 'before-update').slice(0, 2)
  for (const one of all.slice(BACKUPS_KEPT))
    if (!updates.includes(one)) await rm(join(backupsIn(home), one.name), { force: true })
}
