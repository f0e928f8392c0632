import { sql, type Selectable } from 'kysely'
import { nextRevision } from '../../core/notebook/schemas/id'
import { recordKinds, type RecordKindId } from '../../core/notebook/kinds'
import { type RecordKind } from '../../core/notebook/kinds/define'
import { type Notebook } from './openNotebook'
import { putBack, removeRecord, restoreRecord, takesBack, inTransaction } from './repository'
import { type ChangeTable } from './tables'
import { mustHave } from '@/core/lists/items'

/** What was done at one stroke, to one thing and what belongs to it. */
export interface ChangeSet {
  stroke: string
  /** ISO 8601. */
  at: string
  steps: { what: 'create' | 'change' | 'remove'; id: string; kind: RecordKindId; title: string; fields: string[] }[]
  /** The stroke that this one took back. */
  undoes: string | null
  /** Whether another stroke has taken this one back, and was not taken back itself. */
  isUndone: boolean
}

/** Something was done to the same records since: that has to be taken back first. */
export class ChangedSinceError extends Error {
  constructor() {
    super('This was changed again later. Undo the later change first.')
    this.name = 'ChangedSinceError'
  }
}

/** More strokes than these are not told at once. */
const MOST_STROKES = 200

/** What was done to a record and to what refers to it, or did, the latest first. */
export async function historyOf(db: Notebook, id: string): Promise<ChangeSet[]> {
  const { rows } = await sql<Selectable<ChangeTable>>`
    select * from change
    where stroke in (
      select stroke from change
      where stroke is not null and (record_id = ${id}
        or (case when json_valid(after) then json_extract(after, '$.pieceId') end) = ${id}
        or (case when json_valid(before) then json_extract(before, '$.pieceId') end) = ${id})
      group by stroke order by max(seq) desc limit ${MOST_STROKES})
    order by seq desc`.execute(db)
  return strokesFrom(rows, await undoneBy(db, rows))
}

/** What was done at one stroke, in its order; undefined where nothing was. */
export async function changeSet(db: Notebook, stroke: string): Promise<ChangeSet | undefined> {
  const rows = await db.selectFrom('change').selectAll().where('stroke', '=', stroke).orderBy('seq').execute()
  return strokesFrom(rows, new Set())[0]
}

/** Strokes, of these, that stand taken back. */
async function undoneBy(db: Notebook, rows: readonly Selectable<ChangeTable>[]): Promise<Set<string>> {
  const strokes = [...new Set(rows.flatMap(({ stroke }) => stroke ?? []))]
  if (strokes.length === 0) return new Set()
  const undoing = await db
    .selectFrom('change')
    .select(['stroke', 'undoes'])
    .distinct()
    .where('undoes', 'is not', null)
    .orderBy('seq')
    .execute()
  // In their order: what takes back a taking back makes the first one stand again.
  const undone = new Set<string>()
  for (const { stroke, undoes } of undoing) {
    undone.add(mustHave(undoes))
    if (stroke) undone.delete(stroke)
    for (const earlier of undoing) if (earlier.stroke === undoes && earlier.undoes) undone.delete(earlier.undoes)
  }
  return undone
}

function strokesFrom(rows: readonly Selectable<ChangeTable>[], undone: ReadonlySet<string>): ChangeSet[] {
  const strokes = new Map<string, ChangeSet>()
  for (const row of rows) {
    const key = mustHave(row.stroke)
    const stroke = strokes.get(key) ?? {
      stroke: key,
      at: row.at,
      steps: [],
      undoes: row.undoes,
      isUndone: undone.has(key),
    }
    strokes.set(key, stroke)
    stroke.steps.push({
      what: row.what as ChangeSet['steps'][number]['what'],
      id: row.record_id,
      kind: row.kind as RecordKindId,
      title: titleOf(row),
      fields: changedFields(row),
    })
  }
  return [...strokes.values()]
}

