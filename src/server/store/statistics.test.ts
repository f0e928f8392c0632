import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'kysely'
import { ViewSchema } from '@/core/notebook/kinds/view'
import { openNotebook, type Notebook } from './openNotebook'
import { createRecord, inTransaction } from './repository'
import { countForPlanner } from './statistics'

const AT = '2026-05-02T10:00:00.000Z'

async function fill(db: Notebook, count: number): Promise<void> {
  await inTransaction(db, async (open) => {
    for (let i = 0; i < count; i++)
      await createRecord(open, 'view', ViewSchema.parse({ name: `View ${i}`, query: '' }), AT)
  })
}

/** Records that SQLite believes there are; undefined where it never counted. */
async function believed(db: Notebook): Promise<number | undefined> {
  const there = await sql`select 1 from sqlite_master where name = 'sqlite_stat1'`.execute(db)
  if (there.rows.length === 0) return undefined
  const { rows } = await sql<{ stat: string }>`select stat from sqlite_stat1 where idx = 'record_by_kind'`.execute(db)
  return Number(rows[0]?.stat.split(' ')[0])
}

it('counts what grew, when it is opened and when it is asked to, and leaves alone what did not', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-counts-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  await fill(db, 100)
  await countForPlanner(db)
  expect(await believed(db)).toBeUndefined()
  await fill(db, 200)
  await db.destroy()
  const again = await openNotebook(file)
  expect(await believed(again)).toBe(300)
  await fill(again, 300)
  await countForPlanner(again)
  expect(await believed(again)).toBe(300)
  await fill(again, 400)
  await countForPlanner(again)
  // Of more than it looks at it guesses the rest.
  expect(Math.abs((await believed(again))! - 1000)).toBeLessThan(100)
  await again.destroy()
})
