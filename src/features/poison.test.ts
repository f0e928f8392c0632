import { db, METRIC, piece } from '../../tests/support/ownPages'
import { ownHome } from '../../tests/support/ownHome'
import { sql } from 'kysely'
import { makeBackup } from '@/server/backup/backups'
import { restoreBackup } from '@/server/backup/restoring'
import { exportedJson } from '@/server/exchange/exporting'
import { exportedZip } from '@/server/exchange/zipping'
import { readExchange } from '@/core/formats/json/read'
import { takeBackStroke } from './shared/history/actions'
import { allRecords } from '@/server/store/repository'
import { damagedOf, damagedOfUnknownKinds, rawOf } from './shared/damaged/load'
import { removeDamaged } from './shared/damaged/actions'
import { loadPatterns } from './make/patterns/load'
import { loadProjects } from './make/projects/load'
import { loadStash } from './stash/load'
import { listBin } from '@/server/store/history'

// Rows that this program did not write: of a kind that it does not know, and remembered ones that somebody spoilt.

const home = ownHome()
const UNKNOWN = '01a21579-3d26-76d0-8c1d-4560127200aa'
const SPOILT = '01a21579-3d26-76d0-8c1d-4560127200bb'
const AT = '2026-05-02T10:00:00.000Z'

async function put(id: string, kind: string, data: string) {
  await sql`insert into record (id, kind, version, revision, data, title, searched, created_at, updated_at)
    values (${id}, ${kind}, 1, 1, ${data}, '', '', ${AT}, ${AT})`.execute(db)
}
const rowOf = async (id: string) =>
  db.selectFrom('record').select(['kind', 'data']).where('id', '=', id).executeTakeFirst()
async function exported() {
  let text = ''
  for await (const part of exportedJson(db, AT)) text += part
  return text
}
const pages = async () => {
  const stash = await loadStash(new URLSearchParams(), METRIC as never)
  await loadPatterns(METRIC as never)
  await loadProjects(METRIC as never, false)
  return stash
}

test('a record of an unknown kind takes no page and no export down, and is told once, cut short', async () => {
  await piece('Awning')
  await put(UNKNOWN, 'zeppelin', JSON.stringify({ gas: 'x'.repeat(9000) }))
  await pages()
  const [card, ...others] = await damagedOfUnknownKinds()
  expect(others).toEqual([])
  expect(card).toMatchObject({ kind: 'zeppelin', isCut: true, what: 'a record' })
  expect(card!.raw).toHaveLength(2000)
  expect(await damagedOf('piece', 'pattern', 'project')).toEqual([])
  expect(await rawOf(UNKNOWN)).toContain('x'.repeat(9000))
  const document = JSON.parse(await exported())
  expect(document.leftOut).toEqual([{ id: UNKNOWN, kind: 'zeppelin', problem: expect.stringMatching(/not known/) }])
  const read = readExchange(document)
  expect('records' in read && read.records.map(({ data }) => data.name)).toEqual(['Awning'])
  let bytes = 0
  for await (const part of exportedZip(db, home, AT)) bytes += part.length
  expect(bytes).toBeGreaterThan(200)
  expect(await removeDamaged('zeppelin', { id: UNKNOWN, revision: 1 })).toEqual({ ok: true })
  expect(await rowOf(UNKNOWN)).toBeUndefined()
})

test.each(['not { json', 'null', '{}', '{"id":"x","name":1}', '[]'])(
  'what is remembered of a piece as “%s” is made again',
  async (gist) => {
    await piece('Awning')
    await piece('Bunting')
    await pages()
    await sql`update remembered set gist = ${gist}, made = made + 10`.execute(db)
    const { total } = (await pages()) as unknown as { total?: number }
    expect(total ?? 2).toBe(2)
    const { rows } = await sql<{ gist: string }>`select gist from remembered`.execute(db)
    expect(rows.map((row) => JSON.parse(row.gist).name).sort()).toEqual(['Awning', 'Bunting'])
  },
)

test('putting a backup back carries over what cannot be read, and the bin gives it back', async () => {
  await piece('Awning')
  await put(UNKNOWN, 'zeppelin', '{"gas":1}')
  await put(SPOILT, 'piece', '{"name":"Torn"')
  const { name } = await makeBackup(db, home, 'asked', '2026-05-02T11:00:00.000Z')
  await removeDamaged('zeppelin', { id: UNKNOWN, revision: 1 })
  await removeDamaged('piece', { id: SPOILT, revision: 1 })
  // The bin gives back what cannot be read, as it was.
  const bin = await listBin(db, AT)
  expect(bin).toHaveLength(2)
  await takeBackStroke(bin.find(({ id }) => id === SPOILT)!.stroke)
  expect(await rowOf(SPOILT)).toEqual({ kind: 'piece', data: '{"name":"Torn"' })
  await restoreBackup(db, home, name, AT)
  expect(await rowOf(UNKNOWN)).toEqual({ kind: 'zeppelin', data: '{"gas":1}' })
  expect(await rowOf(SPOILT)).toEqual({ kind: 'piece', data: '{"name":"Torn"' })
  expect((await allRecords(db, 'piece')).kept.map(({ data }) => data.name)).toEqual(['Awning'])
})
