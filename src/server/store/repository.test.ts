import { sql } from 'kysely'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { recordKinds } from '../../core/notebook/kinds'
import { BurnTestSchema } from '../../core/notebook/kinds/burnTest'
import { damagedRecords } from '../cache/checked'
import { soughtRecords } from '../records/fullTextSearch'
import { openNotebook, type Notebook } from './openNotebook'
import { ConflictError, GoneError } from './errors'
import { changesOf } from './history'
import {
  allRecords,
  changeRecord,
  countRecords,
  createRecord,
  findRecord,
  listRecords,
  readRecord,
  recordsReferring,
  removeRecord,
  inTransaction,
} from './repository'
import { isDamaged } from './kept'

const AT = '2026-01-02T03:04:05.000Z'
const LATER = '2026-03-04T05:06:07.000Z'
const piece = (name: string, rest: object = {}) => PieceSchema.parse({ name, ...rest })

let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

const put = (name: string, rest: object = {}) => createRecord(db, 'piece', piece(name, rest), AT)

it('gives ids that are unique across notebooks, in the order of time, and never again', async () => {
  const made = [await put('one'), await put('two'), await put('three')]
  const ids = made.map(({ id }) => id)
  expect(ids).toEqual(ids.toSorted())
  expect(ids.every((id) => /^[0-9a-f]{8}-[0-9a-f]{4}-7/.test(id))).toBe(true)
  await removeRecord(db, 'piece', made[2]!, LATER)
  expect((await put('four')).id > ids[2]!).toBe(true)
})

it('raises the revision at each change, and tells whoever saw an older one', async () => {
  const { id } = await put('one')
  const second = await changeRecord(db, 'piece', { id, revision: 1 }, piece('two'), LATER)
  expect(second).toMatchObject({ revision: 2, createdAt: AT, updatedAt: LATER })
  const late = changeRecord(db, 'piece', { id, revision: 1 }, piece('three'), LATER)
  await expect(late).rejects.toThrow(ConflictError)
  expect(((await late.catch((error: unknown) => error)) as ConflictError<'piece'>).current).toEqual(second)
  await expect(removeRecord(db, 'piece', { id, revision: 1 }, LATER)).rejects.toThrow(ConflictError)
  expect((await findRecord(db, 'piece', id))!.data.name).toBe('two')
})

it('asked for the same change again, because the answer was lost, it is done and no conflict', async () => {
  const { id } = await put('one')
  const seen = { id, revision: 1 }
  const second = await changeRecord(db, 'piece', seen, piece('two'), LATER)
  expect(await changeRecord(db, 'piece', seen, piece('two'), LATER)).toEqual(second)
  await changeRecord(db, 'piece', second, piece('three'), LATER)
  // Once somebody else has changed it since, it is another one.
  await expect(changeRecord(db, 'piece', seen, piece('two'), LATER)).rejects.toThrow(ConflictError)
})

it('never changes or removes what is gone, nor what is of another kind', async () => {
  const { id } = await put('one')
  await expect(
    changeRecord(db, 'control', { id, revision: 1 }, { fibre: 'silk', name: 'x', sure: '' }, AT),
  ).rejects.toThrow(GoneError)
  await removeRecord(db, 'piece', { id }, LATER)
  await expect(changeRecord(db, 'piece', { id, revision: 1 }, piece('two'), AT)).rejects.toThrow(GoneError)
  await expect(removeRecord(db, 'piece', { id }, AT)).rejects.toThrow(/no longer in the notebook/)
})

it('refuses what its kind refuses, and what refers to nothing, and writes nothing then', async () => {
  await expect(createRecord(db, 'piece', { ...piece('x'), name: '' }, AT)).rejects.toThrow(/enter a name/)
  const test = BurnTestSchema.parse({ pieceId: '01900000-0000-7000-8000-000000000000' })
  await expect(createRecord(db, 'burn-test', test, AT)).rejects.toThrow(GoneError)
  expect(await countRecords(db, 'burn-test')).toBe(0)
  expect((await sql`select * from change`.execute(db)).rows).toEqual([])
})

it('logs every change with what stood before and after', async () => {
  const { id } = await put('one')
  await changeRecord(db, 'piece', { id, revision: 1 }, piece('two'), LATER)
  await removeRecord(db, 'piece', { id }, LATER)
  const log = await changesOf(db, id)
  const names = (text: string | null) => text && (JSON.parse(text) as { name: string }).name
  expect(log.map(({ what, revision, before, after }) => [what, revision, names(before), names(after)])).toEqual([
    ['create', 1, null, 'one'],
    ['change', 2, 'one', 'two'],
    ['remove', 2, 'two', null],
  ])
})

it('lets go of what refers to a removed record as its kind says, and logs that too', async () => {
  const { id } = await put('one')
  const test = await createRecord(db, 'burn-test', BurnTestSchema.parse({ pieceId: id }), AT)
  expect((await recordsReferring(db, 'burn-test', 'pieceId', id)).map((one) => one.id)).toEqual([test.id])
  await removeRecord(db, 'piece', { id }, LATER)
  expect(await findRecord(db, 'burn-test', test.id)).toBeUndefined()
  expect((await changesOf(db, test.id)).map(({ what }) => what)).toEqual(['create', 'remove'])
})

