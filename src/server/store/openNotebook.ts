import { mkdirSync } from 'node:fs'
import { dirname } from 'node:path'
import { Kysely, Migrator, sql } from 'kysely'
import { NotebookDialect } from './connection'
import { migrations } from './migrations'
import { joinSteps } from './migrations/joined'
import { countForPlanner } from './statistics'
import { type NotebookTables } from './tables'

export type Notebook = Kysely<NotebookTables>

/**
 * Opens a notebook file (or `:memory:`), made with its folder where it is not there, brought up to the newest step.
 * @param onLost called where the file turns out to be damaged while it is open: this connection is not used again
 * @param beforeUpdate done where it is of an older program, before the first step
 * @throws NotebookTrouble where it is of a program that is too old; the migration's own error, with nothing left
 *   half-migrated
 */
export async function openNotebook(
  file: string,
  onLost = () => {},
  beforeUpdate: (db: Notebook) => Promise<unknown> = () => Promise.resolve(),
): Promise<Notebook> {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true })
  const db = new Kysely<NotebookTables>({ dialect: new NotebookDialect(file, onLost) })
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } })
  try {
    await joinSteps(db)
    const steps = await migrator.getMigrations()
    const isOlder = steps.some(({ executedAt }) => executedAt) && steps.some(({ executedAt }) => !executedAt)
    if (isOlder) await beforeUpdate(db)
    const { error } = await migrator.migrateToLatest()
    if (error) throw error
    await countForPlanner(db)
  } catch (error) {
    await db.destroy()
    throw error
  }
  return db
}

/** Opens a notebook file, brings it up to date, and then closes it to writing. */
export async function openToRead(file: string): Promise<Notebook> {
  const db = await openNotebook(file)
  await sql`pragma query_only = on`.execute(db)
  return db
}
