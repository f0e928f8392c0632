import { sql } from 'kysely'
import { type RecordKindId } from '../../core/notebook/kinds'
import { type Notebook } from '../store/openNotebook'
import { runJob } from '../jobs/pool'
import { damagedAmong, inTransaction } from '../store/repository'
import { type DamagedRecord } from '../store/kept'
import { fileOf, isReadOnly } from './fileOf'
import { TABLES_VERSION } from './tables'
import { waitBriefly } from './waitBriefly'
import { mustHave } from '@/core/lists/items'

/** So many records are looked at while a page waits; more than that, in a worker thread. */
const AT_ONCE = 300
const BATCH = 2000

/**
 * Of these kinds the records that cannot be read, the oldest first. What was written since the last time is looked at
 * first; of a large notebook that comes to a new version of the program, in the background.
 * @param kinds null: of all, also those that are not known here
 * @param referringTo keeps to those that refer to one record
 * @param isWaiting waits until all of them were looked at
 */
export async function damagedRecords(
  db: Notebook,
  kinds: readonly RecordKindId[] | null,
  { referringTo, isWaiting = false }: { referringTo?: string; isWaiting?: boolean } = {},
): Promise<DamagedRecord[]> {
  await check(db)
  if (isWaiting) await working
  const rows = await db
    // In this order: few or none are damaged, and all the others need not be looked at.
    .selectFrom('damaged')
    .crossJoin('record')
    .whereRef('record.id', '=', 'damaged.record_id')
    .select('id')
    .$if(kinds !== null, (query) => query.where('kind', 'in', mustHave(kinds)))
    .$if(referringTo !== undefined, (query) =>
      query.where('id', 'in', (sub) =>
        sub.selectFrom('reference').select('from_id').where('to_id', '=', mustHave(referringTo)),
      ),
    )
    .execute()
  return damagedAmong(
    db,
    rows.map(({ id }) => id),
  )
}

let working: Promise<void> | undefined

async function check(db: Notebook): Promise<void> {
  if (await isReadOnly(db)) return
  await waitBriefly(markOutdated(db))
  const ids = await unchecked(db, AT_ONCE + 1)
  if (ids.length === 0) return
  if (ids.length <= AT_ONCE) return waitBriefly(keep(db, ids, await damagedAmong(db, ids)))
  working ??= checkAll(db).finally(() => (working = undefined))
  working.catch(() => undefined)
}

async function unchecked(db: Notebook, most: number): Promise<string[]> {
  const rows = await db.selectFrom('unchecked').select('record_id').limit(most).execute()
  return rows.map(({ record_id }) => record_id)
}

async function checkAll(db: Notebook): Promise<void> {
  const file = await fileOf(db)
  for (;;) {
    const ids = await unchecked(db, BATCH)
    if (ids.length === 0) return
    const damaged = file ? await runJob('checkRecords', { file, ids }) : await damagedAmong(db, ids)
    await keep(db, ids, damaged)
  }
}

async function keep(db: Notebook, ids: readonly string[], damaged: readonly { id: string }[]): Promise<void> {
  const list = JSON.stringify(ids)
  await inTransaction(db, async (open) => {
    await sql`delete from damaged where record_id in (select value from json_each(${list}))`.execute(open)
    await sql`delete from unchecked where record_id in (select value from json_each(${list}))`.execute(open)
    for (const { id } of damaged) await sql`insert or ignore into damaged values (${id})`.execute(open)
  })
}

/** What an older program could read, this one may not, and the other way round. */
async function markOutdated(db: Notebook): Promise<void> {
  const known = await db.selectFrom('made_with').select('tables').where('what', '=', 'checks').executeTakeFirst()
  if (known?.tables === TABLES_VERSION) return
  await inTransaction(db, async (open) => {
    await sql`insert or ignore into unchecked select id from record`.execute(open)
    await sql`insert or replace into made_with values ('checks', ${TABLES_VERSION})`.execute(open)
  })
}
