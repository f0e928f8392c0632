import { sql } from 'kysely'
import { RefusedImport, type ReadyRecord, type ExchangeIssue } from '../../core/formats/json/read'
import { recordKinds } from '../../core/notebook/kinds'
import { type RecordKind } from '../../core/notebook/kinds/define'
import { type Notebook } from '../store/openNotebook'
import { writeLog, inTransaction } from '../store/repository'
import { type RecordTable } from '../store/tables'
import { mustHave } from '@/core/lists/items'

/** What an import did, or would do. */
export interface ImportCounts {
  created: number
  changed: number
  /** Were there already, exactly so. */
  same: number
}

/** Records written at a time. */
const AT_ONCE = 200

/**
 * Writes records as they stand in a document, under their own ids, revisions and times, in one stroke that can be taken
 * back. Records of the same id are the same record.
 * @param isTrial tells what it would do, and does nothing
 * @param progress called with what is done; may throw to stop, and then nothing is written
 * @throws RefusedImport where a record refers to what is not there, or an id is another kind's
 */
export async function writeRecords(
  db: Notebook,
  records: readonly ReadyRecord[],
  { at, isTrial, progress }: { at: string; isTrial: boolean; progress: (done: number) => void },
): Promise<ImportCounts> {
  let counts: ImportCounts = { created: 0, changed: 0, same: 0 }
  const work = async (open: Notebook) => {
    counts = await writeRecordsWithin(open, records, at, progress)
    if (isTrial) throw new OnlyATrial()
  }
  try {
    await inTransaction(db, work)
  } catch (error) {
    if (!(error instanceof OnlyATrial)) throw error
  }
  return counts
}

/** The same within a transaction that is open. */
export async function writeRecordsWithin(
  open: Notebook,
  records: readonly ReadyRecord[],
  at: string,
  progress: (done: number) => void = () => {},
): Promise<ImportCounts> {
  const counts = { created: 0, changed: 0, same: 0 }
  // A record may refer to one that comes after it: that all are there is looked at in the end.
  await sql`pragma defer_foreign_keys = on`.execute(open)
  for (let from = 0; from < records.length; from += AT_ONCE) {
    const some = records.slice(from, from + AT_ONCE)
    await referSome(open, await writeSome(open, some, from, counts, at))
    progress(from + some.length)
    // Whoever wants to stop it is heard in between.
    await new Promise((resolve) => setImmediate(resolve))
  }
  await checkReferences(open, records)
  return counts
}

/** Ends a trial: everything that was written for it goes again. */
class OnlyATrial extends Error {}

async function writeSome(
  open: Notebook,
  records: readonly ReadyRecord[],
  from: number,
  counts: ImportCounts,
  at: string,
): Promise<ReadyRecord[]> {
  const ids = records.map(({ id }) => id)
  const rows = await open.selectFrom('record').selectAll().where('id', 'in', ids).execute()
  const there = new Map(rows.map((row) => [row.id, row]))
  const fresh: RecordTable[] = []
  const changed: ReadyRecord[] = []
  for (const [index, record] of records.entries()) {
    const row = rowOf(record)
    const before = there.get(record.id)
    if (before && before.kind !== record.kind) {
      const message = 'this id is another record’s here'
      throw new RefusedImport([{ path: `records.${from + index}.id`, message }])
    }
    if (before && isSame(before, row)) {
      counts.same += 1
      continue
    }
    changed.push(record)
    if (before) {
      counts.changed += 1
      await open.updateTable('record').set(row).where('id', '=', row.id).execute()
      await open.deleteFrom('reference').where('from_id', '=', row.id).execute()
    } else {
      counts.created += 1
      fresh.push(row)
    }
  }
  if (fresh.length > 0) await open.insertInto('record').values(fresh).execute()
  await writeLog(
    open,
    changed.map((record) => ({
      what: there.has(record.id) ? 'change' : 'create',
      before: there.get(record.id) ?? null,
      after: rowOf(record),
      at,
    })),
  )
  return changed
}

function rowOf({
  id,
  kind,
  version,
  revision,
  createdAt,
  updatedAt,
  data,
  title,
  searched,
}: ReadyRecord): RecordTable {
  return {
    id,
    kind,
    version,
    revision,
    data: JSON.stringify(data),
    title,
    searched,
    created_at: createdAt,
    updated_at: updatedAt,
  }
}

const COMPARED = ['version', 'revision', 'data', 'created_at', 'updated_at'] as const

function isSame(before: RecordTable, after: RecordTable): boolean {
  return COMPARED.every((column) => before[column] === after[column])
}

async function referSome(open: Notebook, records: readonly ReadyRecord[]): Promise<void> {
  const rows = records.flatMap(({ id, references }) =>
    Object.entries(references).map(([field, to]) => ({ from_id: id, field, to_id: to })),
  )
  if (rows.length > 0) await open.insertInto('reference').values(rows).execute()
}

async function checkReferences(open: Notebook, records: readonly ReadyRecord[]): Promise<void> {
  const issues: ExchangeIssue[] = []
  const kinds = new Map(records.map(({ id, kind }) => [id, kind as string]))
  const wanted = records.flatMap(({ references }) => Object.values(references)).filter((id) => !kinds.has(id))
  for (let at = 0; at < wanted.length; at += AT_ONCE) {
    const some = wanted.slice(at, at + AT_ONCE)
    const rows = await open.selectFrom('record').select(['id', 'kind']).where('id', 'in', some).execute()
    for (const { id, kind } of rows) kinds.set(id, kind)
  }
  records.forEach(({ kind, references }, index) => {
    for (const [field, to] of Object.entries(references)) {
      const expected = mustHave((recordKinds[kind] as RecordKind).references[field]).to
      if (kinds.get(to) !== expected && issues.length < 20)
        issues.push({ path: `records.${index}.data.${field}`, message: `there is no ${expected} of that id` })
    }
  })
  if (issues.length > 0) throw new RefusedImport(issues)
}
