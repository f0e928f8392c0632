import { anything } from '../../../tests/support/anything'
import { AT, METRIC, db } from '../../../tests/support/ownPages'
import { readAddress } from '../shared/address/address'
import { numbersAddress } from './numbers/numbersAddress'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { sideQuestion, sideTopicById, sideTopics } from '@/core/practice/sides'
import { topicById } from '@/core/practice/topics'
import { addMeasurement } from '@/server/records/measurements'
import { allRecords, createRecord } from '@/server/store/repository'
import { closeBox, packBox, sayBlind } from './blind/actions'
import { loadBlind } from './blind/load'
import { sayLook } from './looks/actions'
import { loadLook } from './looks/load'
import { loadNamedCloth } from './lookup/loadCloth'
import { loadFibre } from './lookup/loadFibre'
import { sayNumber } from './numbers/actions'
import { loadNumbers } from './numbers/load'
import { answerSpecimen } from './practice/actions'
import { loadPractice, loadScore } from './practice/load'
import { specimenOf, tokenOf } from './practice/token'
import { saySide } from './sides/actions'
import { loadSide } from './sides/load'
import { loadUnit } from './units/loadUnit'

async function weighedPiece(name: string, called: string, grams: number) {
  const { id } = await createRecord(db, 'piece', PieceSchema.parse({ name, called, washed: 'washed' }), AT)
  const weighing = MeasurementSchema.parse({ kind: 'weighing', grams, lengthMm: 1000, widthMm: 1000 })
  await addMeasurement(db, id, weighing as never, 'washed', AT)
  return id
}

describe('which way round', () => {
  it('shows a question whose answer is not on the page, and judges what is said', async () => {
    const data = await loadSide(AT)
    expect(JSON.stringify({ ...data, choices: [] })).not.toMatch(/isTurned|because/)
    const { topic, seed } = specimenOf(data.token)!
    const { answer } = sideQuestion(sideTopicById(topic)!, seed)
    expect(data.choices.map(({ id }) => id)).toContain(answer)
    const right = await saySide({ token: data.token, said: answer, sure: 0.9 })
    expect(right).toMatchObject({ right: true, because: sideTopicById(topic)!.because })
    const wrong = data.choices.find(({ id }) => id !== answer)!.id
    expect(await saySide({ token: data.token, said: wrong, sure: 0.9 })).toMatchObject({ right: false })
    expect((await loadSide(AT)).score).toEqual({ right: 1, all: 2 })
    // Cloths to be named are counted apart.
    expect((await loadLook(METRIC, AT)).score).toEqual({ right: 0, all: 0 })
  })
  it('takes no answer of another question, nor a token that is none', async () => {
    const warp = sideTopics.find(({ ask }) => ask === 'warp')!
    const token = tokenOf({ topic: warp.id, seed: 1 })
    await expect(saySide({ token, said: 'bowed', sure: 0.9 })).rejects.toThrow('no such page')
    await expect(saySide({ token: 'rubbish', said: 'a', sure: 0.9 })).rejects.toThrow('no such page')
    expect((await allRecords(db, 'look')).kept).toEqual([])
  })
})

describe('name by looking', () => {
  it('offers the right name among three others, and tells what parts it from what it was taken for', async () => {
    const data = await loadLook(METRIC, AT)
    const { topic } = specimenOf(data.token)!
    expect(data.options).toHaveLength(4)
    expect(data.options.map(({ id }) => id)).toContain(topic)
    const other = data.options.find(({ id }) => id !== topic)!.id
    const told = await sayLook({ token: data.token, said: other, sure: 0.6 })
    expect(told).toMatchObject({ right: false, was: { id: topic }, taken: { id: other } })
    expect(await sayLook({ token: data.token, said: topic, sure: 0.6 })).toMatchObject({ right: true, taken: null })
  })
  it('lets more light through a sheer cloth than through an opaque one', async () => {
    const seen = new Map<string, number>()
    for (let i = 0; i < 12; i++) {
      const { token, tile } = await loadLook(METRIC, AT)
      seen.set(specimenOf(token)!.topic, tile.open)
    }
    for (const open of seen.values()) expect([0, 0.5, 1]).toContain(open)
  })
})

