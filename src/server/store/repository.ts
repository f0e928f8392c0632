import { type Selectable } from 'kysely'
import { v7 } from 'uuid'
import { type z } from 'zod'
import { nextRevision } from '../../core/notebook/schemas/id'
import { recordKinds, type RecordData, type RecordKindId } from '../../core/notebook/kinds'
import { type RecordKind } from '../../core/notebook/kinds/define'
import { type Notebook } from './openNotebook'
import { ConflictError, GoneError } from './errors'
import { formAsItWas, storedFormOf, inPresentForm, type StoredForm } from './form'
import { isJson } from './isJson'
import { strokeWritten } from './strokes'
import { type RecordTable } from './tables'
import { isDamaged, type DamagedRecord, type Kept } from './kept'
import { itemAt, mustHave } from '@/core/lists/items'

/** Some records of a kind, and those among them that cannot be read. */
export interface RecordPage<K extends RecordKindId> {
  kept: Kept<K>[]
  damaged: DamagedRecord[]
  /** Where the next page begins; undefined at the end. */
  next: string | undefined
}

/** A clock's reading, ISO 8601 in UTC. */
type Instant = string

/** Runs within one transaction: the one that is open, or a new one. */
export function inTransaction<T>(db: Notebook, work: (db: Notebook) => Promise<T>): Promise<T> {
  return db.isTransaction ? work(db) : db.transaction().execute(work)
}

/** What is done in one transaction is one stroke. */
const strokes = new WeakMap<Notebook, { stroke: string; undoes: string | null }>()

function strokeOf(open: Notebook): { stroke: string; undoes: string | null } {
  const known = strokes.get(open) ?? { stroke: v7(), undoes: null }
  strokes.set(open, known)
  return known
}

/** Says that what this transaction does takes back another stroke. */
export function takesBack(open: Notebook, undoes: string): void {
  strokes.set(open, { ...strokeOf(open), undoes })
}

/**
 * Writes a new record, under a new id unless the caller has made one.
 * @returns its head and data as they will be read
 * @throws ZodError on data that its kind refuses, GoneError where it refers to what is not there
 */
export async function createRecord<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  data: RecordData<K>,
  at: Instant,
  id: string = v7(),
): Promise<Kept<K>> {
  const row = {
    id,
    kind,
    ...storedFormOf(kind, data),
    revision: 1,
    created_at: at,
    updated_at: at,
  }
  await inTransaction(db, async (open) => {
    await open.insertInto('record').values(row).execute()
    await writeReferences(open, kind, row)
    await log(open, { what: 'create', before: null, after: row, at })
  })
  return mustRead(kind, row)
}

/**
 * Puts a record that was removed back under its own id.
 * @param revision higher than any that somebody may have seen
 * @param before its data as they were written, and the version of their form; what cannot be read stays as it was
 * @throws GoneError where it refers to what is not there any more
 */
export async function restoreRecord(
  db: Notebook,
  kind: RecordKindId,
  { id, revision }: { id: string; revision: number },
  before: { data: string; version: number },
  at: Instant,
): Promise<void> {
  const begun = await db
    .selectFrom('change')
    .select('at')
    .where('record_id', '=', id)
    .where('what', '=', 'create')
    .orderBy('seq')
    .executeTakeFirst()
  const row = {
    id,
    kind,
    ...formAsItWas(kind, before),
    revision,
    created_at: begun?.at ?? at,
    updated_at: at,
  }
  await inTransaction(db, async (open) => {
    await open.insertInto('record').values(row).execute()
    await writeReferences(open, kind, row)
    await log(open, { what: 'create', before: null, after: row, at })
  })
}

/** @returns undefined where there is no record of that kind under that id */
export async function readRecord<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  id: string,
): Promise<Kept<K> | DamagedRecord | undefined> {
  const row = await db
    .selectFrom('record')
    .selectAll()
    .where('id', '=', id)
    .where('kind', '=', kind)
    .executeTakeFirst()
  return row && read(kind, row)
}

