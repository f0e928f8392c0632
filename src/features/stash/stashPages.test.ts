import { anything } from '../../../tests/support/anything'
import { AT, GONE, METRIC, db, piece } from '../../../tests/support/ownPages'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { SORTINGS } from '@/core/vocabulary/stash'
import { listPatterns } from '@/server/records/patterns'
import { bestFor } from '@/server/cache/ranks'
import { shelfOf } from '@/server/cache/shelf'
import { type TestAnswer } from '@/core/notebook/answers'
import { ProjectSchema } from '@/core/notebook/kinds/project'
import { ProjectClothSchema } from '@/core/notebook/kinds/projectCloth'
import { startBurnTest } from '@/server/records/burnTests'
import { cutFrom } from '@/server/records/cutting'
import { burnsToContinue } from '../shared/burn/loadUnfinished'
import { allRecords, createRecord, findRecord } from '@/server/store/repository'
import { dropPiece, keepPiece, keepView, updatePiece } from './actions'
import { endHeap, sortPiece } from './heap/actions'
import { loadHeap, loadHeaps } from './heap/load'
import { loadAlike } from './like/load'
import { loadRows, loadStash } from './load'
import { loadLooking } from './looking/load'
import { keepShape } from './piece/kinActions'
import { loadPiece } from './piece/load'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { quickKeep } from './quick/actions'
import { keepGarment } from './upcycle/actions'
import { loadApart } from './upcycle/load'

const asks = (text: string) => new URLSearchParams(text)

describe('a piece', () => {
  const input = PieceSchema.parse({ name: 'Lobby curtain', called: 'velvet', place: 'Loft' })
  it('is kept with its first weighing and its burn, all or nothing', async () => {
    const testId = await startBurnTest(db, {}, AT)
    const reading = { grams: 120, lengthMm: 500, widthMm: 500 }
    expect(await keepPiece({ piece: input, reading: { ...reading, grams: -1 }, testId })).toMatchObject({ ok: false })
    expect(await keepPiece({ piece: input, reading, testId: GONE })).toMatchObject({ ok: false })
    expect((await allRecords(db, 'piece')).kept).toEqual([])
    const kept = await keepPiece({ piece: input, reading, testId })
    const page = (await loadPiece(kept.ok ? kept.id : '', METRIC))!
    expect(page.piece.name).toBe('Lobby curtain')
    expect(page.weighings).toHaveLength(1)
    expect(page.tests.map(({ id }) => id)).toEqual([testId])
    expect(page.summary).toContain('480')
  })
  it('knows how much of it is free, promised and cut, and which burn waits to be continued', async () => {
    const id = await piece('Awning', { lengthMm: 3000, widthMm: 1400 })
    await cutFrom(db, { pieceId: id, lengthMm: 1000, all: false, what: 'a hood', offcuts: [] }, AT)
    expect((await loadPiece(id, METRIC))!.length).toEqual({
      freeMm: 2000,
      isPromised: false,
      reserved: [],
      cutMm: 1000,
    })
    // A project that reserves it without saying how much leaves nothing certain.
    const project = await createRecord(db, 'project', ProjectSchema.parse({ name: 'Hood' }), AT)
    const cloth = { projectId: project.id, role: 'main', label: '', pieceId: id, wish: '', was: '' }
    await createRecord(db, 'project-cloth', ProjectClothSchema.parse(cloth), AT)
    const { length, unfinished } = (await loadPiece(id, METRIC))!
    expect(length).toMatchObject({ freeMm: 0, reserved: [{ project: 'Hood' }], cutMm: 1000 })
    expect(unfinished).toBeNull()
    const answers = [{ specimen: 1, part: 'whole', feature: 'approach', states: ['curls-away'] }] as TestAnswer[]
    const left = await startBurnTest(db, { pieceId: id }, AT, {}, answers)
    await startBurnTest(db, { pieceId: id }, AT, { finished: true }, answers)
    expect((await loadPiece(id, METRIC))!.unfinished).toEqual({
      id: left,
      answers: 1,
      says: 'Burn test: continue at question 2',
    })
    expect((await burnsToContinue(db)).map(({ id: test, of, at }) => [test, of, at.question])).toEqual([
      [left, 'Awning', 2],
    ])
  })
  it('is changed only as the person saw it', async () => {
    const id = await piece('Lobby curtain')
    const change = (revision: number, name: string) =>
      updatePiece({ id, revision }, { piece: PieceSchema.parse({ name }) })
    expect(await change(1, 'Green curtain')).toMatchObject({ ok: true })
    expect(await change(1, 'Red curtain')).toMatchObject({ ok: false })
    expect((await findRecord(db, 'piece', id))!.data.name).toBe('Green curtain')
  })
  it('has no page once it is in the bin, and throwing it away twice is no trouble', async () => {
    const id = await piece('Lobby curtain')
    await dropPiece(id)
    expect(await loadPiece(id, METRIC)).toBeUndefined()
    await expect(dropPiece(id)).resolves.toBeUndefined()
    expect(await dropPiece('no id')).toMatchObject({ ok: false, errors: { '': 'That is not the id of a record.' } })
  })
  it('has its shape with its holes, and refuses one that crosses itself', async () => {
    const id = await piece('Opened sleeve', { widthMm: 500, lengthMm: 600 })
    const points = [
      [0, 0],
      [400, 0],
      [400, 500],
      [0, 500],
    ]
    const hole = [
      [100, 100],
      [150, 100],
      [150, 160],
    ]
    expect(await keepShape(id, anything({ outline: { points, holes: [hole] }, flaws: [] }))).toMatchObject({
      ok: true,
    })
    expect((await findRecord(db, 'piece', id))!.data.outline).toEqual({ points, holes: [hole] })
    const crossed = [points[0], points[2], points[1], points[3]]
    expect(await keepShape(id, anything({ outline: { points: crossed, holes: [] }, flaws: [] }))).toMatchObject({
      ok: false,
    })
    expect((await findRecord(db, 'piece', id))!.data.outline).toEqual({ points, holes: [hole] })
  })
})

