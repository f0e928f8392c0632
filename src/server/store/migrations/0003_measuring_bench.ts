import { sql, type Kysely, type Migration } from 'kysely'

const READING_COLUMNS = ['layers', 'notions_grams', 'notions_error_grams', 'humidity_percent'] as const

export const measuringBench: Migration = {
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
}
