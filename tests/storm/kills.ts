import { existsSync, mkdtempSync, readdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { openNotebook } from '@/server/database'
import { allRecords } from '@/server/store/repository'
import { picturesInUse, sweepPictures } from '@/server/pictures/pictures'
import { endHeavy } from '@/server/jobs/pool'
import { holdLock } from '../support/lockHolder'
import { startServer } from '../support/ownServer'
import { doerOf } from './act'
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

const acknowledged = { pieces: new Set<string>(), pictures: new Set<string>() }
const act = doerOf(url)

let isOver = false
let count = 0
async function writesPieces(client: number): Promise<void> {
  while (!isOver) {
    const name = `piece ${client} ${count++}`
    const piece = { name, called: 'velvet', washed: 'unknown', claim: [] }
    const text = await act('keepPiece', { piece, reading: null, testId: null }).catch(() => '')
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
    form.set('picture', new Blob([new Uint8Array(jpeg)], { type: 'image/jpeg' }), 'picture.jpg')
    const text = await act('addPicture', testId, form).catch(() => '')
    const name = /"name":"([0-9a-f-]{36}\.jpg)"/.exec(text)?.[1]
    if (name) acknowledged.pictures.add(name)
    await rest(name ? 150 : 40)
  }
}

async function run(): Promise<void> {
  let server = await startServer(home, port)
  await act('beginTest', {}).catch(() => '')
  const db = await openNotebook(join(home, 'notebook.sqlite'))
  const testId = (await allRecords(db, 'burn-test')).kept[0]!.id
  await db.destroy()
  const holder = holdLock(join(home, 'notebook.sqlite'), Infinity, 300, 1700)
  const clients = [writesPieces(1), writesPieces(2), writesPictures(testId)]
  for (let kill = 1; kill <= kills; kill++) {
    // Long enough now and then for a worker thread to have begun, so that pictures are under way too.
    await rest(100 + random() * 2400)
    await server.stop('SIGKILL')
    server = await startServer(home, port)
    if (kill % 25 === 0)
      console.log(
        `${kill} kills, ${acknowledged.pieces.size} pieces and ${acknowledged.pictures.size} pictures acknowledged`,
      )
  }
  isOver = true
  await Promise.all(clients)
  holder.end()
  await server.stop('SIGKILL')

  const after = await openNotebook(join(home, 'notebook.sqlite'))
  const { kept, damaged } = await allRecords(after, 'piece')
  const there = new Set(kept.map(({ data }) => data.name))
  const lost = [...acknowledged.pieces].filter((name) => !there.has(name))
  const files = () => (existsSync(join(home, 'pictures')) ? readdirSync(join(home, 'pictures')) : [])
  const lostPictures = [...acknowledged.pictures].filter((name) => !files().includes(name))
  const named = await picturesInUse(after, Date.now())
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