/** What the record was called then. */
export function titleOf({ kind, before, after }: Pick<ChangeTable, 'kind' | 'before' | 'after'>): string {
  const known = recordKinds[kind as RecordKindId] as RecordKind | undefined
  try {
    return known?.title(JSON.parse(after ?? before ?? '{}')) ?? kind
  } catch {
    return kind
  }
}

/** Fields whose contents differ, for a change. */
function changedFields({ before, after }: Pick<ChangeTable, 'before' | 'after'>): string[] {
  if (before === null || after === null) return []
  try {
    const [old, fresh] = [JSON.parse(before), JSON.parse(after)] as Record<string, unknown>[]
    const keys = new Set([...Object.keys(mustHave(old)), ...Object.keys(mustHave(fresh))])
    return [...keys].filter((key) => JSON.stringify(mustHave(old)[key]) !== JSON.stringify(mustHave(fresh)[key]))
  } catch {
    return []
  }
}

/**
 * Takes back everything that was done at one stroke; that is a stroke of its own, and can be taken back as well.
 * @throws ChangedSinceError where one of its records was changed since; nothing is done then
 */
export async function takeBack(db: Notebook, stroke: string, at: string): Promise<void> {
  await inTransaction(db, async (open) => {
    takesBack(open, stroke)
    const rows = await open
      .selectFrom('change')
      .selectAll()
      .where('stroke', '=', stroke)
      .orderBy('seq', 'desc')
      .execute()
    if (rows.length === 0) throw new ChangedSinceError()
    for (const row of rows) await takeBackOne(open, row, at)
  })
}

async function takeBackOne(db: Notebook, row: Selectable<ChangeTable>, at: string): Promise<void> {
  const kind = row.kind as RecordKindId
  const there = await db
    .selectFrom('record')
    .select(['data', 'revision'])
    .where('id', '=', row.record_id)
    .executeTakeFirst()
  if ((there?.data ?? null) !== row.after) throw new ChangedSinceError()
  if (row.before === null) return removeRecord(db, kind, { id: row.record_id }, at)
  const before = { data: row.before, version: row.before_version ?? 1 }
  if (there) {
    await putBack(db, kind, { id: row.record_id, revision: there.revision }, before, at)
  } else await restoreRecord(db, kind, { id: row.record_id, revision: nextRevision(row.revision) }, before, at)
}

/** Something that was thrown away and may be taken out of the bin again. */
export interface Binned {
  stroke: string
  id: string
  kind: RecordKindId
  title: string
  at: string
  /** Other records that went with it. */
  others: number
}

/** Days that something lies in the bin. */
export const BIN_DAYS = 30
const MS_A_DAY = 24 * 60 * 60 * 1000

/** When the bin begins, ISO 8601: what was thrown away before lies in it no more. */
export function binFrom(now: string): string {
  return new Date(Date.parse(now) - BIN_DAYS * MS_A_DAY).toISOString()
}

/** What was thrown away in the last days and is not there again, the latest first. */
export async function listBin(db: Notebook, now: string): Promise<Binned[]> {
  const { rows } = await sql<Selectable<ChangeTable>>`
    select * from change
    where what = 'remove' and stroke is not null and undoes is null and at >= ${binFrom(now)}
      and record_id not in (select id from record)
    order by +seq desc limit 1000`.execute(db)
  const bin = new Map<string, Binned>()
  for (const row of rows) {
    const stroke = mustHave(row.stroke)
    const known = bin.get(stroke)
    // What belongs to a thing goes before it: the thing itself went last.
    if (known) known.others += 1
    else {
      const { record_id: id, at } = row
      bin.set(stroke, { stroke, id, kind: row.kind as RecordKindId, title: titleOf(row), at, others: 0 })
    }
  }
  return [...bin.values()]
}

/** What was done to a record, the oldest first. */
export function changesOf(db: Notebook, id: string): Promise<Selectable<ChangeTable>[]> {
  return db.selectFrom('change').selectAll().where('record_id', '=', id).orderBy('seq').execute()
}
