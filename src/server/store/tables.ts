import { type Generated } from 'kysely'

/** Rows as they lie in SQLite: JSON as text, times as ISO 8601 in UTC, ids as UUID version 7. */
export interface NotebookTables {
  record: RecordTable
  reference: ReferenceTable
  change: ChangeTable
}

/** Every record of every kind. */
export interface RecordTable {
  id: string
  kind: string
  /** Version of the form of `data`. */
  version: number
  /** Raised by one at each change; whoever changes a record names the revision that they saw. */
  revision: number
  data: string
  /** Lower-case words that it is found by. */
  searched: string
  created_at: string
  updated_at: string
}

/** Which record refers to which, read off the data at each writing. */
export interface ReferenceTable {
  from_id: string
  /** Field of the data that holds the id. */
  field: string
  to_id: string
}

/** What was done, in its order; nothing is ever taken out. */
export interface ChangeTable {
  seq: Generated<number>
  at: string
  what: string
  record_id: string
  kind: string
  /** Of the record after it; of the last one where it was removed. */
  revision: number
  /** Data before and after; null where there was none. */
  before: string | null
  after: string | null
}