/** The record, where it is there and can be read. */
export async function findRecord<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  id: string,
): Promise<Kept<K> | undefined> {
  const found = await readRecord(db, kind, id)
  return found && !isDamaged(found) ? found : undefined
}

/** Puts data as they were in place of those that are there, also where they cannot be read. */
export async function putBack(
  db: Notebook,
  kind: RecordKindId,
  { id, revision }: { id: string; revision: number },
  before: { data: string; version: number },
  at: Instant,
): Promise<void> {
  await inTransaction(db, async (open) => {
    const there = await open.selectFrom('record').selectAll().where('id', '=', id).executeTakeFirst()
    if (!there) throw new GoneError(kind, id)
    if (there.revision !== revision) throw new ConflictError(kind, read(kind, there))
    await replaceForm(open, kind, there, formAsItWas(kind, before), at)
  })
}

/**
 * Replaces the data of a record.
 * @param revision the one that the caller saw
 * @throws GoneError where it was removed, ConflictError with what stands there now where it was changed since
 */
export async function changeRecord<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  { id, revision }: { id: string; revision: number },
  data: RecordData<K>,
  at: Instant,
): Promise<Kept<K>> {
  return inTransaction(db, async (open) => {
    const before = await open
      .selectFrom('record')
      .selectAll()
      .where('id', '=', id)
      .where('kind', '=', kind)
      .executeTakeFirst()
    if (!before) throw new GoneError(kind, id)
    const form = storedFormOf(kind, data)
    // The answer was lost on its way, and the same is asked for again: it is done.
    const isDone = before.revision === nextRevision(revision) && before.data === form.data
    if (isDone) return mustRead(kind, before)
    if (before.revision !== revision) throw new ConflictError(kind, read(kind, before))
    return mustRead(kind, await replaceForm(open, kind, before, form, at))
  })
}

/**
 * Removes a record, and what refers to it as its kind says: some go with it, some forget it.
 * @param revision where it is named, the one that the caller saw
 * @throws GoneError where it was removed already, ConflictError where it was changed since
 */
export async function removeRecord(
  db: Notebook,
  kind: RecordKindId,
  { id, revision }: { id: string; revision?: number },
  at: Instant,
): Promise<void> {
  await inTransaction(db, async (open) => {
    const row = await open
      .selectFrom('record')
      .selectAll()
      .where('id', '=', id)
      .where('kind', '=', kind)
      .executeTakeFirst()
    if (!row) throw new GoneError(kind, id)
    if (revision !== undefined && row.revision !== revision) throw new ConflictError(kind, read(kind, row))
    await letGo(open, id, at)
    await open.deleteFrom('record').where('id', '=', id).execute()
    await log(open, { what: 'remove', before: row, after: null, at })
  })
}

/** One page of a kind, the oldest first (ids are in the order of time) unless the newest are asked for. */
export async function listRecords<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  { after, limit = 100, newestFirst = false }: { after?: string; limit?: number; newestFirst?: boolean } = {},
): Promise<RecordPage<K>> {
  const rows = await db
    .selectFrom('record')
    .selectAll()
    .where('kind', '=', kind)
    .$if(after !== undefined, (query) => query.where('id', newestFirst ? '<' : '>', mustHave(after)))
    .orderBy('id', newestFirst ? 'desc' : 'asc')
    .limit(limit + 1)
    .execute()
  return { ...sorted(kind, rows.slice(0, limit)), next: rows.length > limit ? itemAt(rows, limit - 1).id : undefined }
}

/** Every record of a kind, the oldest first. */
export async function allRecords<K extends RecordKindId>(
  db: Notebook,
  kind: K,
): Promise<Omit<RecordPage<K>, 'next'>> {
  return sorted(kind, await db.selectFrom('record').selectAll().where('kind', '=', kind).orderBy('id').execute())
}

/** Every record of a kind that refers to that one by that field, the oldest first. */
export function recordsReferring<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  field: string,
  to: string,
): Promise<Kept<K>[]> {
  return recordsReferringToAny(db, kind, field, [to])
}

