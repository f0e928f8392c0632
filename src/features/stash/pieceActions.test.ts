import { anything } from '../../../tests/support/anything'
import { AT, dataOf, db, GONE, piece } from '../../../tests/support/ownPages'
import { redirect } from '../../../tests/support/ownNext'
import { ownHome } from '../../../tests/support/ownHome'
import { readdirSync } from 'node:fs'
import sharp from 'sharp'
import { LotSchema } from '@/core/notebook/kinds/lot'
import { allRecords, createRecord } from '@/server/store/repository'
import { v7 } from 'uuid'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { burnTestsOf, startBurnTest } from '@/server/records/burnTests'
import { measurementsOf } from '@/server/records/measurements'
import { keepPiece } from './actions'
import { copyPiece, cutPiece, putInLot } from './piece/kinActions'
import { addPhoto, changePhotos } from './piece/photoActions'

const CURTAIN = { widthMm: 1400, lengthMm: 3000, called: 'velvet', place: 'Loft' }

describe('cutting from a piece', () => {
  const offcut = { name: 'Curtain heading', widthMm: 1400, lengthMm: 200 }
  it('takes the length, leaves an offcut that knows where it is from, and writes down what for', async () => {
    const id = await piece('Lobby curtain', CURTAIN)
    const cut = { pieceId: id, lengthMm: 1250, what: 'gull wings', offcuts: [offcut] }
    expect(await cutPiece(cut)).toEqual({ ok: true })
    const left = await dataOf('piece', id)
    expect(left.lengthMm).toBe(1750)
    const [written] = (await allRecords(db, 'cut')).kept
    expect(written!.data).toMatchObject({ pieceId: id, what: expect.stringContaining('gull wings') })
    const [heading] = (await allRecords(db, 'piece')).kept.filter(({ data }) => data.name === offcut.name)
    expect(heading!.data).toMatchObject({ widthMm: 1400, lengthMm: 200, called: 'velvet', cutFromId: id })
  })
  it('of more than there is, is refused at its field, and nothing is cut', async () => {
    const id = await piece('Lobby curtain', CURTAIN)
    const cut = { pieceId: id, lengthMm: 3200, what: '', offcuts: [offcut] }
    const refusal = { ok: false, errors: { lengthMm: 'There is not so much of it left.' } }
    expect(await cutPiece(cut)).toEqual(refusal)
    expect((await dataOf('piece', id)).lengthMm).toBe(3000)
    expect((await allRecords(db, 'piece')).kept).toHaveLength(1)
  })
  it('that misses the end by less than a tape can tell, is all of it', async () => {
    const id = await piece('Lobby curtain', CURTAIN)
    expect(await cutPiece({ pieceId: id, lengthMm: 3004, what: '', offcuts: [] })).toEqual({ ok: true })
    expect(await dataOf('piece', id)).toMatchObject({ lengthMm: null, sorting: 'cut-up' })
  })
  it('of a piece that was thrown away elsewhere is told', async () => {
    const cut = { pieceId: GONE, lengthMm: 10, what: '', offcuts: [] }
    expect(await cutPiece(cut)).toMatchObject({ ok: false, gone: true })
  })
})

describe('a lot', () => {
  it('is begun with its first piece, joined by the next, and left again', async () => {
    const [first, second] = [await piece('Curtain, left'), await piece('Curtain, right')]
    expect(await putInLot(first, { lotId: null, name: 'Ballroom curtains' })).toEqual({ ok: true })
    const [lot] = (await allRecords(db, 'lot')).kept
    expect(lot!.data.name).toBe('Ballroom curtains')
    await putInLot(second, { lotId: lot!.id, name: null })
    expect((await dataOf('piece', first)).lotId).toBe(lot!.id)
    expect((await dataOf('piece', second)).lotId).toBe(lot!.id)
    await putInLot(first, { lotId: null, name: null })
    expect((await dataOf('piece', first)).lotId).toBeNull()
    expect((await allRecords(db, 'lot')).kept).toHaveLength(1)
  })
  it('of a piece that is gone is not begun at all', async () => {
    expect(await putInLot(GONE, { lotId: null, name: 'Ballroom curtains' })).toMatchObject({ ok: false, gone: true })
    expect((await allRecords(db, 'lot')).kept).toEqual([])
  })
  it('that is none is refused', async () => {
    const id = await piece('Curtain')
    expect(await putInLot(id, { lotId: GONE, name: null })).toMatchObject({ ok: false })
    expect((await dataOf('piece', id)).lotId).toBeNull()
  })
})

describe('another of the same', () => {
  it('has what was written of the first, and none of its pictures', async () => {
    const lot = await createRecord(db, 'lot', LotSchema.parse({ name: 'Ballroom curtains' }), AT)
    const id = await piece('Curtain, left', { ...CURTAIN, lotId: lot.id, inHand: true })
    await copyPiece(id)
    const to = /^\/stash\/([0-9a-f-]+)\/edit$/.exec(redirect.mock.lastCall![0] as string)!
    const copy = await dataOf('piece', to[1]!)
    expect(copy).toMatchObject({ ...CURTAIN, name: 'Curtain, left, another', lotId: lot.id, inHand: false })
    expect(copy.pictures).toEqual([])
  })
  it('with the longest of names still has a name that is short enough', async () => {
    const id = await piece('a'.repeat(80))
    await copyPiece(id)
    const copies = (await allRecords(db, 'piece')).kept.filter((one) => one.id !== id)
    expect(copies[0]!.data.name).toBe(`${'a'.repeat(70)}, another`)
  })
})

