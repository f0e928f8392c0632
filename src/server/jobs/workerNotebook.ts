import { Kysely } from 'kysely'
import { NotebookDialect } from '../store/connection'
import { type NotebookTables } from '../store/tables'

// A worker thread is asked again and again: its connection stays open for as long as it lives.
let open: { file: string; db: Kysely<NotebookTables> } | undefined

/** The notebook, by a connection of this worker thread's own; its tables are those of this program already. */
export async function workerNotebook(file: string): Promise<Kysely<NotebookTables>> {
  if (open?.file !== file) {
    await open?.db.destroy()
    open = { file, db: new Kysely<NotebookTables>({ dialect: new NotebookDialect(file) }) }
  }
  return open.db
}
