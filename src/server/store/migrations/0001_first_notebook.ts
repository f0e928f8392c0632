import { sql, type Kysely, type Migration } from 'kysely'

export const firstNotebook: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('piece')
      .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
      .addColumn('name', 'text', (column) => column.notNull())
      .addColumn('called', 'text', (column) => column.notNull())
      .addColumn('construction', 'text')
      .addColumn('width_mm', 'real')
      .addColumn('length_mm', 'real')
      .addColumn('place', 'text', (column) => column.notNull())
      .addColumn('source', 'text', (column) => column.notNull())
      .addColumn('notes', 'text', (column) => column.notNull())
      .addColumn('washed', 'text', (column) => column.notNull())
      .addColumn('body', 'text')
      .addColumn('opacity', 'text')
      .addColumn('stretch_width_percent', 'real')
      .addColumn('claim', 'text', (column) => column.notNull())
      .addColumn('look', 'text', (column) => column.notNull())
      .addColumn('created_at', 'text', (column) => column.notNull())
      .execute()
    await db.schema
      .createTable('burn_test')
      .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
      .addColumn('piece_id', 'integer', (column) => column.references('piece.id').onDelete('cascade'))
      .addColumn('created_at', 'text', (column) => column.notNull())
      .execute()
    await db.schema
      .createTable('answer')
      .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
      .addColumn('test_id', 'integer', (column) => column.notNull().references('burn_test.id').onDelete('cascade'))
      .addColumn('specimen', 'integer', (column) => column.notNull())
      .addColumn('part', 'text', (column) => column.notNull())
      .addColumn('feature', 'text', (column) => column.notNull())
      .addColumn('states', 'text', (column) => column.notNull())
      .addColumn('answered_at', 'text', (column) => column.notNull())
      .addUniqueConstraint('one_answer_each', ['test_id', 'specimen', 'part', 'feature'])
      .execute()
    await db.schema
      .createTable('reading')
      .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
      .addColumn('piece_id', 'integer', (column) => column.notNull().references('piece.id').onDelete('cascade'))
      .addColumn('grams', 'real', (column) => column.notNull())
      .addColumn('resolution_grams', 'real', (column) => column.notNull())
      .addColumn('length_mm', 'real', (column) => column.notNull())
      .addColumn('width_mm', 'real', (column) => column.notNull())
      .addColumn('cut_error_mm', 'real', (column) => column.notNull())
      .addColumn('measured_at', 'text', (column) => column.notNull())
      .execute()
    await db.schema
      .createTable('pattern')
      .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
      .addColumn('name', 'text', (column) => column.notNull())
      .addColumn('notes', 'text', (column) => column.notNull())
      .addColumn('need', 'text', (column) => column.notNull())
      .addColumn('created_at', 'text', (column) => column.notNull())
      .execute()
    await sql`create index answer_by_test on answer (test_id)`.execute(db)
    await sql`create index reading_by_piece on reading (piece_id)`.execute(db)
    await sql`create index burn_test_by_piece on burn_test (piece_id)`.execute(db)
  },
  async down(db: Kysely<unknown>) {
    for (const table of ['answer', 'burn_test', 'reading', 'pattern', 'piece'])
      await db.schema.dropTable(table).execute()
  },
}
