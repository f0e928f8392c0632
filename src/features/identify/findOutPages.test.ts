import { anything } from '../../../tests/support/anything'
import { AT, GONE, db, piece } from '../../../tests/support/ownPages'
import { redirect } from '../../../tests/support/ownNext'
import { startBurnTest } from '@/server/records/burnTests'
import { allRecords, createRecord, findRecord } from '@/server/store/repository'
import { keepMeasurement, dropMeasurement } from '../shared/readings/actions'
import { takeBackStroke } from '../shared/history/actions'
import { beginTest } from '../shared/burn/beginTest'
import { historyOf } from '@/server/store/history'
import { discardTest, dropControl, keepControl, saveTest } from './burn/actions'
import { loadTest } from './burn/loadTest'
import { takeInHand } from './door/actions'
import { loadBench } from './measure/load'

const smelt = (states: string[]) => [{ specimen: 1, part: 'whole', feature: 'smell', states }]

describe('a burn test', () => {
  it('is begun of a piece with its label, and brings what was at hand along', async () => {
    const first = await startBurnTest(db, {}, AT, { atHand: ['flame', 'loupe'] as never })
    expect(first).toBeTruthy()
    const id = await piece('Curtain', { claim: [{ fibre: 'wool', percent: 100 }] })
    await beginTest({ pieceId: id })
    const testId = redirect.mock.calls[0]![0].split('/').at(-1) as string
    const { test, of } = (await loadTest(testId))!
    expect(of).toMatchObject({ name: 'Curtain', href: `/stash/${id}` })
    expect(test.setup.atHand).toEqual(['flame', 'loupe'])
    expect(test.setup.claim).toEqual([{ fibre: 'wool', percent: 100 }])
    expect(await loadTest(GONE)).toBeUndefined()
  })
  it('keeps answers as they come, tells a second window, and refuses what nobody smells', async () => {
    const id = await startBurnTest(db, {}, AT)
    const saved = await saveTest({ id, revision: 1 }, anything({ answers: smelt(['hair-feather']) }))
    expect(saved).toMatchObject({ ok: true, revision: 2 })
    expect(await saveTest({ id, revision: 1 }, anything({ answers: smelt(['paper']) }))).toMatchObject({ ok: false })
    expect(await saveTest({ id, revision: 2 }, anything({ answers: smelt(['lavender']) }))).toMatchObject({
      ok: false,
    })
    expect((await loadTest(id))!.test.answers).toMatchObject(smelt(['hair-feather']))
  })
  it('is thrown away, twice if need be', async () => {
    const id = await startBurnTest(db, {}, AT)
    await discardTest(id)
    await discardTest(id)
    expect(redirect).toHaveBeenCalledTimes(2)
    expect(await loadTest(id)).toBeUndefined()
  })
  it('of a known piece never judges itself, and is named after its envelope while that is shut', async () => {
    const kept = await keepControl({ name: 'Known wool', fibre: 'wool', sure: 'its label' })
    const controlId = kept.ok ? kept.id : ''
    const own = await startBurnTest(db, { controlId }, AT, {}, smelt(['hair-feather']) as never)
    const other = await startBurnTest(db, {}, AT)
    expect((await loadTest(own))!.controls).toEqual([])
    expect((await loadTest(other))!.controls).toMatchObject([{ fibre: 'wool' }])
    expect((await loadTest(own))!.of).toEqual({ name: 'Known wool', href: '/identify/samples' })
    const entry = { code: 'A', name: 'Known wool', fibres: ['wool'], controlId, pieceId: null, answer: null }
    const box = { begun: AT, isPacked: true, entries: [entry] } as never
    const { id: blindId } = await createRecord(db, 'blind-box', box, AT)
    await beginTest({ blind: { id: blindId, code: 'A' } })
    const blind = redirect.mock.calls[0]![0].split('/').at(-1) as string
    expect((await loadTest(blind))!.of).toEqual({ name: 'Envelope A', href: '/learn/blind-test' })
    expect(await beginTest({ blind: { id: GONE, code: 'A' } })).toMatchObject({ ok: false, gone: true })
    await dropControl(controlId)
    expect((await loadTest(other))!.controls).toEqual([])
  })
})

describe('readings', () => {
  const weighing = { kind: 'weighing', grams: 36, lengthMm: 300, widthMm: 300 }
  const bench = async (id: string) => (await loadBench(id, 'uk')).piece!
  it('are kept with their piece, pooled, and struck out', async () => {
    const id = await piece('Curtain', { washed: 'washed' })
    expect((await bench(id)).gsm).toBeNull()
    for (const grams of [36, 38])
      expect(await keepMeasurement(id, anything({ data: { ...weighing, grams }, state: 'washed' }))).toMatchObject({
        ok: true,
      })
    const { gsm, measurements } = await bench(id)
    expect(gsm!.value).toBeCloseTo(411, 0)
    await dropMeasurement(id, measurements[0]!.id)
    expect((await bench(id)).gsm!.value).toBeCloseTo(422, 0)
    // Gone already: no trouble.
    expect(await dropMeasurement(id, measurements[0]!.id)).toEqual({ ok: true })
  })
  it('are refused where they are nonsense or of a piece that is gone', async () => {
    const id = await piece('Curtain')
    const kept = (of: string, data: object) => keepMeasurement(of, anything({ data, state: 'washed' }))
    expect(await kept(id, { ...weighing, grams: -3 })).toMatchObject({ ok: false })
    expect(await kept(id, { kind: 'taste' })).toMatchObject({ ok: false })
    expect(await kept(GONE, weighing)).toMatchObject({ ok: false })
    expect((await bench(id)).measurements).toEqual([])
    expect((await loadBench(undefined, 'uk')).piece).toBeNull()
  })
  it('are taken back with the stroke that wrote them', async () => {
    const id = await piece('Curtain')
    await keepMeasurement(id, anything({ data: weighing, state: 'unknown' }))
    const stroke = (await historyOf(db, id)).find(({ steps }) => steps.some(({ kind }) => kind === 'measurement'))!
    expect(await takeBackStroke(stroke.stroke)).toMatchObject({ ok: true })
    expect((await bench(id)).measurements).toEqual([])
    expect(await takeBackStroke('no stroke')).toMatchObject({ ok: false })
  })
})

it('a cloth in hand is a piece that lies on no shelf yet', async () => {
  await takeInHand()
  const [kept] = (await allRecords(db, 'piece')).kept
  expect(redirect).toHaveBeenCalledWith(`/identify?piece=${kept!.id}`)
  expect((await findRecord(db, 'piece', kept!.id))!.data.inHand).toBe(true)
})
