import { sql, type Kysely, type Migration } from 'kysely'

export const benchInFull: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('control')
      .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
      .addColumn('fibre', 'text', (column) => column.notNull())
      .addColumn('name', 'text', (column) => column.notNull())
      .addColumn('sure', 'text', (column) => column.notNull())
      .addColumn('created_at', 'text', (column) => column.notNull())
      .execute()
    await db.schema
      .alterTable('burn_test')
      .addColumn('control_id', 'integer', (column) => column.references('control.id').onDelete('cascade'))
      .execute()
    await db.schema
      .alterTable('burn_test')
      .addColumn('setup', 'text', (column) => column.notNull().defaultTo('{}'))
      .execute()
    await db.schema
      .createTable('specimen')
      .addColumn('test_id', 'integer', (column) => column.notNull().references('burn_test.id').onDelete('cascade'))
      .addColumn('specimen', 'integer', (column) => column.notNull())
      .addColumn('part', 'text', (column) => column.notNull())
      .addColumn('note', 'text', (column) => column.notNull())
      .addColumn('catch_seconds', 'real')
      .addColumn('burn_seconds', 'real')
      .addColumn('burn_mm', 'real')
      .addColumn('picture', 'text')
      .addPrimaryKeyConstraint('one_note_each', ['test_id', 'specimen'])
      .execute()
    await sql`create index burn_test_by_control on burn_test (control_id)`.execute(db)
  },
  async down(db: Kysely<unknown>) {
    await sql`drop index burn_test_by_control`.execute(db)
    await db.schema.dropTable('specimen').execute()
    for (const column of ['setup', 'control_id']) await db.schema.alterTable('burn_test').dropColumn(column).execute()
    await db.schema.dropTable('control').execute()
  },
}