it('clears the reference where its kind says that it stays', async () => {
  const before = recordKinds['burn-test'].references.pieceId
  Object.assign(recordKinds['burn-test'].references, { pieceId: { to: 'piece', whenRemoved: 'clear' } })
  try {
    const { id } = await put('one')
    const test = await createRecord(db, 'burn-test', BurnTestSchema.parse({ pieceId: id }), AT)
    await removeRecord(db, 'piece', { id }, LATER)
    expect(await findRecord(db, 'burn-test', test.id)).toMatchObject({ revision: 2, data: { pieceId: null } })
  } finally {
    Object.assign(recordKinds['burn-test'].references, { pieceId: before })
  }
})

it('lets a record go though what refers to can’t be read, which stays to be told', async () => {
  const { id } = await put('one')
  const test = await createRecord(db, 'burn-test', BurnTestSchema.parse({ pieceId: id }), AT)
  await sql`update record set data = '{"answers":' where id = ${test.id}`.execute(db)
  expect(await damagedRecords(db, ['piece', 'burn-test'], { referringTo: id })).toMatchObject([
    { id: test.id, kind: 'burn-test', raw: '{"answers":' },
  ])
  expect(await damagedRecords(db, ['piece', 'measurement'])).toEqual([])
  await removeRecord(db, 'piece', { id }, LATER)
  expect((await damagedRecords(db, ['burn-test'])).map((one) => one.id)).toEqual([test.id])
  await removeRecord(db, 'burn-test', { id: test.id, revision: 1 }, LATER)
  expect(await damagedRecords(db, ['burn-test'])).toEqual([])
})

it('lists by page, either way round, each record once', async () => {
  for (let i = 0; i < 7; i++) await put(`piece ${i}`)
  const seen: string[] = []
  let after: string | undefined
  do {
    const page = await listRecords(db, 'piece', { after, limit: 3 })
    expect(page.kept.length).toBeLessThanOrEqual(3)
    seen.push(...page.kept.map(({ data }) => data.name))
    after = page.next
  } while (after)
  expect(seen).toEqual(Array.from({ length: 7 }, (_, i) => `piece ${i}`))
  const newest = await listRecords(db, 'piece', { limit: 2, newestFirst: true })
  expect(newest.kept.map(({ data }) => data.name)).toEqual(['piece 6', 'piece 5'])
  const older = await listRecords(db, 'piece', { limit: 2, newestFirst: true, after: newest.next })
  expect(older.kept[0]!.data.name).toBe('piece 4')
})

it('reports a record that cannot be read in its place, and reads the others', async () => {
  const [good, bad, newer, broken] = [await put('good'), await put('bad'), await put('newer'), await put('broken')]
  await sql`update record set data = '{"name":"\\u0000","claim":[{"fibre":"mithril"}]}' where id = ${bad.id}`.execute(
    db,
  )
  await sql`update record set version = 99 where id = ${newer.id}`.execute(db)
  await sql`update record set data = 'no JSON' where id = ${broken.id}`.execute(db)
  const { kept, damaged } = await allRecords(db, 'piece')
  expect(kept.map(({ id }) => id)).toEqual([good.id])
  expect(damaged.map(({ id, problem }) => [id, problem])).toEqual([
    [bad.id, expect.stringMatching(/mithril/)],
    [newer.id, expect.stringMatching(/newer program/)],
    [broken.id, expect.stringMatching(/JSON/)],
  ])
  expect(damaged[0]!.raw).toContain('mithril')
  expect(await findRecord(db, 'piece', bad.id)).toBeUndefined()
  expect(isDamaged((await readRecord(db, 'piece', bad.id))!)).toBe(true)
  await removeRecord(db, 'piece', { id: bad.id }, LATER)
  expect((await allRecords(db, 'piece')).damaged).toHaveLength(2)
})

it('reads an older form through the steps of its kind', async () => {
  const { id } = await put('old')
  const kind = recordKinds.piece as unknown as { version: number; steps: ((data: unknown) => unknown)[] }
  const before = { version: kind.version, steps: kind.steps }
  const step = (data: object) => ({ ...data, place: 'where the step put it' })
  Object.assign(kind, { version: before.version + 1, steps: [...before.steps, step] })
  try {
    expect((await findRecord(db, 'piece', id))!.data.place).toBe('where the step put it')
    const { revision } = await changeRecord(db, 'piece', { id, revision: 1 }, piece('new'), LATER)
    // Written in the present form, it goes through no step again.
    expect((await findRecord(db, 'piece', id))!.data.place).toBe('')
    expect(revision).toBe(2)
  } finally {
    Object.assign(kind, before)
  }
})

it('finds records by every word, in UK and US English, and nothing by nothing', async () => {
  await put('Laundry bolt', { called: 'calico', place: 'Long shelf' })
  await put('Other bolt', { called: 'denim' })
  const found = async (text: string) =>
    (await soughtRecords(db, text, ['piece'], 10)).map(({ title }) => title).toSorted()
  expect(await found('MUSLIN')).toEqual(['Laundry bolt'])
  expect(await found('bolt')).toEqual(['Laundry bolt', 'Other bolt'])
  expect(await found('bolt long')).toEqual(['Laundry bolt'])
  expect(await found('  ')).toEqual([])
  expect(await found('%')).toEqual([])
})

it('does all of a transaction, or nothing', async () => {
  const half = inTransaction(db, async (open) => {
    await createRecord(open, 'piece', piece('one'), AT)
    throw new Error('half-way')
  })
  await expect(half).rejects.toThrow('half-way')
  expect(await countRecords(db, 'piece')).toBe(0)
})
