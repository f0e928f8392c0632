import { type Notebook } from './openNotebook'
import { writeLog } from './repository'
import { type RecordTable } from './tables'

/** Writes rows as they lie in another notebook and cannot be read here, under their own ids. */
export async function carryOver(db: Notebook, rows: readonly RecordTable[], at: string): Promise<void> {
  for (const row of rows) {
    const before = await db.selectFrom('record').selectAll().where('id', '=', row.id).executeTakeFirst()
    if (before?.data === row.data && before.kind === row.kind) continue
    if (before) await db.updateTable('record').set(row).where('id', '=', row.id).execute()
    else await db.insertInto('record').values(row).execute()
    await writeLog(db, [{ what: before ? 'change' : 'create', before: before ?? null, after: row, at }])
  }
}
