import { sql, type Kysely, type Migration } from 'kysely'

/** What a piece lost in length, and what lies in the bin, is found by an index: every change was read for it. */
export const quickMovements: Migration = {
  async up(db: Kysely<unknown>) {
    for (const [name, on] of INDEXES) await sql.raw(`create index ${name} on change ${on}`).execute(db)
  },
  async down(db: Kysely<unknown>) {
    for (const [name] of INDEXES) await sql.raw(`drop index ${name}`).execute(db)
  },
}

const lengthIn = (column: string) =>
  `(case when json_valid(${column}) then json_extract(${column}, '$.lengthMm') end)`

const INDEXES = [
  [
    'change_shortened',
    `(at) where kind = 'piece' and what in ('change', 'remove') and undoes is null
      and ${lengthIn('before')} > coalesce(${lengthIn('after')}, 0)`,
  ],
  ['change_removed', `(at) where what = 'remove' and undoes is null`],
] as const
