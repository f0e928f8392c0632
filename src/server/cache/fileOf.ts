import { sql } from 'kysely'
import { type Notebook } from '../store/openNotebook'
import { notebookFile } from '../store/home'
import { NotebookTrouble } from '../store/trouble'

/** The file of a notebook, for worker threads; undefined where it lies in memory only. */
export async function fileOf(db: Notebook): Promise<string | undefined> {
  const { rows } = await sql<{ file: string }>`pragma database_list`.execute(db)
  return rows[0]?.file || undefined
}

/** The same for work that writes. @throws NotebookTrouble where it may be read only */
export async function fileToWrite(db: Notebook): Promise<string> {
  const file = (await fileOf(db)) ?? notebookFile()
  if (await isReadOnly(db)) throw new NotebookTrouble('read-only', file)
  return file
}

/** Whether it may be read only: nothing can be remembered in it. */
export async function isReadOnly(db: Notebook): Promise<boolean> {
  const { rows } = await sql<{ query_only: number }>`pragma query_only`.execute(db)
  return rows[0]?.query_only === 1
}
