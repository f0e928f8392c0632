import { sql, type Kysely } from 'kysely'
import { isNotWritten } from './connection'
import { type NotebookTables } from './tables'

type Db = Kysely<NotebookTables>

/** Tables that grow with a notebook. What is mostly empty is not counted: its statistics would mislead. */
const COUNTED = ['record', 'reference', 'change', 'remembered'] as const
/** Rows of an index that are looked at; with these a count of any size takes some milliseconds. */
const LOOKED_AT = 400
/** A notebook is counted again once it has so many times the rows that it had. */
const GROWN = 3
/** Under so many records any way of answering is quick. */
const LEAST_RECORDS = 200

/**
 * Lets SQLite count what is in a notebook, so that it chooses the shortest way to an answer: where nobody counted, or
 * the notebook grew much since. SQLite 3.45 does not do that by itself for a table that was never counted. Where
 * another program writes meanwhile it is left for the next time.
 */
export async function countForPlanner(db: Db): Promise<void> {
  const now = await recordCount(db)
  if (now < LEAST_RECORDS || now < GROWN * (await countedBefore(db))) return
  try {
    await db.transaction().execute(async (open) => {
      await sql`pragma analysis_limit = ${sql.lit(LOOKED_AT)}`.execute(open)
      for (const table of COUNTED) await sql`analyze ${sql.table(table)}`.execute(open)
    })
  } catch (error) {
    if (!isNotWritten(error)) throw error
  }
}

async function recordCount(db: Db): Promise<number> {
  const { rows } = await sql<{ n: number }>`select count(*) as n from record`.execute(db)
  return rows[0]?.n ?? 0
}

/** Records that there were when they were last counted; 0 where they never were. */
async function countedBefore(db: Db): Promise<number> {
  const there = await sql`select 1 from sqlite_master where name = 'sqlite_stat1'`.execute(db)
  if (there.rows.length === 0) return 0
  const { rows } = await sql<{ stat: string }>`
    select stat from sqlite_stat1 where tbl = 'record' and idx = 'record_by_kind'`.execute(db)
  return Number(rows[0]?.stat.split(' ')[0] ?? 0)
}