describe('the stash', () => {
  it('answers to its address, counts what it leaves out, and sends the rest by rows', async () => {
    for (let i = 0; i < 5; i++) await piece(`Curtain ${i}`, { place: i < 2 ? 'Loft' : 'Hamper', called: 'velvet' })
    await piece('Tea towel', { place: 'Loft', called: 'huckaback' })
    const all = await loadStash(asks(''), METRIC)
    expect([all.found, all.all]).toEqual([6, 6])
    const loft = await loadStash(asks('q=curtain&place=Loft'), METRIC)
    expect(loft.rows.map(({ name }) => name).sort()).toEqual(['Curtain 0', 'Curtain 1'])
    expect(await loadStash(asks('q=tricorn'), METRIC)).toMatchObject({ found: 0, rows: [] })
    const rows = await loadRows(asks('q=curtain'), METRIC, 2)
    expect(rows).toHaveLength(3)
  })
  it('keeps a view under a name', async () => {
    expect(await keepView({ name: 'In the loft', query: 'place=Loft' })).toMatchObject({ ok: true })
    expect(await keepView({ name: '', query: '' })).toMatchObject({ ok: false })
    expect((await loadStash(asks(''), METRIC)).views).toMatchObject([{ name: 'In the loft' }])
  })
  it('tells what in it is like a piece, and what is worth looking at', async () => {
    const id = await piece('Blue shirt', { called: 'chambray', claim: [{ fibre: 'cotton', percent: 100 }] })
    await piece('Blue blouse', { called: 'chambray', claim: [{ fibre: 'cotton', percent: 100 }] })
    await piece('Felt', { called: 'felt', construction: 'felted' })
    expect(JSON.stringify(await loadAlike(id, METRIC))).toContain('Blue blouse')
    expect(await loadLooking('uk')).toBeDefined()
  })
  it('in figures are counted anew when a piece comes or goes, and what suits no pattern waits', async () => {
    const old = await piece('Deck chair', { called: 'canvas', got: '2020-03-01' })
    await piece('Shirting', { called: 'poplin', got: '2019-03-01' })
    expect(await loadLooking('uk')).toMatchObject({ pieces: 2, waiting: [{ name: 'Shirting' }, { id: old }] })
    await createRecord(db, 'pattern', PatternSchema.parse({ name: 'Smock', need: { garment: 'shirt' } }), AT)
    const [smock] = await listPatterns(db)
    await bestFor(await shelfOf(db, 'uk'), smock!)
    expect((await loadLooking('uk')).waiting.map(({ name }) => name)).toEqual(['Deck chair'])
    await dropPiece(old)
    expect(await loadLooking('uk')).toMatchObject({ pieces: 1, waiting: [] })
  })
})

describe('a heap', () => {
  it('is sorted piece by piece, ended, and goes on', async () => {
    const { id } = await createRecord(db, 'heap', { name: 'Laundry hamper', place: '', notes: '', done: false }, AT)
    const kept = await quickKeep({ called: 'denim', spanMm: 1650, widthMm: null, heapId: id, sorting: 'test' })
    const pieceId = kept.ok ? kept.id : ''
    expect((await loadHeap(id, METRIC))!).toBeDefined()
    await sortPiece(pieceId, anything(SORTINGS[0]))
    expect((await findRecord(db, 'piece', pieceId))!.data.sorting).toBe(SORTINGS[0])
    expect(await sortPiece(pieceId, anything('burn'))).toMatchObject({ ok: false })
    await endHeap(id, true)
    expect((await findRecord(db, 'heap', id))!.data).toMatchObject({ done: true })
    expect(JSON.stringify(await loadHeaps(METRIC))).toContain('Laundry hamper')
    expect(await loadHeap(GONE, METRIC)).toBeUndefined()
  })
})

describe('a garment', () => {
  it('yields less cloth where more of it is worn', async () => {
    const id = await piece('Old trousers', { thing: 'trousers', called: 'denim' })
    const whole = (await loadApart(id, METRIC))!
    expect(whole.isMeasured).toBe(false)
    expect(await keepGarment({ pieceId: id, worn: ['knees', 'seat'] })).toMatchObject({ ok: true })
    const worn = (await loadApart(id, METRIC))!
    expect(worn.isMeasured).toBe(true)
    expect(worn.answer.clothMm2.value).toBeLessThan(whole.answer.clothMm2.value)
    expect(await loadApart(GONE, METRIC)).toBeUndefined()
  })
})
