import { type Generated } from 'kysely'

/** Rows as they lie in SQLite: JSON as text, times as ISO 8601 in UTC, ids as UUID version 7. */
export interface NotebookTables {
  record: RecordTable
  reference: ReferenceTable
  change: ChangeTable
  remembered: RememberedTable
  stale: StaleTable
  unchecked: RecordIdTable
  damaged: RecordIdTable
  made_with: MadeWithTable
  sought_row: SoughtTable
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
  /** What it is called; empty where it has no name. */
  title: string
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
  /** Versions of the form of both. */
  before_version: number | null
  after_version: number | null
  /** Changes of one stroke were done together, and are taken back together. */
  stroke: string | null
  /** The stroke that this one takes back. */
  undoes: string | null
}

/** What follows from a piece. */
export interface RememberedTable {
  piece_id: string
  /** Version of the tables that it was made with. */
  tables: string
  /** Hash of what it was made from. */
  stamp: string
  gist: string
  /** What it offers to patterns; empty where an older program remembered it. */
  offer: Generated<string>
  /** Raised with each making, over all pieces. */
  made: number
}

/** Pieces whose evidence changed since; a mark is new with each change. */
export interface StaleTable {
  piece_id: string
  mark: string
}

/** Every record's words, as they are indexed. */
export interface SoughtTable {
  n: Generated<number>
  record_id: string
  title: string
  words: string
}

/** Records that were written since somebody looked whether they can be read; records that cannot be. */
export interface RecordIdTable {
  record_id: string
}

/** Which version of the tables something of the whole notebook was made with. */
export interface MadeWithTable {
  what: string
  tables: string
}
