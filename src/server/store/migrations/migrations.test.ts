import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import { sql } from 'kysely'
import { openNotebook, type Notebook } from '../openNotebook'
import { allRecords, countRecords } from '../repository'
import { measurementsOf } from '../../records/measurements'
import { migrations } from './'

const OLD = readFileSync(join(__dirname, '../../../../tests/support/notebook0003.sql'), 'utf8')
const TABLES = ['piece', 'burn_test', 'answer', 'specimen', 'control', 'reading', 'measurement', 'pattern'] as const

type Rows = Record<string, unknown>[]

/** A notebook as the program wrote it up to its third migration. */
function oldNotebook(): { file: string; tables: Record<string, Rows> } {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-old-')), 'notebook.sqlite')
  const db = new Database(file)
  // The rows come table by table, those that refer before those referred to.
  db.pragma('foreign_keys = OFF')
  db.exec(OLD)
  const tables = Object.fromEntries(
    TABLES.map((table) => [table, db.prepare(`select * from ${table}`).all() as Rows]),
  )
  db.close()
  return { file, tables }
}

/** The steps after that one, in their order. */
const stepsAfter = (name: string) =>
  Object.entries(migrations).flatMap(([step, migration]) => (step > name ? [migration] : []))

async function downTo(db: Notebook, name: string): Promise<void> {
  for (const step of stepsAfter(name).reverse()) await step.down!(db)
}

async function upFrom(db: Notebook, name: string): Promise<void> {
  for (const step of stepsAfter(name)) await step.up(db)
}

it('brings a notebook of today up, every record readable and in its place', async () => {
  const { file, tables } = oldNotebook()
  const db = await openNotebook(file)
  expect(await countRecords(db, 'piece')).toBe(tables.piece!.length)
  expect(await countRecords(db, 'control')).toBe(tables.control!.length)
  expect(await countRecords(db, 'burn-test')).toBe(tables.burn_test!.length)
  expect(await countRecords(db, 'measurement')).toBe(tables.reading!.length + tables.measurement!.length)
  expect(await countRecords(db, 'pattern')).toBe(tables.pattern!.length)
  for (const kind of ['piece', 'control', 'burn-test', 'measurement', 'pattern'] as const)
    expect([kind, (await allRecords(db, kind)).damaged]).toEqual([kind, []])
  const pieces = (await allRecords(db, 'piece')).kept
  expect(pieces.map(({ data }) => data.name)).toEqual(tables.piece!.map(({ name }) => name))
  // The second piece was weighed again after two washes, folded, with notions, in damp air.
  expect((await measurementsOf(db, pieces[1]!.id)).find(({ state }) => state === 'washed-twice')).toMatchObject({
    state: 'washed-twice',
    data: { kind: 'weighing', grams: 240, layers: 4, notionsGrams: 30, notionsErrorGrams: 5, humidityPercent: 80 },
  })
  const tests = (await allRecords(db, 'burn-test')).kept
  const told = tests.find(({ data }) => data.specimens.length === 2)!.data
  expect(told.answers).toEqual([
    expect.objectContaining({ part: 'warp', feature: 'smell', states: ['hair-feather', 'paper'] }),
    expect.objectContaining({ feature: 'smoke', states: [] }),
    expect.objectContaining({ specimen: 2, at: '2026-10-04T09:41:07.000Z' }),
  ])
  expect(told.specimens[0]).toMatchObject({ note: 'from the hem', burnMm: 20 })
  await db.destroy()
})

it('takes it down again, row for row as it was, and up once more', async () => {
  const { file, tables } = oldNotebook()
  const db = await openNotebook(file)
  await downTo(db, '0003_measuring_bench')
  for (const table of TABLES) {
    const { rows } = await sql<Rows[number]>`select * from ${sql.table(table)}`.execute(db)
    const inOrder = (all: Rows) => all.map((row) => JSON.stringify(without(row, table))).toSorted()
    expect([table, inOrder(rows)]).toEqual([table, inOrder(tables[table]!)])
  }
  await upFrom(db, '0003_measuring_bench')
  expect(await countRecords(db, 'piece')).toBe(tables.piece!.length)
  await db.destroy()
})

it('carries over what cannot be read, and tells of it', async () => {
  const { file } = oldNotebook()
  const old = new Database(file)
  old.prepare("update piece set claim = 'no JSON' where id = 1").run()
  old.close()
  const db = await openNotebook(file)
  const { kept, damaged } = await allRecords(db, 'piece')
  expect(damaged).toHaveLength(1)
  expect(damaged[0]!.raw).toContain('no JSON')
  expect(kept.length).toBeGreaterThan(20)
  await db.destroy()
})

it('has migrations that can be taken back, all of them', async () => {
  const db = await openNotebook(':memory:')
  for (const step of Object.values(migrations).reverse()) await step.down!(db)
  await expect(countRecords(db, 'piece')).rejects.toThrow(/no such table/)
  for (const step of Object.values(migrations)) await step.up(db)
  expect(await countRecords(db, 'piece')).toBe(0)
  await db.destroy()
})

/** Answers have numbers of their own, which nothing refers to; JSON is compared by what it says. */
function without({ id, ...row }: Rows[number], table: string): Rows[number] {
  const said = Object.fromEntries(Object.entries(row).map(([key, value]) => [key, saying(value)]))
  return table === 'answer' ? said : { id, ...said }
}

function saying(value: unknown): unknown {
  if (typeof value !== 'string' || !/^[[{]/.test(value)) return value
  const told = JSON.parse(value) as unknown
  return Array.isArray(told) ? told : Object.fromEntries(Object.entries(told as object).sort())
}

it('indexes every word at once, keeps the index, and goes back to what was', async () => {
  const { file, tables } = oldNotebook()
  const db = await openNotebook(file)
  const sought = async (word: string) =>
    (await sql<{ n: number }>`select count(*) as n from sought where sought match ${word}`.execute(db)).rows[0]!.n
  const { name } = tables.piece![0] as { name: string }
  const word = name.split(' ')[0]!
  expect(await sought(`title : ${word}*`)).toBeGreaterThan(0)
  expect(await db.selectFrom('stale').selectAll().execute()).toHaveLength(tables.piece!.length)
  await downTo(db, '0004_one_table_of_records')
  const columns = (await sql<{ name: string }>`pragma table_info(record)`.execute(db)).rows.map((row) => row.name)
  expect(columns).not.toContain('title')
  await upFrom(db, '0004_one_table_of_records')
  expect(await sought(`title : ${word}*`)).toBeGreaterThan(0)
  await db.destroy()
})