describe('practice', () => {
  const said = { asked: ['smell', 'residue', 'after-removal'], family: 'protein', fibres: ['silk'], sure: 0.8 }
  it('judges a specimen, tells what told most, and scores it', async () => {
    const told = await answerSpecimen(anything({ token: tokenOf({ topic: 'silk', seed: 7 }), ...said }))
    expect(told).toMatchObject({ familyRight: true, fibreRight: true, was: 'Silk', note: '' })
    expect(told.evidence.length).toBeGreaterThan(0)
    expect((await loadScore()).score).toMatchObject({ count: 1, family: 1, fibre: 1 })
  })
  it.each([
    ['finish:flame-proofed', /flame-proofed/, /washes out/],
    ['union:silk/cotton', /silk/i, /Warp and weft were different/],
    ['misleading:silk', /Silk/, /burn it again/],
  ])('says what is worth knowing of %s', async (topic, was, note) => {
    const told = await answerSpecimen(anything({ token: tokenOf({ topic, seed: 3 }), ...said }))
    expect(told.was).toMatch(was)
    expect(told.note).toMatch(note)
  })
  it('shows what a specimen does, and not what it is', async () => {
    const data = await loadPractice('uk', AT)
    expect(topicById(specimenOf(data.token)!.topic)!.level).toBe('pure')
    expect(data.stages.every(({ says }) => says.length > 0)).toBe(true)
    expect(data.isOwnNose).toBe(false)
  })
})

describe('a blind box', () => {
  it('is packed of known things, closed, answered and opened', async () => {
    for (const [name, fibre] of [
      ['Tea cotton', 'cotton'],
      ['Bell silk', 'silk'],
      ['Mast wool', 'wool'],
    ] as const)
      await createRecord(db, 'control', { name, fibre, sure: 'its label' }, AT)
    const { offered } = await loadBlind('uk')
    expect(offered.map(({ name, from }) => [name, from]).sort()).toEqual([
      ['Bell silk', 'control'],
      ['Mast wool', 'control'],
      ['Tea cotton', 'control'],
    ])
    const things = offered.map(({ id, from, name, fibres }) => ({ id, from, name, fibres }))
    expect(await packBox(things.slice(0, 2))).toMatchObject({ ok: false })
    expect(await packBox(things)).toMatchObject({ ok: true })
    const { box } = await loadBlind('uk')
    expect(box!.entries.every(({ key }) => key !== null)).toBe(true)
    await closeBox(box!.id)
    expect((await loadBlind('uk')).box!.entries.map(({ key }) => key)).toEqual([null, null, null])
    for (const code of ['A', 'B', 'C']) await sayBlind(box!.id, { code, family: 'protein', fibres: [], sure: 0.8 })
    const open = (await loadBlind('uk')).box!
    expect([open.isOver, open.taught]).toEqual([true, 0])
    expect(open.entries.filter(({ result }) => result!.familyRight)).toHaveLength(2)
  })
})

describe('guessed numbers', () => {
  it('keeps what is measured on the server until something is said', async () => {
    const id = await weighedPiece('Pantry cloth', 'denim', 412)
    const data = await loadNumbers({ what: 'gsm' }, METRIC)
    expect(data.piece).toMatchObject({ id, isMeasured: true })
    // The figure, not its digits within an id that is drawn anew each time.
    expect(JSON.stringify(data)).not.toMatch(/\b412\b/)
    expect(await sayNumber({ pieceId: id, what: 'gsm', said: 390 })).toMatchObject({ ok: true, truth: 412 })
    expect((await loadNumbers({ what: 'gsm' }, METRIC)).errors).toHaveLength(1)
  })
  it('asks for weights where an address asks for nothing that is guessed', async () => {
    expect((await loadNumbers(readAddress(numbersAddress, { what: 'smell' }), METRIC)).what).toBe('gsm')
  })
})

describe('looked up', () => {
  it('has a unit with its ladder, its neighbours and pieces of the stash in it', async () => {
    for (const [name, grams] of [
      ['Net', 40],
      ['Sheet', 130],
      ['Duffel', 520],
    ] as const)
      await weighedPiece(name, 'cotton', grams)
    const momme = (await loadUnit('momme', { words: 'uk' }))!
    expect(momme.heads.map(({ id }) => id)).toEqual(['gsm', 'oz', 'momme'])
    expect(momme.stash.map(({ name, says }) => [name, says])).toEqual([
      ['Net', '9.2 momme'],
      ['Sheet', '30.0 momme'],
      ['Duffel', '119.8 momme'],
    ])
    const usual = momme.ladder[2]!
    expect(Number(usual.others[0]!.value)).toBeCloseTo(Number(usual.value) * 4.34, -1)
    expect((await loadUnit('ne', { words: 'uk' }))!.stash).toEqual([])
    expect(await loadUnit('cubit', { words: 'uk' })).toBeUndefined()
  })
  it('has a cloth and a fibre with what of them lies there', async () => {
    await weighedPiece('Staff trousers', 'denim', 400)
    expect((await loadNamedCloth('denim', METRIC))!.stash).toMatchObject({
      count: 1,
      folds: [{ name: 'Staff trousers' }],
    })
    expect((await loadFibre('silk', METRIC))!.neighbours.length).toBeGreaterThan(1)
    expect(await loadNamedCloth('unheard-of', METRIC)).toBeUndefined()
    expect(await loadFibre('unobtainium', METRIC)).toBeUndefined()
  })
})
