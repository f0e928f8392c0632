import { statSync } from 'node:fs'
import Database from 'libsql'
import { NotebookTrouble } from '../store/trouble'

/** What a backup says of itself. */
export interface RecordCounts {
  records: number
  pieces: number
}

type Connection = InstanceType<typeof Database>

/** Where a backup keeps its own count. */
const COUNT_TABLE = 'backed_up'
/** What every notebook has. */
const TABLES = ['kysely_migration', 'record', 'reference', 'change'] as const

/** Writes into a backup that was just made how much is in it. */
export function countInto(file: string): void {
  const db = new Database(file)
  try {
    db.exec(`drop table if exists ${COUNT_TABLE}`)
    db.exec(`create table ${COUNT_TABLE} as select
      (select count(*) from record) as records, (select count(*) from record where kind = 'piece') as pieces`)
  } finally {
    db.close()
  }
}

/**
 * How much is in a backup: it counts as one only where it opens, has the tables of a notebook and as many records as it
 * says itself. The file is opened to be read alone.
 * @throws NotebookTrouble where it is none
 */
export function countedIn(file: string): RecordCounts {
  if (statSync(file).size === 0) throw new NotebookTrouble('damaged', 'the file is empty')
  let db: Connection | undefined
  try {
    db = new Database(file, { readonly: true })
    return counted(db)
  } catch (error) {
    if (error instanceof NotebookTrouble) throw error
    throw new NotebookTrouble('damaged', error instanceof Error ? error.message : String(error))
  } finally {
    db?.close()
  }
}

const has = (db: Connection, name: string) =>
  db.prepare(`select 1 from sqlite_master where type = 'table' and name = ?`).get(name) !== undefined

function counted(db: Connection): RecordCounts {
  const missing = TABLES.filter((name) => !has(db, name))
  if (missing.length > 0)
    throw new NotebookTrouble('damaged', `it is not a notebook: it has no ${missing.join(', ')}`)
  const count = (from: string) => (db.prepare(`select count(*) as n from ${from}`).get() as { n: number }).n
  const pieces = count(`record where kind = 'piece'`)
  const records = count('record')
  const said = has(db, COUNT_TABLE)
    ? (db.prepare(`select records from ${COUNT_TABLE}`).get() as { records: number })
    : undefined
  if (said && said.records !== records)
    throw new NotebookTrouble('damaged', `it has ${records} of its ${said.records} records`)
  // One of an older program says nothing of itself: with nothing in it, it is taken for torn.
  if (!said && records === 0) throw new NotebookTrouble('damaged', 'there is nothing in it')
  return { records, pieces }
}
