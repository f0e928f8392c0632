import { sql, type Kysely, type Migration } from 'kysely'
import { v7 } from 'uuid'
import { benchInFull } from './0002_bench_in_full'
import { firstNotebook } from './0001_first_notebook'
import { measuringBench } from './0003_measuring_bench'
import { insertOldRows } from './0004_down'
import { readOldRows, type NewRecord, type OldTable } from './0004_up'

const OLD_TABLES: readonly OldTable[] = [
  'answer',
  'specimen',
  'burn_test',
  'reading',
  'measurement',
  'pattern',
  'control',
  'piece',
]

/**
 * All records in one table, each under an id that is unique across notebooks (UUID version 7), with a revision, the
 * words it is found by, what it refers to, and a log of every change. Until now each kind had a table of its own with
 * numbers that were counted up; they are kept in `old_number`, so that the step can be taken back.
 */
export const oneTableOfRecords: Migration = {
  async up(db: Kysely<unknown>) {
    // Rows of one instant keep their order by their number in it.
    let seq = 0
    const newId = (createdAt: string) => v7({ msecs: Date.parse(createdAt) || 0, seq: (seq += 1) })
    const records = await readOldRows(db as never, newId)
    for (const table of OLD_TABLES) await db.schema.dropTable(table).execute()
    await createTables(db)
    for (const record of records) await insertRecord(db, record)
    for (const record of records) await insertReferences(db, record)
  },
  async down(db: Kysely<unknown>) {
    const [records, numbers] = await Promise.all([
      sql<{ id: string; kind: string; data: string; created_at: string }>`select * from record order by id`.execute(
        db,
      ),
      sql<{ record_id: string; number: number }>`select * from old_number`.execute(db),
    ])
    for (const table of ['reference', 'old_number', 'change', 'record']) await db.schema.dropTable(table).execute()
    await firstNotebook.up(db as never)
    await benchInFull.up(db as never)
    await measuringBench.up(db as never)
    await insertOldRows(db as never, records.rows, new Map(numbers.rows.map((row) => [row.record_id, row.number])))
  },
}

async function createTables(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('record')
    .addColumn('id', 'text', (column) => column.primaryKey())
    .addColumn('kind', 'text', (column) => column.notNull())
    .addColumn('version', 'integer', (column) => column.notNull())
    .addColumn('revision', 'integer', (column) => column.notNull())
    .addColumn('data', 'text', (column) => column.notNull())
    .addColumn('searched', 'text', (column) => column.notNull())
    .addColumn('created_at', 'text', (column) => column.notNull())
    .addColumn('updated_at', 'text', (column) => column.notNull())
    .execute()
  await db.schema
    .createTable('reference')
    .addColumn('from_id', 'text', (column) => column.notNull().references('record.id').onDelete('cascade'))
    .addColumn('field', 'text', (column) => column.notNull())
    .addColumn('to_id', 'text', (column) => column.notNull().references('record.id'))
    .addPrimaryKeyConstraint('one_a_field', ['from_id', 'field'])
    .execute()
  await db.schema
    .createTable('change')
    .addColumn('seq', 'integer', (column) => column.primaryKey().autoIncrement())
    .addColumn('at', 'text', (column) => column.notNull())
    .addColumn('what', 'text', (column) => column.notNull())
    .addColumn('record_id', 'text', (column) => column.notNull())
    .addColumn('kind', 'text', (column) => column.notNull())
    .addColumn('revision', 'integer', (column) => column.notNull())
    .addColumn('before', 'text')
    .addColumn('after', 'text')
    .execute()
  await db.schema
    .createTable('old_number')
    .addColumn('record_id', 'text', (column) => column.primaryKey())
    .addColumn('number', 'integer', (column) => column.notNull())
    .execute()
  await sql`create index record_by_kind on record (kind, id)`.execute(db)
  await sql`create index reference_to on reference (to_id)`.execute(db)
  await sql`create index change_of on change (record_id)`.execute(db)
}

async function insertRecord(db: Kysely<unknown>, { id, kind, data, searched, createdAt, number }: NewRecord) {
  await sql`insert into record values
    (${id}, ${kind}, 1, 1, ${JSON.stringify(data)}, ${searched}, ${createdAt}, ${createdAt})`.execute(db)
  await sql`insert into old_number values (${id}, ${number})`.execute(db)
}

async function insertReferences(db: Kysely<unknown>, { id, references }: NewRecord): Promise<void> {
  for (const [field, to] of Object.entries(references)) {
    if (to !== null) await sql`insert into reference values (${id}, ${field}, ${to})`.execute(db)
  }
}
