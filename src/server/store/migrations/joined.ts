import { sql, type Kysely } from 'kysely'
import { type NotebookTables } from '../tables'
import { NotebookTrouble } from '../trouble'

/** Seven steps that are one now: what they were called, in their order. */
export const JOINED_STEPS = [
  '0001_first_notebook',
  '0002_bench_in_full',
  '0003_measuring_bench',
  '0004_one_table_of_records',
  '0005_remembered_and_sought',
  '0006_one_cloth',
  '0007_quick_history',
] as const
const LAST_JOINED = '0007_quick_history'
const INTO = '0001_notebook'

/**
 * Finds out whether a notebook went through the seven steps, and how far.
 * @param done the names of the steps that it went through
 * @returns what cannot be read any more, or undefined
 */
export function olderThanKnown(done: readonly string[]): NotebookTrouble | undefined {
  const joined = done.filter((name) => JOINED_STEPS.some((step) => step === name))
  return joined.length === 0 || done.includes(LAST_JOINED)
    ? undefined
    : new NotebookTrouble('older', `its last step: ${joined.at(-1)}`)
}

/**
 * Notes one step in place of the seven that a notebook went through.
 * @throws NotebookTrouble where it went through some of them only; nothing is changed
 */
export async function joinSteps(db: Kysely<NotebookTables>): Promise<void> {
  const has = await sql`select 1 from sqlite_master where name = 'kysely_migration'`.execute(db)
  if (has.rows.length === 0) return
  const { rows } = await sql<{ name: string }>`select name from kysely_migration order by name`.execute(db)
  const done = rows.map(({ name }) => name)
  const trouble = olderThanKnown(done)
  if (trouble) throw trouble
  if (!done.includes(LAST_JOINED)) return
  await db.transaction().execute(async (inside) => {
    await sql`update kysely_migration set name = ${INTO} where name = ${LAST_JOINED}`.execute(inside)
    await sql`delete from kysely_migration where name in (${sql.join([...JOINED_STEPS])})`.execute(inside)
  })
}
