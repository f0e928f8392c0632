import { type Kysely, sql } from 'kysely'
import { type Migration } from 'kysely/migration'

/**
 * Named, reversible steps, run in the order of their names. A step that has been released is never changed; a new one
 * is added.
 */
export const migrations: Record<string, Migration> = {
  '0001_first_notebook': {
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
  },
  '0002_bench_in_full': {
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
      for (const column of ['setup', 'control_id'])
        await db.schema.alterTable('burn_test').dropColumn(column).execute()
      await db.schema.dropTable('control').execute()
    },
  },
  '0003_measuring_bench': {
    async up(db: Kysely<unknown>) {
      for (const column of READING_COLUMNS) await db.schema.alterTable('reading').addColumn(column, 'real').execute()
      await db.schema
        .alterTable('reading')
        .addColumn('state', 'text', (column) => column.notNull().defaultTo('unknown'))
        .execute()
      // Until now a weighing was of the piece as it is: it keeps the state that the piece has.
      await sql`update reading set state = (select washed from piece where piece.id = reading.piece_id)`.execute(db)
      await db.schema
        .createTable('measurement')
        .addColumn('id', 'integer', (column) => column.primaryKey().autoIncrement())
        .addColumn('piece_id', 'integer', (column) => column.notNull().references('piece.id').onDelete('cascade'))
        .addColumn('kind', 'text', (column) => column.notNull())
        .addColumn('state', 'text', (column) => column.notNull())
        .addColumn('data', 'text', (column) => column.notNull())
        .addColumn('measured_at', 'text', (column) => column.notNull())
        .execute()
      await sql`create index measurement_by_piece on measurement (piece_id)`.execute(db)
    },
    async down(db: Kysely<unknown>) {
      await db.schema.dropTable('measurement').execute()
      for (const column of [...READING_COLUMNS, 'state'])
        await db.schema.alterTable('reading').dropColumn(column).execute()
    },
  },
}

const READING_COLUMNS = ['layers', 'notions_grams', 'notions_error_grams', 'humidity_percent'] as const