/** Every record of a kind that refers to no other, the oldest first. */
export async function recordsReferringToNothing<K extends RecordKindId>(db: Notebook, kind: K): Promise<Kept<K>[]> {
  const rows = await db
    .selectFrom('record')
    .selectAll()
    .where('kind', '=', kind)
    .where(({ not, exists, selectFrom }) =>
      not(exists(selectFrom('reference').select('to_id').whereRef('from_id', '=', 'record.id'))),
    )
    .orderBy('id')
    .execute()
  return sorted(kind, rows).kept
}

/** Ids asked for in one query: SQLite takes no more than 32,766 of them. */
const IDS_AT_ONCE = 500

/** Does something for so many ids at a time. */
async function inBatches<T>(ids: readonly string[], work: (some: readonly string[]) => Promise<T[]>): Promise<T[]> {
  const all: T[] = []
  for (let at = 0; at < ids.length; at += IDS_AT_ONCE) all.push(...(await work(ids.slice(at, at + IDS_AT_ONCE))))
  return all
}

/** These records of a kind, the oldest first of every few hundred; what is not there or cannot be read is left out. */
export async function recordsByIds<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  ids: readonly string[],
): Promise<Kept<K>[]> {
  const rows = await inBatches(ids, (some) =>
    db
      .selectFrom('record')
      .selectAll()
      .where('kind', '=', kind)
      .where('id', 'in', [...some])
      .orderBy('id')
      .execute(),
  )
  return sorted(kind, rows).kept
}

/** Every record of a kind that refers to one of those by that field, in the order of `recordsByIds`. */
export async function recordsReferringToAny<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  field: string,
  to: readonly string[],
): Promise<Kept<K>[]> {
  const rows = await inBatches(to, (some) =>
    db
      // In this order: what refers to a few is little, and what is of a kind may be everything.
      .selectFrom('reference')
      .crossJoin('record')
      .whereRef('record.id', '=', 'reference.from_id')
      .selectAll('record')
      .where('to_id', 'in', [...some])
      .where((eb) => eb.and({ field, kind }))
      .orderBy('record.id')
      .execute(),
  )
  return sorted(kind, rows).kept
}

/** Which of these records cannot be read; those that are not there are left out. */
export async function damagedAmong(db: Notebook, ids: readonly string[]): Promise<DamagedRecord[]> {
  const rows = await inBatches(ids, (some) =>
    db
      .selectFrom('record')
      .selectAll()
      .where('id', 'in', [...some])
      .orderBy('id')
      .execute(),
  )
  return rows.flatMap((row) => {
    const found = read(row.kind as RecordKindId, row)
    return isDamaged(found) ? [found] : []
  })
}

export async function countRecords(db: Notebook, kind?: RecordKindId): Promise<number> {
  const all = db.selectFrom('record').select(({ fn }) => fn.countAll<number>().as('count'))
  return (await (kind ? all.where('kind', '=', kind) : all).executeTakeFirstOrThrow()).count
}

/** Puts a form in the place of a row, refers to what it names, and tells the history. */
async function replaceForm(
  db: Notebook,
  kind: RecordKindId,
  before: Selectable<RecordTable>,
  form: StoredForm,
  at: Instant,
): Promise<Selectable<RecordTable>> {
  const row = { ...before, ...form, revision: nextRevision(before.revision), updated_at: at }
  await db.updateTable('record').set(row).where('id', '=', row.id).execute()
  await db.deleteFrom('reference').where('from_id', '=', row.id).execute()
  await writeReferences(db, kind, row)
  await log(db, { what: 'change', before, after: row, at })
  return row
}

/** Refers to what its fields name. @throws GoneError where one of them is not there */
async function writeReferences(db: Notebook, kind: RecordKindId, { id, data }: { id: string; data: string }) {
  const told = isJson(data) ? (JSON.parse(data) as Record<string, unknown> | null) : null
  for (const [field, { to }] of Object.entries((recordKinds[kind] as RecordKind | undefined)?.references ?? {})) {
    const target = told?.[field]
    if (typeof target !== 'string') continue
    const there = await db
      .selectFrom('record')
      .select('id')
      .where('id', '=', target)
      .where('kind', '=', to)
      .executeTakeFirst()
    if (!there) throw new GoneError(to, target)
    await db.insertInto('reference').values({ from_id: id, field, to_id: target }).execute()
  }
}

