import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Papa from 'papaparse'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import sharp from 'sharp'
import { z } from 'zod'
import { exchangeJsonSchema } from '../../core/formats/json/document'
import { readExchange } from '../../core/formats/json/read'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { startBurnTest } from '../records/burnTests'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { addMeasurement } from '../records/measurements'
import { allRecords, changeRecord, countRecords, createRecord, removeRecord } from '../store/repository'
import { exportedJson } from './exporting'
import { importInto } from './importing'
import { isPlainJpeg } from './plainJpeg'
import { writeRecords } from './writing'
import { exportedZip } from './zipping'

jest.mock('@/server/jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

const AT = '2026-05-02T10:00:00.000Z'
const LATER = '2026-05-03T10:00:00.000Z'
const NAME = '01a21579-3d26-76d0-8c1d-456012720fa9.jpg'
const open: Notebook[] = []
afterEach(async () => {
  for (const db of open.splice(0)) await db.destroy()
})

async function book(): Promise<{ db: Notebook; home: string }> {
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-exchange-'))
  const db = await openNotebook(join(home, 'notebook.sqlite'))
  open.push(db)
  return { db, home }
}

/** A notebook with a little of everything, and a picture. */
async function filled() {
  const { db, home } = await book()
  const lot = await createRecord(db, 'lot', { name: 'Lobby', source: '', got: null, price: null, notes: '' }, AT)
  const piece = PieceSchema.parse({
    name: 'Crêpe “lobby” curtain',
    called: 'crepe de chine',
    lotId: lot.id,
    notes: '=HYPERLINK("x")',
    pictures: [{ name: NAME, says: 'the selvedge' }],
  })
  const kept = await createRecord(db, 'piece', piece, AT)
  await createRecord(db, 'piece', PieceSchema.parse({ name: 'Offcut', cutFromId: kept.id }), AT)
  const reading = { kind: 'weighing', grams: 3, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }
  await addMeasurement(db, kept.id, reading as never, 'unwashed', AT)
  const answers = [{ specimen: 1, part: 'whole' as const, feature: 'smell', states: ['paper'] }]
  await startBurnTest(db, { pieceId: kept.id }, AT, {}, answers)
  await createRecord(db, 'control', { fibre: 'wool', name: 'Known wool', sure: '' }, AT)
  mkdirSync(join(home, 'pictures'))
  const jpeg = await sharp({ create: { width: 30, height: 20, channels: 3, background: '#a33' } })
    .jpeg()
    .toBuffer()
  writeFileSync(join(home, 'pictures', NAME), jpeg)
  return { db, home, piece: kept, jpeg }
}

async function jsonOf(db: Notebook): Promise<string> {
  let text = ''
  for await (const part of exportedJson(db, AT)) text += part
  return text
}
async function zipOf(db: Notebook, home: string): Promise<Uint8Array> {
  const parts: Uint8Array[] = []
  for await (const part of exportedZip(db, home, AT)) parts.push(part)
  return Buffer.concat(parts)
}
const bring = (db: Notebook, what: string | Uint8Array, options = {}) =>
  importInto(db, typeof what === 'string' ? strToU8(what) : what, { at: LATER, isTrial: false, ...options })

it('goes out and comes back, byte for byte, into an empty notebook and into its own', async () => {
  const { db } = await filled()
  const document = await jsonOf(db)
  const other = await book()
  expect(await bring(other.db, document)).toMatchObject({ records: 6, created: 6, changed: 0, same: 0 })
  expect(await jsonOf(other.db)).toBe(document)
  expect(await bring(db, document)).toMatchObject({ created: 0, changed: 0, same: 6 })
  expect(await jsonOf(db)).toBe(document)
})

it('makes what was changed and taken away since as it was, and takes that back as one stroke', async () => {
  const { db, piece } = await filled()
  const document = await jsonOf(db)
  await changeRecord(db, 'piece', piece, { ...piece.data, name: 'Renamed' }, LATER)
  const [control] = (await allRecords(db, 'control')).kept
  await removeRecord(db, 'control', { id: control!.id }, LATER)
  expect(await bring(db, document)).toMatchObject({ created: 1, changed: 1, same: 4 })
  expect(await jsonOf(db)).toBe(document)
  const changes = await db.selectFrom('change').selectAll().orderBy('seq', 'desc').limit(2).execute()
  expect(new Set(changes.map(({ stroke }) => stroke)).size).toBe(1)
  expect(changes.map(({ what }) => what).toSorted()).toEqual(['change', 'create'])
})

it('carries pictures and tables in an archive, the pictures as they were', async () => {
  const { db, home, jpeg } = await filled()
  const archive = await zipOf(db, home)
  const entries = unzipSync(archive)
  expect(Object.keys(entries)).toEqual(
    expect.arrayContaining(['notebook.json', 'tables/pieces.csv', `pictures/${NAME}`]),
  )
  const { data } = Papa.parse<string[]>(strFromU8(entries['tables/pieces.csv']!).slice(1), { skipEmptyLines: true })
  expect(data).toHaveLength(3)
  // A spreadsheet shows it, and reckons nothing.
  expect(data[1]).toContain('\'=HYPERLINK("x")')
  const other = await book()
  expect(await bring(other.db, archive)).toMatchObject({ created: 6, pictures: 1, picturesRefused: 0 })
  expect(readFileSync(join(other.home, 'pictures', NAME)).equals(jpeg)).toBe(true)
  expect(await jsonOf(other.db)).toBe(await jsonOf(db))
})

it('encodes a picture anew that holds more than a picture, and refuses what is none', async () => {
  const { db, home, jpeg } = await filled()
  const document = await jsonOf(db)
  const placed = await sharp(jpeg)
    .withExif({ IFD0: { Copyright: 'where it was taken' } })
    .jpeg()
    .toBuffer()
  expect([isPlainJpeg(jpeg), isPlainJpeg(placed), isPlainJpeg(Buffer.concat([jpeg, jpeg]))]).toEqual([
    true,
    false,
    false,
  ])
  const other = await book()
  const bad = NAME.replace('01a', '02b')
  const archive = zipSync({
    'notebook.json': strToU8(document),
    [`pictures/${NAME}`]: placed,
    [`pictures/${bad}`]: strToU8('<svg onload=alert(1)>'),
    'pictures/../../outside.jpg': jpeg,
    '/etc/outside.jpg': jpeg,
  })
  expect(await bring(other.db, archive)).toMatchObject({ pictures: 1, picturesRefused: 1 })
  expect(readdirSync(join(other.home, 'pictures'))).toEqual([NAME])
  expect(readFileSync(join(other.home, 'pictures', NAME)).includes('where it was taken')).toBe(false)
  expect(existsSync(join(home, '..', 'outside.jpg'))).toBe(false)
})

describe('what is refused leaves everything as it was', () => {
  const spoil = (document: string, change: (told: Record<string, never>) => void) => {
    const told = JSON.parse(document)
    change(told)
    return JSON.stringify(told)
  }
  const record = (told: { records?: unknown[] }, kind: string) =>
    (told.records as { kind: string; data: Record<string, unknown> }[]).find(
      (one) => one.kind === kind,
    )! as never as {
      id: string
      version: number
      data: Record<string, unknown>
    }
  it.each<[string, RegExp, (told: Record<string, never>) => void]>([
    ['another format', /^format$/, (told) => Object.assign(told, { format: 'else' })],
    ['a newer document', /^version$/, (told) => Object.assign(told, { version: 9 })],
    ['a newer form', /^records\.\d\.version$/, (told) => (record(told, 'piece').version = 99)],
    ['a name that is no text', /^records\.\d\.data\.name$/, (told) => (record(told, 'piece').data.name = 7)],
    ['a field that nobody knows', /^records\.\d\.data$/, (told) => (record(told, 'piece').data.other = 1)],
    ['a lot that is not there', /data\.lotId$/, (told) => (record(told, 'piece').data.lotId = crypto.randomUUID())],
    [
      'a lot that is a piece',
      /data\.lotId$/,
      (told) => (record(told, 'piece').data.lotId = record(told, 'piece').id),
    ],
    ['an id twice', /^records\.\d\.id$/, (told) => (record(told, 'lot').id = record(told, 'piece').id)],
    ['a kind that nobody knows', /^records\.\d\.kind$/, (told) => Object.assign(record(told, 'lot'), { kind: 'x' })],
  ])('%s', async (_, path, change) => {
    const { db } = await filled()
    const before = await jsonOf(db)
    const fresh = await book()
    for (const target of [db, fresh.db]) {
      const outcome = await bring(target, spoil(before, change))
      expect(outcome).toHaveProperty('issues')
      expect((outcome as { issues: { path: string }[] }).issues[0]!.path).toMatch(path)
    }
    expect(await jsonOf(db)).toBe(before)
    expect(await countRecords(fresh.db, 'lot')).toBe(0)
  })
  it('what is no JSON, no archive, or an archive of something else', async () => {
    const { db } = await book()
    const damaged = zipSync({ 'notebook.json': strToU8('{}') }).slice(0, 40)
    for (const bytes of ['{', '', 'PK\u0003\u0004 and nothing', damaged, zipSync({ 'other.txt': strToU8('x') })])
      expect(await bring(db, bytes)).toHaveProperty('issues')
  })
  it('a trial', async () => {
    const { db } = await filled()
    const other = await book()
    expect(await bring(other.db, await jsonOf(db), { isTrial: true })).toMatchObject({ created: 6 })
    expect(await countRecords(other.db, 'piece')).toBe(0)
  })
  it('one that is stopped on its way, even after the last record', async () => {
    const { db } = await filled()
    const read = readExchange(JSON.parse(await jsonOf(db)))
    const other = await book()
    const progress = jest.fn((done: number) => {
      if (done === 6) throw new Error('stopped')
    })
    const writing = writeRecords(other.db, read.issues ? [] : read.records, { at: AT, isTrial: false, progress })
    await expect(writing).rejects.toThrow('stopped')
    expect(progress).toHaveBeenCalledWith(6)
    expect(await countRecords(other.db, 'piece')).toBe(0)
    expect(await other.db.selectFrom('change').selectAll().execute()).toEqual([])
  })
})

it('leaves out what cannot be read, and stays a document', async () => {
  const { db, piece } = await filled()
  await db.updateTable('record').set({ data: 'no { JSON' }).where('id', '=', piece.id).execute()
  // Not looked at yet by anybody: as just after a large import.
  await db.deleteFrom('unchecked').execute()
  const told = JSON.parse(await jsonOf(db))
  expect(told.records).toHaveLength(5)
})

it('reads an older form through its steps, and keeps it as it is', async () => {
  const { db } = await filled()
  const told = JSON.parse(await jsonOf(db))
  const old = told.records.find(({ kind }: { kind: string }) => kind === 'piece')
  for (const key of ['thing', 'tags', 'pictures', 'face', 'colours', 'price']) delete old.data[key]
  old.version = 1
  const other = await book()
  expect(await bring(other.db, JSON.stringify(told))).toMatchObject({ created: 6 })
  const piece = (await allRecords(other.db, 'piece')).kept.find(({ id }) => id === old.id)!
  expect(piece.data).toMatchObject({ name: old.data.name, thing: 'cloth', tags: [] })
})

it.each(readdirSync('tests/support/exchange'))(
  'takes a document of an older program in for ever: %s',
  async (name) => {
    const told = JSON.parse(readFileSync(join('tests/support/exchange', name), 'utf8'))
    const { db } = await book()
    expect(await bring(db, JSON.stringify(told))).toMatchObject({ created: told.records.length })
    const out = JSON.parse(await jsonOf(db))
    expect(out.records).toHaveLength(told.records.length)
    // Whatever it said is there unchanged; what later forms have more of stands beside it.
    for (const [i, { version, ...record }] of told.records.entries()) {
      expect(out.records[i]).toMatchObject(record)
      expect(out.records[i].version).toBeGreaterThanOrEqual(version)
    }
  },
)

it('publishes a schema that its own documents meet', async () => {
  const { db } = await filled()
  const schema = z.fromJSONSchema(exchangeJsonSchema() as never)
  const document = JSON.parse(await jsonOf(db))
  expect(schema.safeParse(document).success).toBe(true)
  document.records[0].data.name = 7
  expect(schema.safeParse(document).success).toBe(false)
})

it('whatever revision was taken in, a changed record goes out and comes in again', async () => {
  const { db, piece } = await filled()
  const told = JSON.parse(await jsonOf(db)) as { records: { id: string; revision: number }[] }
  const mine = told.records.find(({ id }) => id === piece.id)!
  for (const revision of [1_000_000_000, 999_999_999, 1]) {
    mine.revision = revision
    await bring(db, JSON.stringify(told))
    // Changed often enough to come past any bound that a revision has.
    for (let i = 0, at = revision; i < 3; i++) {
      const changed = await changeRecord(
        db,
        'piece',
        { id: piece.id, revision: at },
        { ...piece.data, notes: `${revision} ${i}` },
        LATER,
      )
      expect(changed.revision).not.toBe(at)
      at = changed.revision
    }
    const document = await jsonOf(db)
    const other = await book()
    expect(await bring(other.db, document)).toMatchObject({ records: 6, created: 6 })
    expect(await jsonOf(other.db)).toBe(document)
  }
  mine.revision = 1_000_000_001
  const refused = await bring(db, JSON.stringify(told))
  expect(JSON.stringify(refused)).toMatch(/records\.\d+\.revision/)
})