describe('photographs', () => {
  const home = ownHome()
  const picture = async (background: string) => {
    const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background } })
      .png()
      .toBuffer()
    const form = new FormData()
    form.set('picture', new Blob([new Uint8Array(bytes)], { type: 'image/png' }), 'cloth.png')
    return form
  }
  /** @returns how far each of red, green and blue is off, at most */
  const offBy = (hex: string, rgb: number[]) =>
    Math.max(...rgb.map((value, i) => Math.abs(parseInt(hex.slice(1 + i * 2, 3 + i * 2), 16) - value)))

  it('the first gives the piece its colour, which the drawing takes when it is asked to', async () => {
    const id = await piece('Awning')
    expect(await addPhoto(id, await picture('rgb(30, 110, 90)'))).toEqual({ ok: true })
    const added = await dataOf('piece', id)
    expect(added.pictures).toHaveLength(1)
    expect(offBy(added.colours[0]!, [30, 110, 90])).toBeLessThan(12)
    expect(offBy(added.look.warp, [30, 110, 90])).toBeGreaterThan(12)
    await addPhoto(id, await picture('rgb(200, 40, 40)'))
    expect((await dataOf('piece', id)).colours).toEqual(added.colours)
    await changePhotos(id, { do: 'colour' })
    expect((await dataOf('piece', id)).look.warp).toBe(added.colours[0])
  })
  it('one is put first and stands for the piece; when the last is put away its drawing does', async () => {
    const id = await piece('Awning')
    for (const colour of ['red', 'green', 'blue']) await addPhoto(id, await picture(colour))
    const names = (await dataOf('piece', id)).pictures.map(({ name }) => name)
    await changePhotos(id, anything({ do: 'first', name: names[2] }))
    expect(await dataOf('piece', id)).toMatchObject({
      face: 'picture',
      pictures: [names[2], names[0], names[1]].map((name) => ({ name })),
    })
    await changePhotos(id, { do: 'face', face: 'drawing' })
    await changePhotos(id, { do: 'face', face: 'picture' })
    for (const name of names) await changePhotos(id, { do: 'drop', name })
    expect(await dataOf('piece', id)).toMatchObject({ face: 'drawing', pictures: [] })
  })
  it('what is no picture is refused, and leaves nothing on the disk', async () => {
    const id = await piece('Awning')
    const before = readdirSync(home, { recursive: true }).length
    const form = new FormData()
    form.set('picture', new Blob(['no picture at all']), 'cloth.png')
    expect(await addPhoto(id, form)).toMatchObject({ ok: false })
    expect(await addPhoto(id, new FormData())).toMatchObject({ ok: false, errors: { '': 'No photo was sent.' } })
    expect(await addPhoto(GONE, await picture('red'))).toMatchObject({ ok: false, gone: true })
    expect(readdirSync(home, { recursive: true })).toHaveLength(before)
    expect(await changePhotos(id, anything({ do: 'burn it' }))).toMatchObject({ ok: false })
  })
})

describe('keeping a new piece', () => {
  const reading = { grams: 3.2, resolutionGrams: 0.1, lengthMm: 100, widthMm: 100, cutErrorMm: 1 }
  const told = (name: string, rest: object = {}) => ({
    piece: PieceSchema.parse({ name }),
    reading: null,
    testId: null,
    ...rest,
  })
  const pieces = async () => (await allRecords(db, 'piece')).kept.map(({ data }) => data.name)

  it('twice, because its answer was lost, keeps one, with one weighing and its test', async () => {
    const testId = await startBurnTest(db, {}, AT)
    const sent = told('Lobby curtain', { reading, testId, id: v7() })
    const [first, again] = [await keepPiece(sent), await keepPiece(sent)]
    expect([first.ok, again]).toEqual([true, first])
    expect(await pieces()).toEqual(['Lobby curtain'])
    const { id } = first as { id: string }
    expect((await measurementsOf(db, id)).length).toBe(1)
    expect((await burnTestsOf(db, id)).map((test) => test.id)).toEqual([testId])
  })
  it('with a burn test that another window kept with another piece is refused whole', async () => {
    const testId = await startBurnTest(db, {}, AT)
    const first = (await keepPiece(told('First', { testId, id: v7() }))) as { id: string }
    expect(await keepPiece(told('Second', { testId, id: v7() }))).toEqual({
      ok: false,
      errors: { testId: 'This burn test was saved with “First” in another window. Nothing changed.' },
    })
    expect(await pieces()).toEqual(['First'])
    expect((await burnTestsOf(db, first.id)).map((test) => test.id)).toEqual([testId])
  })
})