/** What refers to a record that is about to go: removed as well, or made to forget it. */
async function letGo(db: Notebook, id: string, at: Instant): Promise<void> {
  const referring = await db
    .selectFrom('reference')
    .innerJoin('record', 'record.id', 'reference.from_id')
    .selectAll('record')
    .select('field')
    .where('to_id', '=', id)
    .execute()
  for (const { field, ...row } of referring) {
    const kind = row.kind as RecordKindId
    const found = read(kind, row)
    if (isDamaged(found)) {
      // It cannot be rewritten, and nobody has seen it yet: it stays as it is, to be told in its place.
      await db.deleteFrom('reference').where('from_id', '=', row.id).where('field', '=', field).execute()
      continue
    }
    if ((recordKinds[kind] as RecordKind).references[field]?.whenRemoved !== 'clear') {
      await removeRecord(db, kind, { id: row.id }, at)
      continue
    }
    await changeRecord(db, kind, found, { ...found.data, [field]: null }, at)
  }
}

type Logged = Pick<Selectable<RecordTable>, 'id' | 'kind' | 'revision' | 'version' | 'data'>

/** One thing that was done to a record: what it was before and after; null where it was not there. */
export interface Entry {
  what: 'create' | 'change' | 'remove'
  before: Logged | null
  after: Logged | null
  at: Instant
}

async function log(db: Notebook, entry: Entry): Promise<void> {
  await writeLog(db, [entry])
}

/** Writes down what was done, within the transaction that does it. */
export async function writeLog(db: Notebook, entries: readonly Entry[]): Promise<void> {
  if (entries.length === 0) return
  const stroke = strokeOf(db)
  strokeWritten(stroke.stroke)
  const rows = entries.map(({ what, before, after, at }) => {
    const { id, kind, revision } = mustHave(after ?? before)
    return {
      at,
      what,
      record_id: id,
      kind,
      revision,
      before: before?.data ?? null,
      before_version: before?.version ?? null,
      after: after?.data ?? null,
      after_version: after?.version ?? null,
      ...stroke,
    }
  })
  await db.insertInto('change').values(rows).execute()
}

function sorted<K extends RecordKindId>(kind: K, rows: readonly Selectable<RecordTable>[]) {
  const kept: Kept<K>[] = []
  const damaged: DamagedRecord[] = []
  for (const row of rows) {
    const found = read(kind, row)
    if (isDamaged(found)) damaged.push(found)
    else kept.push(found)
  }
  return { kept, damaged }
}

function mustRead<K extends RecordKindId>(kind: K, row: Selectable<RecordTable>): Kept<K> {
  return read(kind, row) as Kept<K>
}

/** A row as a record in the present form, or as what is wrong with it. */
function read<K extends RecordKindId>(kind: K, row: Selectable<RecordTable>): Kept<K> | DamagedRecord {
  const head = { id: row.id, revision: row.revision, createdAt: row.created_at, updatedAt: row.updated_at }
  const damaged = (problem: string): DamagedRecord => ({ ...head, kind, raw: row.data, problem })
  if (!Object.hasOwn(recordKinds, kind)) return damaged(`its kind is not known here: ${String(kind).slice(0, 60)}`)
  const { schema, version } = recordKinds[kind] as RecordKind
  if (row.version > version)
    return damaged(`written by a newer program (form ${row.version}, known here up to ${version})`)
  let told: unknown
  try {
    told = inPresentForm(kind, row)
  } catch (error) {
    return damaged(error instanceof Error ? error.message : String(error))
  }
  const parsed = schema.safeParse(told)
  return parsed.success ? { ...head, data: parsed.data as RecordData<K> } : damaged(problemOf(parsed.error))
}

function problemOf({ issues }: z.ZodError): string {
  const worst = issues.slice(0, 3).map(({ path, message }) => `${path.join('.') || 'all of it'}: ${message}`)
  return worst.length > 0 ? worst.join('; ') : 'we can’t read it'
}
