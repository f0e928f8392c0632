import { anything } from '../../../../tests/support/anything'
import { AT, dataOf, db, GONE, METRIC, piece } from '../../../../tests/support/ownPages'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { addMeasurement } from '@/server/records/measurements'
import { allRecords, createRecord, removeRecord } from '@/server/store/repository'
import { YarnSchema } from '@/core/notebook/kinds/yarn'
import { keepGarment, tookApart } from './actions'
import { countNotion, dropFromBox, keepNotion, keepYarn } from './boxActions'
import { loadApart } from './load'
import { loadBox } from './loadBox'
import { readAddress, type AddressState } from '../../shared/address/address'
import { dyeAddress } from './dyeAddress'
import { loadDye } from './loadDye'
import { loadUnravel } from './loadUnravel'
import { unravelAddress } from './unravelAddress'

type DyeChoice = AddressState<typeof dyeAddress>

const US = { units: 'imperial', words: 'us' } as const

describe('a dye bath', () => {
  const choice: DyeChoice = { to: '#1c2f6b', thread: '', finish: '', grams: null }
  const white = { warp: '#ffffff', weft: '#ffffff', accent: null, colouring: 'plain' } as const
  const dyed = (id: string, rest: Partial<DyeChoice> = {}) => loadDye(id, { ...choice, ...rest }, METRIC)

  it('is worked out from what the label says, and drawn lighter, as expected, and darker', async () => {
    const id = await piece('Bed sheet', { called: 'poplin', claim: [{ fibre: 'cotton', percent: 100 }], look: white })
    const { answer, knows, from } = (await dyed(id))!
    expect(from).toBe('#ffffff')
    expect(knows.of).toBe('cotton')
    expect(answer!.bath).toBe('reactive')
    expect(answer!.fibreWords).toEqual(['cotton'])
    const { lighter, expected, darker } = answer!.tiles
    expect(new Set([lighter, expected, darker].map((tile) => JSON.stringify(tile))).size).toBe(3)
  })
  it('of what nobody knows the fibre of is not reckoned, and further ways are told all the same', async () => {
    const { answer, ways, knows } = (await dyed(await piece('Something')))!
    expect(answer === null || knows.how !== null).toBe(true)
    expect(ways.map(({ id }) => id)).toContain('over-print')
  })
  it('takes no colour, thread or finish that there is none of, nor a piece that is gone', async () => {
    const id = await piece('Bed sheet', { called: 'poplin', claim: [{ fibre: 'cotton', percent: 100 }] })
    const asked = { to: 'url(x)', thread: 'gold', finish: 'magic' }
    expect((await dyed(id, readAddress(dyeAddress, asked)))!.choice).toMatchObject({
      to: '#2f4b7c',
      thread: '',
      finish: '',
    })
    expect(await dyed(GONE)).toBeUndefined()
  })
  it('wants twice the dye for twice the cloth, and a dress length where nobody weighed it', async () => {
    const id = await piece('Bed sheet', { called: 'poplin', claim: [{ fibre: 'cotton', percent: 100 }] })
    expect((await dyed(id))!.choice.grams).toBe(400)
    const dyeOf = async (grams: number) => (await dyed(id, { grams }))!.answer!.amounts.dyeGrams
    expect(await dyeOf(800)).toEqual((await dyeOf(400)).map((least) => 2 * least))
    const sized = await piece('Table cloth', { widthMm: 1500, lengthMm: 2000, called: 'damask' })
    const weighing = MeasurementSchema.parse({ kind: 'weighing', grams: 200, lengthMm: 1000, widthMm: 1000 })
    await addMeasurement(db, sized, weighing as never, 'unwashed', AT)
    // 3 m² of 200 g/m².
    expect((await dyed(sized))!.choice.grams).toBe(600)
  })
})

