import Database from 'libsql'
import { Kysely, SqliteDialect, type SqliteDatabase } from 'kysely'
import { Migrator } from 'kysely/migration'
import { notebookFile } from './home'
import { migrations } from './migrations'
import { type NotebookTables } from './schema'

export type Notebook = Kysely<NotebookTables>

/**
 * Opens a notebook file (or `:memory:`), brought up to the newest migration. @throws the migration's own error;
 * nothing is left half-migrated.
 */
export async function openNotebook(file: string): Promise<Notebook> {
  const connection = new Database(file)
  connection.pragma('foreign_keys = ON')
  // libsql answers the calls of the interface that Kysely names after another package; the types differ in unused
  // parts.
  const db = new Kysely<NotebookTables>({
    dialect: new SqliteDialect({ database: connection as unknown as SqliteDatabase }),
  })
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } })
  const { error } = await migrator.migrateToLatest()
  if (error) {
    await db.destroy()
    throw error
  }
  return db
}

// A development server reloads modules; the notebook stays open across that.
const kept = globalThis as { roughSwatchNotebook?: Promise<Notebook> }

/** The person's own notebook, opened once for the life of the server. A failed opening is tried again. */
export function notebook(): Promise<Notebook> {
  kept.roughSwatchNotebook ??= openNotebook(notebookFile()).catch((error: unknown) => {
    kept.roughSwatchNotebook = undefined
    throw error
  })
  return kept.roughSwatchNotebook
}
