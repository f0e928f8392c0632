import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, readdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { openNotebook } from '@/server/database'
import { allRecords } from '@/server/store/repository'
import { picturesInUse } from '@/server/burnTests'
import { sweepPictures } from '@/server/pictures'
import { endHeavy } from '@/server/heavy/pool'
import { actionsOf } from './requests'
import { dice } from '../support/seen'

/*
 * Kills the real server again and again with SIGKILL, while three clients write through its actions and another
 * process takes the write lock at random; then counts: every write that was acknowledged is there, no row names a
 * file that is not, and after a sweep no file is without a row.
 */
const [kills = 500, seed = 1] = process.argv.slice(2).map(Number)
const home = mkdtempSync(join(tmpdir(), 'rough-swatch-kills-'))
const port = Number(process.env.PORT ?? 4178)
const url = `http://127.0.0.1:${port}`
const random = dice(seed)
const rest = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

const HOLDER = `
  const Database = require('libsql')
  const db = new Database(process.argv[1], { timeout: 5000 })
  const rest = (ms) => Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms)
  for (;;) {
    try { db.exec('begin immediate'); rest(Math.random() * 300); db.exec('commit') } catch {}
    rest(200 + Math.random() * 1500)
  }
`

let server: ChildProcess | undefined
function start(): ChildProcess {
  return spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      env: { ...process.env, ROUGH_SWATCH_HOME: home, NEXT_TELEMETRY_DISABLED: '1' },
      stdio: 'ignore',
    },
  )
}
async function ready(): Promise<void> {
  for (;;) {
    const answer = await fetch(`${url}/settings`, { signal: AbortSignal.timeout(2000) }).catch(() => undefined)
    if (answer?.ok) return
    await rest(50)
  }
}

const acknowledged = { pieces: new Set<string>(), pictures: new Set<string>() }
const byName = new Map(actionsOf('.next').map((action) => [action.name, action]))

async function act(name: string, body: string | FormData): Promise<string> {
  const { id, path } = byName.get(name)!
  const headers: Record<string, string> = { 'next-action': id, origin: url, accept: 'text/x-component' }
  if (typeof body === 'string') headers['content-type'] = 'text/plain;charset=UTF-8'
  const answer = await fetch(url + path, {
    method: 'POST',
    headers,
    body,
    redirect: 'manual',
    signal: AbortSignal.timeout(8000),
  })
  return answer.text()
}

let isOver = false
let count = 0
async function writesPieces(client: number): Promise<void> {
  while (!isOver) {
    const name = `piece ${client} ${count++}`
    const piece = { name, called: 'velvet', washed: 'unknown', claim: [] }
    const text = await act('keepPiece', JSON.stringify([{ piece, reading: null, testId: null }])).catch(() => '')
    if (text.includes('"ok":true')) acknowledged.pieces.add(name)
    else await rest(30)
  }
}

async function writesPictures(testId: string): Promise<void> {
  const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#a33' } })
    .jpeg()
    .toBuffer()
  while (!isOver) {
    const form = new FormData()
    form.set('1_picture', new Blob([new Uint8Array(jpeg)], { type: 'image/jpeg' }), 'picture.jpg')
    form.set('0', JSON.stringify([testId, '$K1']))
    const text = await act('addPicture', form).catch(() => '')
    const name = /"name":"([0-9a-f-]{36}\.jpg)"/.exec(text)?.[1]
    if (name) acknowledged.pictures.add(name)
    await rest(name ? 150 : 40)
  }
}

async function run(): Promise<void> {
  server = start()
  await ready()
  await act('beginTest', JSON.stringify([{}])).catch(() => '')
  const db = await openNotebook(join(home, 'notebook.sqlite'))
  const testId = (await allRecords(db, 'burn-test')).kept[0]!.id
  await db.destroy()
  const holder = spawn(process.execPath, ['-e', HOLDER, join(home, 'notebook.sqlite')], { stdio: 'ignore' })
  const clients = [writesPieces(1), writesPieces(2), writesPictures(testId)]
  for (let kill = 1; kill <= kills; kill++) {
    await rest(100 + random() * 900)
    server.kill('SIGKILL')
    await new Promise((resolve) => server!.once('exit', resolve))
    server = start()
    await ready()
    if (kill % 25 === 0)
      console.log(
        `${kill} kills, ${acknowledged.pieces.size} pieces and ${acknowledged.pictures.size} pictures acknowledged`,
      )
  }
  isOver = true
  await Promise.all(clients)
  holder.kill('SIGKILL')
  server.kill('SIGKILL')
  await rest(300)

  const after = await openNotebook(join(home, 'notebook.sqlite'))
  const { kept, damaged } = await allRecords(after, 'piece')
  const there = new Set(kept.map(({ data }) => data.name))
  const lost = [...acknowledged.pieces].filter((name) => !there.has(name))
  const files = () => (existsSync(join(home, 'pictures')) ? readdirSync(join(home, 'pictures')) : [])
  const lostPictures = [...acknowledged.pictures].filter((name) => !files().includes(name))
  const named = await picturesInUse(after)
  const rowsWithoutFile = [...named].filter((name) => !files().includes(name))
  const TWO_DAYS_MS = 2 * 24 * 60 * 60 * 1000
  await sweepPictures(after, home, Date.now() + TWO_DAYS_MS)
  const filesWithoutRow = files().filter((name) => !named.has(name))
  console.log({
    kills,
    acknowledged: acknowledged.pieces.size,
    lost: lost.length,
    picturesAcknowledged: acknowledged.pictures.size,
    picturesLost: lostPictures.length,
    damaged: damaged.length,
    rowsWithoutFile: rowsWithoutFile.length,
    filesWithoutRow: filesWithoutRow.length,
  })
  await endHeavy()
  const failed = lost.length + lostPictures.length + damaged.length + rowsWithoutFile.length + filesWithoutRow.length
  console.log(`${acknowledged.pieces.size + acknowledged.pictures.size} passed, ${failed} failed`)
  process.exit(failed > 0 ? 1 : 0)
}

void run()