describe('unravelling', () => {
  const choice: AddressState<typeof unravelAddress> = readAddress(unravelAddress, {})
  it('cloth that was woven gives no yarn back', async () => {
    const id = await piece('Deck chair', { called: 'canvas' })
    expect((await loadUnravel(id, choice, METRIC))!.answer.verdict).toBe('no')
  })
  it('a linked jumper does, in metres by weight and wraps; one that was cut and sewn does not', async () => {
    const id = await piece('Porter’s jumper', { called: 'jersey', claim: [{ fibre: 'wool', percent: 100 }] })
    const linked = (await loadUnravel(id, { ...choice, seams: 'linked', wraps: 10 }, METRIC))!
    expect(linked.asked).toMatchObject({ seams: 'linked', surface: 'plain', grams: 420 })
    expect(linked.answer.verdict).not.toBe('no')
    const twice = (await loadUnravel(id, { ...choice, seams: 'linked', wraps: 10, grams: 840 }, METRIC))!
    // Whole metres are told.
    expect(Math.abs(twice.answer.metres!.value - 2 * linked.answer.metres!.value)).toBeLessThanOrEqual(2)
    const [low, high] = linked.answer.metres!.interval80
    expect(low).toBeLessThan(linked.answer.metres!.value)
    expect(high).toBeGreaterThan(linked.answer.metres!.value)
    expect((await loadUnravel(id, { ...choice, seams: 'overlocked' }, METRIC))!.answer.verdict).toBe('no')
  })
  it('names the yarn as the reader would, and knows no piece that is gone', async () => {
    const id = await piece('Porter’s jumper', { called: 'jersey', claim: [{ fibre: 'wool', percent: 100 }] })
    const named = async (reader: typeof METRIC | typeof US) =>
      (await loadUnravel(id, { ...choice, seams: 'linked', wraps: 9 }, reader))!.answer.className
    expect(await named(METRIC)).toBeTruthy()
    expect(await named(US)).not.toBe(await named(METRIC))
    expect(await loadUnravel(GONE, choice, METRIC)).toBeUndefined()
  })
})

