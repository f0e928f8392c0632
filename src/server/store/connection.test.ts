import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'kysely'
import Database from 'libsql'
import { holdLock } from '../../../tests/support/lockHolder'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { openNotebook } from './openNotebook'
import { allRecords, createRecord } from './repository'

const AT = '2026-01-02T03:04:05.000Z'

it('loses no write that it acknowledged, whoever else holds the lock', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-lock-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const other = holdLock(file, 12, 400, 10)
  await other.holds
  const acknowledged: string[] = []
  for (let i = 0; i < 150; i++) {
    const { id } = await createRecord(db, 'piece', PieceSchema.parse({ name: `piece ${i}` }), AT)
    acknowledged.push(id)
  }
  await other.done
  await db.destroy()
  // Read by another connection: what only this one believes does not count.
  const reader = new Database(file)
  const there = (reader.prepare('select id from record order by id').all() as { id: string }[]).map(({ id }) => id)
  reader.close()
  expect(there).toEqual(acknowledged)
}, 60_000)

it('does not hold the thread while it waits: timers go on', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-lock-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const blocker = new Database(file)
  blocker.exec('begin immediate')
  let isWritten = false
  const written = createRecord(db, 'piece', PieceSchema.parse({ name: 'patient' }), AT).then(() => (isWritten = true))
  // Were the thread held while it waits, no timer would come before the lock is given up, and nobody gives it up.
  for (let ticks = 0; ticks < 10; ticks++) await new Promise((resolve) => setTimeout(resolve, 20))
  expect(isWritten).toBe(false)
  blocker.exec('commit')
  blocker.close()
  await written
  expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
  await db.destroy()
}, 30_000)

it('reads what was committed last while a writing waits for another program', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-lock-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  await createRecord(db, 'piece', PieceSchema.parse({ name: 'first' }), AT)
  const blocker = new Database(file)
  blocker.exec('begin immediate')
  let isWritten = false
  const written = createRecord(db, 'piece', PieceSchema.parse({ name: 'second' }), AT).then(() => (isWritten = true))
  for (let i = 0; i < 20; i++) {
    expect((await allRecords(db, 'piece')).kept.map(({ data }) => data.name)).toEqual(['first'])
    await new Promise((resolve) => setTimeout(resolve, 10))
  }
  expect(isWritten).toBe(false)
  blocker.exec('commit')
  blocker.close()
  await written
  expect((await allRecords(db, 'piece')).kept).toHaveLength(2)
  await db.destroy()
}, 30_000)

it('reads within a writing what that writing did, and nobody else sees it before it is committed', async () => {
  const db = await openNotebook(join(mkdtempSync(join(tmpdir(), 'rough-swatch-within-')), 'notebook.sqlite'))
  await db.transaction().execute(async (open) => {
    await createRecord(open, 'piece', PieceSchema.parse({ name: 'inside' }), AT)
    expect((await allRecords(open, 'piece')).kept).toHaveLength(1)
    expect((await allRecords(db, 'piece')).kept).toHaveLength(0)
  })
  expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
  await db.destroy()
})

it('finds what a connection holds for itself alone again', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-lock-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const { id } = await createRecord(db, 'piece', PieceSchema.parse({ name: 'sought' }), AT)
  await sql`create temp table temp.sought (id text)`.execute(db)
  await sql`insert into temp.sought values (${id})`.execute(db)
  const found = sql<{ id: string }>`select record.id from record join temp.sought using (id)`
  expect((await found.execute(db)).rows).toEqual([{ id }])
  await db.destroy()
})

it('writes every commit to the disk, and lets readers read meanwhile', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-wal-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const reader = new Database(file)
  expect(reader.prepare('pragma journal_mode').get()).toMatchObject({ journal_mode: 'wal' })
  reader.close()
  await db.destroy()
})

it('takes a full disk: what was kept stays, the rest is refused, and it goes on when there is room', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-full-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const write = (i: number) =>
    createRecord(db, 'piece', PieceSchema.parse({ name: `piece ${i}`, notes: 'word '.repeat(300) }), AT)
  // SQLite has no more room for pages, as on a full disk.
  await sql`pragma max_page_count = 60`.execute(db)
  let kept = 0
  const filling = async () => {
    for (; kept < 500; kept++) await write(kept)
  }
  await expect(filling()).rejects.toMatchObject({ name: 'NotebookTrouble', kind: 'full' })
  expect(kept).toBeGreaterThan(2)
  expect((await allRecords(db, 'piece')).kept).toHaveLength(kept)
  // Nobody is kept waiting by the writing that failed.
  const other = new Database(file, { timeout: 0 })
  other.exec('begin immediate; rollback')
  other.close()
  // The connection was opened anew, and with it the room came back.
  await write(kept)
  expect((await allRecords(db, 'piece')).kept).toHaveLength(kept + 1)
  await db.destroy()
})

it('lets twenty write at once, one after another', async () => {
  const db = await openNotebook(join(mkdtempSync(join(tmpdir(), 'rough-swatch-many-')), 'notebook.sqlite'))
  await Promise.all(
    Array.from({ length: 20 }, (_, i) => createRecord(db, 'piece', PieceSchema.parse({ name: `piece ${i}` }), AT)),
  )
  expect((await allRecords(db, 'piece')).kept).toHaveLength(20)
  await db.destroy()
})

it('makes the folder of a notebook that is not there yet', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-new-')), 'not', 'there', 'notebook.sqlite')
  const db = await openNotebook(file)
  expect((await allRecords(db, 'piece')).kept).toEqual([])
  await db.destroy()
})
