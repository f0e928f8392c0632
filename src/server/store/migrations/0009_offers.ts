import { sql, type Kysely, type Migration } from 'kysely'

/** What a piece offers to patterns is remembered beside its summary: few pages read it, and it is half of the text. */
export const offersApart: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`alter table remembered add column offer text not null default ''`.execute(db)
  },
  async down(db: Kysely<unknown>) {
    await sql`alter table remembered drop column offer`.execute(db)
  },
}