describe('the notions box', () => {
  it('keeps what is put in, counts it down to none, and lets it go', async () => {
    const kept = await keepNotion({ kind: 'buttons', name: 'Brass buttons', count: 8, sizeMm: 22 })
    const id = kept.ok ? kept.id : ''
    expect(await countNotion(id, 3)).toEqual({ ok: true })
    expect((await loadBox('uk')).shelves[0]!.notions).toMatchObject([{ id, name: 'Brass buttons', count: 3 }])
    expect(await countNotion(id, 0)).toEqual({ ok: true })
    expect(await countNotion(id, -1)).toMatchObject({ ok: false })
    expect(await countNotion(id, 2.5)).toMatchObject({ ok: false })
    expect((await dataOf('notion', id)).count).toBe(0)
    expect(await dropFromBox('notion', id)).toEqual({ ok: true })
    expect((await loadBox('uk')).shelves).toEqual([])
    expect(await dropFromBox(anything('piece'), id)).toMatchObject({ ok: false })
  })
  it('refuses what is nothing, and says at which field', async () => {
    expect(await keepNotion({ kind: 'buttons', name: '', count: 8 })).toMatchObject({
      ok: false,
      errors: { name: /./ },
    })
    expect(await keepNotion(anything({ kind: 'anchors', name: 'Anchor' }))).toMatchObject({ ok: false })
    expect(await keepYarn({ name: 'Air', grams: 0 })).toMatchObject({ ok: false })
    expect((await allRecords(db, 'notion')).kept).toEqual([])
  })
  it('has its kinds together, and within them by name', async () => {
    for (const [kind, name] of [
      ['zip', 'Long zip'],
      ['buttons', 'Wooden buttons'],
      ['zip', 'Brass zip'],
      ['buttons', 'Bone buttons'],
    ])
      await keepNotion(anything({ kind, name }))
    const { shelves, kinds } = await loadBox('us')
    const notions = shelves.flatMap((shelf) => shelf.notions)
    expect(notions.map(({ name }) => name)).toHaveLength(4)
    const order = kinds.map(([id]) => id)
    const sorted = [...notions].sort(
      (a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || a.name.localeCompare(b.name),
    )
    expect(notions).toEqual(sorted)
  })
  it('shows a few of each kind, and all of one that is asked for', async () => {
    for (let i = 0; i < 9; i++) await keepNotion(anything({ kind: 'zip', name: `Zip ${i}` }))
    await keepNotion(anything({ kind: 'buttons', name: 'Bone buttons' }))
    const { shelves, total } = await loadBox('uk')
    expect(shelves.map(({ kind, of, notions }) => [kind, of, notions.length])).toEqual([
      ['buttons', 1, 1],
      ['zip', 9, 4],
    ])
    expect(total.kinds).toBe(2)
    const [zips, ...none] = (await loadBox('uk', 'zip')).shelves
    expect([zips?.notions.length, none]).toEqual([9, []])
  })
  it('tells of a yarn its metres: as said, else by its wraps, else not at all', async () => {
    const says = async (rest: object) => {
      const kept = await keepYarn({ name: 'Sea wool', fibres: ['viscose'], grams: 100, ...rest })
      const { yarns } = await loadBox('us')
      return yarns.find(({ id }) => id === (kept.ok && kept.id))!.says
    }
    expect(await says({ metres: 212 })).toBe('rayon, 100 g, about 212 m')
    expect(await says({})).toBe('rayon, 100 g')
    expect(await says({ wrapsPerInch: 9 })).toMatch(/^rayon, 100 g, about \d{2,4} m, \w+/)
  })
  it('forgets where a thing came from with the piece, not the thing', async () => {
    const from = await piece('Jumper')
    const yarn = YarnSchema.parse({ name: 'Sea wool', grams: 100, fromPieceId: from })
    const { id } = await createRecord(db, 'yarn', yarn, AT)
    await removeRecord(db, 'piece', { id: from }, AT)
    expect(await dataOf('yarn', id)).toMatchObject({ name: 'Sea wool', fromPieceId: null })
  })
})

describe('taking apart', () => {
  const skirt = {
    called: 'poplin',
    thing: 'skirt',
    place: 'Rail',
    claim: [{ fibre: 'cotton', percent: 100 }],
  } as const
  it('gives panels that know their garment, and puts what was kept into the box where the garment lay', async () => {
    const id = await piece('Housekeeper’s skirt', skirt as never)
    const before = (await loadApart(id, METRIC))!
    const wanted = before.answer.keep.filter(({ notion }) => notion !== null).map((one) => one.id)
    expect(wanted.length).toBeGreaterThan(0)
    expect(await tookApart(id, wanted.slice(0, 1))).toEqual({ ok: true })
    const panels = (await allRecords(db, 'piece')).kept.filter(({ data }) => data.cutFromId === id)
    expect(panels.length).toBeGreaterThan(0)
    for (const { data } of panels) expect(data).toMatchObject({ called: 'poplin', place: 'Rail' })
    const notions = (await allRecords(db, 'notion')).kept
    expect(notions).toHaveLength(1)
    expect(notions[0]!.data).toMatchObject({ place: 'Rail', fromPieceId: id })
    expect((await dataOf('piece', id)).sorting).toBe('cut-up')
  })
  it('a stain that was marked and not kept yet is cut out of its panel when it is taken apart', async () => {
    const id = await piece('Stained skirt', skirt as never)
    const { garment, whole } = (await loadApart(id, METRIC))!
    const places = whole.map(({ id: panel }) => ({
      ...{ panel, is: 'stained', x: 0.5, y: 0.5, acrossMm: 80, onEach: true },
    }))
    expect(await tookApart(id, [], anything({ ...garment, places }))).toEqual({ ok: true })
    const panels = (await allRecords(db, 'piece')).kept.filter(({ data }) => data.cutFromId === id)
    expect(panels.length).toBeGreaterThan(0)
    for (const { data } of panels) expect(data.outline!.holes).toHaveLength(1)
  })
  it('keeps how it is sewn, changes it instead of keeping two, and refuses seams that are none', async () => {
    const id = await piece('Housekeeper’s skirt', skirt as never)
    expect(await keepGarment(anything({ pieceId: id, seams: 'glued by magic' }))).toMatchObject({ ok: false })
    expect(await keepGarment({ pieceId: id })).toEqual({ ok: true })
    expect(await keepGarment({ pieceId: id, worn: [] })).toEqual({ ok: true })
    expect((await allRecords(db, 'garment')).kept).toHaveLength(1)
    expect(await keepGarment({ pieceId: GONE })).toMatchObject({ ok: false })
  })
  it('of what was thrown away elsewhere is told', async () => {
    expect(await tookApart(GONE, [])).toMatchObject({ ok: false, gone: true })
  })
})
