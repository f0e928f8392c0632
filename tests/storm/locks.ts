import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { openNotebook } from '@/server/database'
import { createRecord } from '@/server/store/repository'
import { holdLock } from '../support/lockHolder'

/*
 * So many writes while another process holds the lock again and again, for up to six seconds: then each that was
 * acknowledged is looked for by another connection.
 */
const [writes = 2000, mostMs = 6000] = process.argv.slice(2).map(Number)
/** A write takes a few thousandths of a second: the lock is taken about every fortieth write. */
const MOST_REST_MS = 400

async function run(): Promise<void> {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-locks-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const other = holdLock(file, Infinity, mostMs, MOST_REST_MS)
  await other.holds
  const acknowledged: string[] = []
  let refused = 0
  let longestMs = 0
  for (let i = 0; acknowledged.length < writes; i++) {
    const since = performance.now()
    try {
      const piece = PieceSchema.parse({ name: `piece ${i}` })
      acknowledged.push((await createRecord(db, 'piece', piece, new Date().toISOString())).id)
    } catch (error) {
      refused++
      console.log(`refused: ${String(error)}`)
    }
    longestMs = Math.max(longestMs, performance.now() - since)
  }
  other.end()
  await db.destroy()
  const reader = new Database(file)
  const there = new Set((reader.prepare('select id from record').all() as { id: string }[]).map(({ id }) => id))
  const lost = acknowledged.filter((id) => !there.has(id)).length
  console.log({ acknowledged: acknowledged.length, refused, lost, longestWaitMs: Math.round(longestMs) })
  console.log(`${acknowledged.length - lost} passed, ${lost} failed`)
  process.exit(lost > 0 ? 1 : 0)
}

void run()
