import { mkdtempSync, rmSync } from 'node:fs'
import { copyFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { readExchange, EXCHANGE_ORDER, type ReadyRecord } from '../../core/formats/exchange'
import { openNotebook, type Notebook } from '../database'
import { exportedJson } from '../exchange/exporting'
import { RefusedImport, writeRecordsWithin, type ImportCounts } from '../exchange/writing'
import { picturesNamedIn } from '../pictures'
import { removeRecord, within } from '../store/repository'
import { examine } from '../trouble/examine'
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
  const records = await recordsIn(file)
  await makeBackup(db, home, 'before-restoring', at)
  await restorePictures(home, picturesNamedIn(JSON.stringify(records.map(({ data }) => data))))
  const stays = new Set(records.map(({ id }) => id))
  return within(db, async (open) => {
    const counts = await writeRecordsWithin(open, records, at)
    let removed = 0
    for (const kind of [...EXCHANGE_ORDER].reverse()) {
      const rows = await open.selectFrom('record').select('id').where('kind', '=', kind).execute()
      for (const { id } of rows.filter((row) => !stays.has(row.id))) {
        const isThere = await open.selectFrom('record').select('id').where('id', '=', id).executeTakeFirst()
        if (!isThere) continue
        await removeRecord(open, kind, { id }, at)
        removed += 1
      }
    }
    return { ...counts, removed }
  })
}

/** Every record of a backup, in the present form, from a copy of it. */
async function recordsIn(file: string): Promise<ReadyRecord[]> {
  await examine(file)
  countedIn(file)
  const folder = mkdtempSync(join(tmpdir(), 'rough-swatch-restore-'))
  try {
    const copy = join(folder, 'notebook.sqlite')
    await copyFile(file, copy)
    const db = await openNotebook(copy)
    let text = ''
    for await (const part of exportedJson(db, new Date(0).toISOString())) text += part
    await db.destroy()
    const read = readExchange(JSON.parse(text))
    if (read.issues) throw new RefusedImport(read.issues)
    return read.records
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}
