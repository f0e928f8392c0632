import { copyFileSync, existsSync, mkdtempSync, openSync, readSync, closeSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, join } from 'node:path'
import Database from 'libsql'
import { migrations } from '../store/migrations'
import { JOINED_STEPS, olderThanKnown } from '../store/migrations/joined'
import { NotebookTrouble } from '../store/trouble'

/** How every file of this kind begins (sqlite.org/fileformat2.html). */
const BEGINS = 'SQLite format 3\0'
/** A copy taken while another program writes may be torn: it is taken anew so often, with a rest between, ms. */
const TRIES = 4
const REST_MS = 150

/**
 * Looks a notebook file over before it is opened, on a copy, so that a damaged one is never written to.
 * @throws NotebookTrouble where it is damaged, another program's, a folder, or newer or older than this program reads
 */
export async function examine(file: string): Promise<void> {
  if (!existsSync(file)) return
  if (statSync(file).isDirectory()) throw new NotebookTrouble('no-file', file)
  if (statSync(file).size === 0) return
  for (let left = TRIES; ;) {
    const found = lookOver(file)
    if (!found) return
    left -= 1
    if (found.kind !== 'damaged' || left === 0) throw found
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
      return foreignTables(db) ?? cutOff(copy.file) ?? quickCheck(db) ?? otherThanKnown(db)
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

/** Of the head of a file: bytes of a page, pages, and by which changes the number of pages was written. */
const [PAGE_SIZE_AT, CHANGES_AT, PAGES_AT, VALID_FOR_AT, HEAD] = [16, 24, 28, 92, 100] as const

/**
 * A file that ends within a page, or before its last one, was cut off (sqlite.org/fileformat2.html, 1.3): a quick check
 * does not see what is missing of a page.
 */
function cutOff(file: string): NotebookTrouble | undefined {
  const head = Buffer.alloc(HEAD)
  const handle = openSync(file, 'r')
  try {
    readSync(handle, head, 0, HEAD, 0)
  } finally {
    closeSync(handle)
  }
  const said = head.readUInt16BE(PAGE_SIZE_AT)
  const page = said === 1 ? 65_536 : said
  const { size } = statSync(file)
  const isPagesKnown = head.readUInt32BE(CHANGES_AT) === head.readUInt32BE(VALID_FOR_AT)
  // What is written beside it may hold the last pages.
  const isWhole = existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0
  const isShort = isPagesKnown && !isWhole && size < head.readUInt32BE(PAGES_AT) * page
  return size % page !== 0 || isShort
    ? new NotebookTrouble('damaged', 'the file ends before its last page')
    : undefined
}

/** A file with tables, of which none is ours. */
function foreignTables(db: Connection): NotebookTrouble | undefined {
  const tables = db.prepare(`select name from sqlite_master where type = 'table' limit 200`).all() as {
    name: string
  }[]
  const names = tables.map(({ name }) => name)
  if (names.length === 0 || names.includes('kysely_migration')) return undefined
  return new NotebookTrouble('foreign', `its tables: ${names.slice(0, 8).join(', ')}`)
}

function quickCheck(db: Connection): NotebookTrouble | undefined {
  const rows = db.prepare('pragma quick_check(5)').all() as { quick_check: string }[]
  const found = rows.map(({ quick_check }) => quick_check).filter((words) => words !== 'ok')
  return found.length > 0 ? new NotebookTrouble('damaged', found.join('; ')) : undefined
}

function otherThanKnown(db: Connection): NotebookTrouble | undefined {
  const table = db.prepare(`select name from sqlite_master where name = 'kysely_migration'`).get()
  if (!table) return undefined
  const rows = db.prepare('select name from kysely_migration order by name').all() as { name: string }[]
  const done = rows.map(({ name }) => name)
  const unknown = done.filter((name) => !(name in migrations) && !JOINED_STEPS.some((step) => step === name))
  return unknown.length > 0
    ? new NotebookTrouble('newer', `steps not known here: ${unknown.join(', ')}`)
    : olderThanKnown(done)
}
