import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import { sql } from 'kysely'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { openNotebook } from '../openNotebook'
import { allRecords, countRecords, createRecord } from '../repository'
import { JOINED_STEPS } from './joined'
import { migrations } from './'

const AT = '2026-10-04T09:41:07.000Z'
/** Steps that came after the joined ones. */
const LATER = Object.keys(migrations).slice(1)
const namesIn = (file: string) => {
  const db = new Database(file)
  const rows = db.prepare('select name from kysely_migration order by name').all() as { name: string }[]
  db.close()
  return rows.map(({ name }) => name)
}

/**
 * A notebook with one fabric, which went through steps of these names.
 * @param undone later steps, taken back
 */
async function notebookAfter(steps: readonly string[], undone: readonly string[] = []): Promise<string> {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-steps-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  await createRecord(db, 'piece', PieceSchema.parse({ name: 'Lobby curtain' }), AT)
  await sql`delete from kysely_migration`.execute(db)
  for (const name of steps) await sql`insert into kysely_migration values (${name}, ${AT})`.execute(db)
  for (const name of undone) await migrations[name]!.down!(db)
  await db.destroy()
  return file
}

it('can be taken back, all of them, and done again', async () => {
  const db = await openNotebook(':memory:')
  for (const step of Object.values(migrations).reverse()) await step.down!(db)
  await expect(countRecords(db, 'piece')).rejects.toThrow(/no such table/)
  const left = await sql<{ name: string }>`select name from sqlite_master where name not like 'kysely%'
    and name not like 'sqlite%'`.execute(db)
  expect(left.rows).toEqual([])
  for (const step of Object.values(migrations)) await step.up(db)
  expect(await countRecords(db, 'piece')).toBe(0)
  await db.destroy()
})

it('takes a notebook that went through all steps that were joined, as it is', async () => {
  const file = await notebookAfter([...JOINED_STEPS, ...LATER])
  const db = await openNotebook(file, undefined, () => Promise.reject(new Error('not older')))
  expect((await allRecords(db, 'piece')).kept.map(({ data }) => data.name)).toEqual(['Lobby curtain'])
  await db.destroy()
  expect(namesIn(file)).toEqual(Object.keys(migrations))
})

it('takes one that stopped before a later step through that one', async () => {
  const file = await notebookAfter(JOINED_STEPS, LATER.toReversed())
  let asked = 0
  const db = await openNotebook(file, undefined, () => Promise.resolve((asked += 1)))
  expect(asked).toBe(1)
  const made = await sql`select 1 from sqlite_master where name = 'change_shortened'`.execute(db)
  expect(made.rows).toHaveLength(1)
  await db.destroy()
  expect(namesIn(file)).toEqual(Object.keys(migrations))
})

it.each([1, 3, 6])('refuses one that went through %d of the joined steps, and changes nothing', async (count) => {
  const file = await notebookAfter(JOINED_STEPS.slice(0, count))
  await expect(openNotebook(file)).rejects.toMatchObject({ name: 'NotebookTrouble', kind: 'older' })
  expect(namesIn(file)).toEqual(JOINED_STEPS.slice(0, count))
})

it('indexes every word, and marks what follows from a fabric, whoever writes it', async () => {
  const db = await openNotebook(':memory:')
  const sought = async (word: string) =>
    (await sql<{ n: number }>`select count(*) as n from sought where sought match ${word}`.execute(db)).rows[0]!.n
  await sql`insert into record values
    ('a', 'piece', 1, 1, '{}', 'velvet green', ${AT}, ${AT}, 'Lobby curtain')`.execute(db)
  expect([await sought('title : lobby*'), await sought('green'), await sought('blue')]).toEqual([1, 1, 0])
  await sql`delete from stale`.execute(db)
  await sql`update record set searched = 'velvet blue' where id = 'a'`.execute(db)
  expect([await sought('green'), await sought('blue')]).toEqual([0, 1])
  expect(await db.selectFrom('stale').select('piece_id').execute()).toEqual([{ piece_id: 'a' }])
  await sql`delete from record`.execute(db)
  expect(await sought('blue')).toBe(0)
  await db.destroy()
})
