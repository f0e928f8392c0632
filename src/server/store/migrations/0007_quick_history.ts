import { sql, type Kysely, type Migration } from 'kysely'

/** What was done to a piece is found by an index: its own changes had one, those of its evidence were all read. */
export const quickHistory: Migration = {
  async up(db: Kysely<unknown>) {
    for (const [name, on] of INDEXES) await sql.raw(`create index ${name} on change ${on}`).execute(db)
  },
  async down(db: Kysely<unknown>) {
    for (const [name] of INDEXES) await sql.raw(`drop index ${name}`).execute(db)
  },
}

/** A record that cannot be read is of no piece. */
const pieceIn = (column: string) => `(case when json_valid(${column}) then json_extract(${column}, '$.pieceId') end)`

const INDEXES = [
  ['change_to_piece', `(${pieceIn('after')})`],
  ['change_from_piece', `(${pieceIn('before')})`],
  ['change_undoing', '(seq) where undoes is not null'],
] as const
