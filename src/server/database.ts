import { Kysely } from 'kysely'
import { Migrator } from 'kysely/migration'
import { notebookFile } from './home'
import { NotebookDialect } from './store/connection'
import { migrations } from './store/migrations'
import { type NotebookTables } from './store/tables'

export type Notebook = Kysely<NotebookTables>

/**
 * Opens a notebook file (or `:memory:`), brought up to the newest migration.
 * @throws the migration's own error; nothing is left half-migrated
 */
export async function openNotebook(file: string): Promise<Notebook> {
  const db = new Kysely<NotebookTables>({ dialect: new NotebookDialect(file) })
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } })
  const { error } = await migrator.migrateToLatest()
  if (error) {
    await db.destroy()
    throw error
  }
  return db
}

// A development server reloads modules; the notebook stays open across that.
const open = globalThis as { roughSwatchNotebook?: Promise<Notebook> }

/** The person's own notebook, opened once for the life of the server. A failed opening is tried again. */
export function notebook(): Promise<Notebook> {
  open.roughSwatchNotebook ??= openNotebook(notebookFile()).catch((error: unknown) => {
    open.roughSwatchNotebook = undefined
    throw error
  })
  return open.roughSwatchNotebook
}
