import Database from 'libsql'
import { copyOf } from './examine'

/** What is read of a table at once; a part that cannot be read is stepped over, row by row. */
const AT_ONCE = 200
/** So many places in a row that hold nothing readable end the search. */
const MOST_GAPS = 2000

/** Every record that can still be read in a damaged file, as lines of JSON, from a copy of it. */
export function rescue(file: string): string[] {
  const copy = copyOf(file)
  try {
    const db = new Database(copy.file)
    try {
      return rowsOf(db)
    } finally {
      db.close()
    }
  } catch {
    return []
  } finally {
    copy.remove()
  }
}

function rowsOf(db: InstanceType<typeof Database>): string[] {
  const columns = 'rowid, id, kind, version, data, created_at, updated_at'
  const block = db.prepare(`select ${columns} from record where rowid > ? order by rowid limit ${AT_ONCE}`)
  const single = db.prepare(`select ${columns} from record where rowid = ?`)
  const lines: string[] = []
  let at = 0
  for (let gaps = 0; gaps < MOST_GAPS;) {
    try {
      const rows = block.all(at) as { rowid: number }[]
      if (rows.length === 0) return lines
      for (const { rowid, ...row } of rows) {
        lines.push(JSON.stringify(row))
        at = rowid
      }
      gaps = 0
      continue
    } catch {
      at += 1
      gaps += 1
    }
    try {
      const row = single.get(at) as { rowid: number } | undefined
      if (row) lines.push(JSON.stringify({ ...row, rowid: undefined }))
    } catch {
      // This one is lost.
    }
  }
  return lines
}
