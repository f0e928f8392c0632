import { spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { openNotebook } from '../database'
import { allRecords, createRecord } from './repository'

const AT = '2026-01-02T03:04:05.000Z'

/** Another program that takes the write lock again and again, each time for as long, ms, until it is told to stop. */
const HOLDER = `
  const Database = require('libsql')
  const db = new Database(process.argv[1], { timeout: 5000 })
  const rest = (ms) => Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms)
  for (let i = 0; i < Number(process.argv[2]); i++) {
    db.exec('begin immediate')
    if (i === 0) process.stdout.write('held')
    rest(Number(process.argv[3]) * Math.random())
    db.exec('commit')
    rest(5)
  }
`

function holder(file: string, times: number, mostMs: number) {
  const child = spawn(process.execPath, ['-e', HOLDER, file, String(times), String(mostMs)], { cwd: process.cwd() })
  const holds = new Promise<void>((resolve) => child.stdout.once('data', () => resolve()))
  const done = new Promise<void>((resolve) => child.once('exit', () => resolve()))
  return { holds, done }
}

it('loses no write that it acknowledged, whoever else holds the lock', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-lock-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const other = holder(file, 12, 400)
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

it('serves while it waits: reading and timers go on', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-lock-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const blocker = new Database(file)
  blocker.exec('begin immediate')
  let ticks = 0
  const timer = setInterval(() => (ticks += 1), 20)
  const written = createRecord(db, 'piece', PieceSchema.parse({ name: 'patient' }), AT)
  await new Promise((resolve) => setTimeout(resolve, 500))
  expect(ticks).toBeGreaterThan(3)
  blocker.exec('commit')
  blocker.close()
  await written
  clearInterval(timer)
  expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
  await db.destroy()
}, 30_000)

it('writes every commit to the disk, and lets readers read meanwhile', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'rough-swatch-wal-')), 'notebook.sqlite')
  const db = await openNotebook(file)
  const reader = new Database(file)
  expect(reader.prepare('pragma journal_mode').get()).toMatchObject({ journal_mode: 'wal' })
  reader.close()
  await db.destroy()
})
