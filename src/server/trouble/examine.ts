import { copyFileSync, existsSync, mkdtempSync, openSync, readSync, closeSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, join } from 'node:path'
import Database from 'libsql'
import { migrations } from '../store/migrations'
import { NotebookTrouble } from './kinds'

/** How every file of this kind begins (sqlite.org/fileformat2.html). */
const BEGINS = 'SQLite format 3\0'
/** A copy taken while another program writes may be torn: it is taken anew so often, with a rest between, ms. */
const TRIES = 4
const REST_MS = 150

/**
 * Looks a notebook file over before it is opened, on a copy, so that a damaged one is never written to.
 * @throws NotebookTrouble where it is damaged, or newer than this program
 */
export async function examine(file: string): Promise<void> {
  if (!existsSync(file) || statSync(file).size === 0) return
  for (let left = TRIES; ;) {
    const found = lookOver(file)
    if (!found) return
    left -= 1
    if (found.kind === 'newer' || left === 0) throw found
    await new Promise((resolve) => setTimeout(resolve, REST_MS))
  }
}

function lookOver(file: string): NotebookTrouble | undefined {
  const begins = beginningOf(file)
  if (begins !== BEGINS) return new NotebookTrouble('damaged', 'the file does not begin as a notebook does')
  const copy = copyOf(file)
  try {
    const db = new Database(copy.file)
    try {
      return quickCheck(db) ?? newerThanKnown(db)
    } finally {
      db.close()
    }
  } catch (error) {
    return new NotebookTrouble('damaged', error instanceof Error ? error.message : String(error))
  } finally {
    copy.remove()
  }
}

function beginningOf(file: string): string {
  const bytes = Buffer.alloc(BEGINS.length)
  const handle = openSync(file, 'r')
  try {
    readSync(handle, bytes, 0, bytes.length, 0)
  } finally {
    closeSync(handle)
  }
  return bytes.toString('latin1')
}

/** A copy of a notebook file and of what is written beside it, in a folder for temporary files. */
export function copyOf(file: string): { file: string; remove: () => void } {
  const folder = mkdtempSync(join(tmpdir(), 'rough-swatch-look-'))
  const copy = join(folder, basename(file))
  copyFileSync(file, copy)
  if (existsSync(`${file}-wal`)) copyFileSync(`${file}-wal`, `${copy}-wal`)
  return { file: copy, remove: () => rmSync(folder, { recursive: true, force: true }) }
}

type Connection = InstanceType<typeof Database>

function quickCheck(db: Connection): NotebookTrouble | undefined {
  const rows = db.prepare('pragma quick_check(5)').all() as { quick_check: string }[]
  const found = rows.map(({ quick_check }) => quick_check).filter((words) => words !== 'ok')
  return found.length > 0 ? new NotebookTrouble('damaged', found.join('; ')) : undefined
}

function newerThanKnown(db: Connection): NotebookTrouble | undefined {
  const table = db.prepare(`select name from sqlite_master where name = 'kysely_migration'`).get()
  if (!table) return undefined
  const done = db.prepare('select name from kysely_migration order by name').all() as { name: string }[]
  const unknown = done.map(({ name }) => name).filter((name) => !(name in migrations))
  return unknown.length > 0 ? new NotebookTrouble('newer', `steps not known here: ${unknown.join(', ')}`) : undefined
}
