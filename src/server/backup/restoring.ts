import { mkdtempSync, rmSync } from 'node:fs'
import { copyFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { EXCHANGE_ORDER } from '../../core/formats/json/document'
import { readExchange, RefusedImport, type ReadyRecord } from '../../core/formats/json/read'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { exportedJson } from '../exchange/exporting'
import { writeRecordsWithin, type ImportCounts } from '../exchange/writing'
import { picturesNamedIn } from '../pictures/pictures'
import { type RecordKindId } from '../../core/notebook/kinds'
import { removeRecord, inTransaction } from '../store/repository'
import { carryOver } from '../store/carryOver'
import { type RecordTable } from '../store/tables'
import { examine } from '../recovery/examine'
import { backupFile, makeBackup, restorePictures } from './backups'
import { countedIn } from './counted'

/** What restoring did. */
export interface Restored extends ImportCounts {
  removed: number
}

/**
 * Makes a notebook as a backup has it: in one stroke, which can be taken back like any other; and a backup of what was
 * there before is made first.
 * @returns undefined where there is no backup of that name
 * @throws NotebookTrouble where the backup is damaged, empty, or not what it says; nothing is done then
 */
export async function restoreBackup(
  db: Notebook,
  home: string,
  name: string,
  at: string,
): Promise<Restored | undefined> {
  const file = backupFile(home, name)
  if (!file) return undefined
  const { records, unreadable } = await recordsIn(file)
  await makeBackup(db, home, 'before-restoring', at)
  const pictures = [...records.map(({ data }) => JSON.stringify(data)), ...unreadable.map(({ data }) => data)]
  await restorePictures(home, picturesNamedIn(pictures.join('\n')))
  const stays = new Set([...records, ...unreadable].map(({ id }) => id))
  return inTransaction(db, async (open) => {
    const counts = await writeRecordsWithin(open, records, at)
    // What this program cannot read may be read by another: it is carried over as it is.
    await carryOver(open, unreadable, at)
    let removed = 0
    const rows = await open.selectFrom('record').select(['id', 'kind']).execute()
    const order = (kind: string) => EXCHANGE_ORDER.indexOf(kind as RecordKindId)
    const going = rows.filter(({ id }) => !stays.has(id)).sort((a, b) => order(b.kind) - order(a.kind))
    for (const { id, kind } of going) {
      const isThere = await open.selectFrom('record').select('id').where('id', '=', id).executeTakeFirst()
      if (!isThere) continue
      await removeRecord(open, kind as RecordKindId, { id }, at)
      removed += 1
    }
    return { ...counts, removed }
  })
}

/** Every record of a backup, in the present form, from a copy of it; those that cannot be read as they lie there. */
async function recordsIn(file: string): Promise<{ records: ReadyRecord[]; unreadable: RecordTable[] }> {
  await examine(file)
  countedIn(file)
  const folder = mkdtempSync(join(tmpdir(), 'rough-swatch-restore-'))
  try {
    const copy = join(folder, 'notebook.sqlite')
    await copyFile(file, copy)
    const db = await openNotebook(copy)
    let text = ''
    for await (const part of exportedJson(db, new Date(0).toISOString())) text += part
    const read = readExchange(JSON.parse(text))
    const rows = await db.selectFrom('record').selectAll().execute()
    await db.destroy()
    if (read.issues) throw new RefusedImport(read.issues)
    const readable = new Set(read.records.map(({ id }) => id))
    return { records: read.records, unreadable: rows.filter(({ id }) => !readable.has(id)) }
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}
