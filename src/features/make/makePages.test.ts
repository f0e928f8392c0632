import { anything } from '../../../tests/support/anything'
import { AT, GONE, METRIC, db } from '../../../tests/support/ownPages'
import { PieceSchema, type PieceInput } from '@/core/notebook/kinds/piece'
import { PatternPieceSchema } from '@/core/notebook/kinds/patternPiece'
import { rectangle } from '@/core/shapes/polygon'
import { createRecord, findRecord, recordsReferring } from '@/server/store/repository'
import { loadComparison } from './compare/load'
import { confirmCut, keepLay } from './laying/actions'
import { loadLay } from './laying/load'
import { dropPattern, keepPattern, putOnList, readPasted } from './patterns/actions'
import { loadPattern, loadPatterns, loadPatternsFor } from './patterns/load'
import { addFromCorners, addFromMeasures } from './pieces/actions'
import { changeProject, chooseCloth, dropProject, keepProject } from './projects/actions'
import { loadProject, loadProjects } from './projects/load'
import { loadShop } from './shop/load'

async function cloth(name: string, rest: Partial<PieceInput> = {}): Promise<string> {
  const usual = { called: 'poplin', widthMm: 1400, lengthMm: 3000, washed: 'washed' } as const
  return (await createRecord(db, 'piece', PieceSchema.parse({ name, ...usual, ...rest }), AT)).id
}

/** @returns its id */
async function pattern(name = 'Gull smock', rest: object = {}): Promise<string> {
  const kept = await keepPattern({
    name,
    need: { garment: 'shirt' },
    lengths: [{ size: '', widthMm: 1400, lengthMm: 2100, nap: false }],
    ...rest,
  })
  if (!kept.ok) throw new Error(JSON.stringify(kept))
  return kept.id
}

async function project(patternId: string | null): Promise<string> {
  const kept = await keepProject({ name: 'For the ferryman', patternId })
  if (!kept.ok) throw new Error(JSON.stringify(kept))
  return kept.id
}

describe('patterns', () => {
  it('are kept, found with the best of the stash, and thrown away', async () => {
    const [id, suits, not] = [
      await pattern(),
      await cloth('Shirting'),
      await cloth('Sailcloth', { called: 'canvas' }),
    ]
    const rows = (await loadPattern(id, METRIC, { size: '', view: '' }))!.rows
    expect(rows.map((row) => row.title)).toEqual(['Shirting', 'Sailcloth'])
    expect(rows[0]!.match.score).toBeGreaterThan(rows[1]!.match.score)
    const held = (await loadPatternsFor(suits, METRIC))!
    expect(held.rows.map(({ title }) => title)).toEqual(['Gull smock'])
    expect(await loadPatternsFor(GONE, METRIC)).toBeUndefined()
    const both = (await loadComparison(id, [not, suits, not], METRIC))!
    expect(both.cloths.map(({ name }) => name)).toEqual(['Sailcloth', 'Shirting'])
    await dropPattern(id)
    expect(await loadPatterns(METRIC)).toEqual({ rows: [], of: 0 })
    expect(await loadPattern(id, METRIC, { size: '', view: '' })).toBeUndefined()
  })
  it('are refused at the field that is wrong', async () => {
    expect(await keepPattern({ name: '', need: {} })).toMatchObject({ ok: false })
  })
  it('stand on the list for the shop where that is said', async () => {
    const id = await pattern()
    await cloth('Shirting')
    await putOnList(id, true)
    const { patterns, others } = await loadShop(METRIC)
    expect([patterns.map(({ name }) => name), others]).toEqual([['Gull smock'], []])
    expect(patterns[0]!.rows.length).toBeGreaterThan(0)
    await putOnList(id, false)
    expect((await loadShop(METRIC)).others).toHaveLength(1)
  })
  it('are read from what an envelope says', async () => {
    const read = await readPasted('Fabrics: light to mid-weight wovens such as poplin or chambray. 2.1 m of 140 cm.')
    expect(JSON.stringify(read)).toContain('poplin')
  })
})

describe('fabric is promised once', () => {
  const take = (made: string, pieceId: string) => chooseCloth(made, { role: 'main', label: '', pieceId, wish: '' })
  const enoughOf = async (made: string) => (await loadProject(made, METRIC))!.places[0]!.enough!

  it('of two projects that each take more than half of a piece, the second is told that it is not enough', async () => {
    const [smock, shirting] = [await pattern(), await cloth('Shirting')]
    const [first, second] = [await project(smock), await project(smock)]
    await take(first, shirting)
    await take(second, shirting)
    expect(await enoughOf(first)).toMatchObject({ verdict: 'enough', haveMm: 3000, taken: [] })
    const { verdict, haveMm, taken } = await enoughOf(second)
    expect([verdict, haveMm! < 1000, taken.map(({ project: name }) => name)]).toEqual([
      'short',
      true,
      ['For the ferryman'],
    ])
    // Nor is it promised by a pattern, in a comparison, or to be laid out.
    const [row] = (await loadPattern(smock, METRIC, { size: '', view: '' }))!.rows
    expect(row!.enough).toMatchObject({ verdict: 'short', haveMm })
    expect((await loadComparison(smock, [shirting], METRIC))!.cloths[0]!.enough).toMatchObject({ verdict: 'short' })
    expect((await loadPatternsFor(shirting, METRIC))!.rows[0]!.enough).toMatchObject({ verdict: 'short' })
    const offered = async (projectId?: string) => {
      const asked = { cloth: [shirting], role: 'main', size: '', project: projectId } as const
      return (await loadLay(smock, asked, 'uk'))!.offered[0]!.lengthMm
    }
    expect([await offered(first), await offered(second), await offered()]).toEqual([3000, haveMm, haveMm])
    // The second has to buy: in its own number, and nothing that is there.
    const { projects } = await loadShop(METRIC)
    expect(projects.map(({ id, fabrics }) => [id, fabrics.map(({ short }) => short)])).toEqual([
      [second, ['Shirting']],
    ])
    // Once the first is done, its cloth is the second's.
    await changeProject(first, { do: 'finish', on: '2026-05-02' })
    expect((await findRecord(db, 'project', first))!.data.finished).not.toBeNull()
    expect(await enoughOf(second)).toMatchObject({ verdict: 'enough', taken: [] })
  })
  it('what is enough stands before what is not', async () => {
    const smock = await pattern()
    await cloth('Shirting', { lengthMm: 500 })
    await cloth('Sailcloth', { called: 'canvas' })
    const { rows } = (await loadPattern(smock, METRIC, { size: '', view: '' }))!
    expect(rows.map(({ title }) => title)).toEqual(['Sailcloth', 'Shirting'])
  })
  it('the shop asks for the size of a pattern without a project', async () => {
    const sized = [
      { size: '8', widthMm: 1400, lengthMm: 2000, nap: false },
      { size: '10', widthMm: 1400, lengthMm: 2200, nap: false },
    ]
    const id = await pattern('Sized', { lengths: sized })
    await putOnList(id, true)
    const [open] = (await loadShop(METRIC)).patterns
    expect([open!.sizes, open!.size, open!.rows]).toEqual([['8', '10'], '', []])
    const [told] = (await loadShop(METRIC, { [id]: '10' })).patterns
    expect([told!.size, told!.rows.length]).toEqual(['10', 1])
    // A project has its own.
    const made = await project(id)
    await changeProject(made, { do: 'which', size: '8', view: '', copies: 2 })
    const { projects, patterns } = await loadShop(METRIC)
    expect([projects[0]!.says, projects[0]!.fabrics[0]!.rows.length, patterns]).toEqual(['size 8, 2 of it', 1, []])
  })
})

describe('a project', () => {
  it('gets its cloth, and says what is next and whether it is enough', async () => {
    const [id, made] = [await cloth('Shirting'), await project(await pattern())]
    const before = (await loadProject(made, METRIC))!
    expect(before.places[0]).toMatchObject({ chosen: undefined })
    expect(before.places[0]!.offered.map(({ name }) => name)).toContain('Shirting')
    await chooseCloth(made, { role: 'main', label: '', pieceId: id, wish: '' })
    const after = (await loadProject(made, METRIC))!
    expect(after.places[0]!.chosen).toMatchObject({ name: 'Shirting' })
    expect(after.places[0]!.enough).toMatchObject({ verdict: 'enough' })
    expect(after.next).not.toEqual(before.next)
    expect((await loadProjects(METRIC, false)).projects).toMatchObject([
      { name: 'For the ferryman', cloth: 'Shirting' },
    ])
    // Another choice takes the place of the first.
    await chooseCloth(made, { role: 'main', label: '', pieceId: null, wish: 'blue poplin' })
    expect((await loadProject(made, METRIC))!.places[0]!.chosen).toMatchObject({ wish: 'blue poplin', pieceId: null })
  })
  it('keeps each change by itself, and takes it back', async () => {
    const id = await project(null)
    const data = async () => (await findRecord(db, 'project', id))!.data
    await changeProject(id, { do: 'step', step: 'cut', isBehind: true })
    await changeProject(id, { do: 'tick', id: 'wash', isDone: true, took: { planned: 20, minutes: 35 } })
    await changeProject(id, { do: 'cost', what: 'thread', amount: 3.5 })
    await changeProject(id, { do: 'bought', text: 'supply: thread', isBought: true })
    await changeProject(id, { do: 'which', size: '12', view: 'B', copies: 2 })
    expect(await data()).toMatchObject({
      behind: ['cut'],
      ticked: ['wash'],
      took: [{ id: 'wash', planned: 20, minutes: 35 }],
      costs: [{ what: 'thread', amount: 3.5 }],
      bought: ['supply: thread'],
      size: '12',
      copies: 2,
    })
    await changeProject(id, { do: 'step', step: 'cut', isBehind: false })
    await changeProject(id, { do: 'tick', id: 'wash', isDone: false })
    await changeProject(id, { do: 'cost', what: 'thread', amount: null })
    expect(await data()).toMatchObject({ behind: [], ticked: [], took: [], costs: [] })
  })
  it('is refused where it is changed in no way that there is, and says so where it is gone', async () => {
    const id = await project(null)
    expect(await changeProject(id, anything({ do: 'explode' }))).toMatchObject({ ok: false })
    expect(await changeProject(GONE, { do: 'notes', notes: 'x' })).toMatchObject({ ok: false, gone: true })
    await dropProject(id)
    expect(await loadProject(id, METRIC)).toBeUndefined()
  })
})

describe('laying out', () => {
  async function smock() {
    const id = await pattern()
    await createRecord(
      db,
      'pattern-piece',
      PatternPieceSchema.parse({ patternId: id, name: 'Body', outline: rectangle(500, 700), count: 2 }),
      AT,
    )
    return id
  }
  const lay = (patternId: string, pieceId: string, id: string, rest: object = {}) => ({
    patternId,
    pieceId,
    layers: 'single',
    widthMm: 1400,
    lengthMm: 3000,
    usedLengthMm: 700,
    density: 0.5,
    placements: [0, 1].map((i) => ({
      ...{ id, copies: [i + 1], panel: null, panelCopy: null, mirrored: false, degrees: 0, at: [20 + 520 * i, 0] },
      polygon: rectangle(500, 700).map(([x, y]) => [x + 20 + 520 * i, y]),
    })),
    ...rest,
  })
  const at517 = rectangle(500, 700).map(([x, y]) => [x + 517, y])
  it('has the pieces, the cloth with its border, and the plan that was kept for it', async () => {
    const border = { side: 'left', reachMm: 180 } as const
    const [id, shirting] = [await smock(), await cloth('Shirting', { border })]
    const asked = { cloth: [shirting], role: 'main', size: '', project: undefined } as const
    const before = (await loadLay(id, asked, 'uk'))!
    expect(before.offered[0]).toMatchObject({ id: shirting, border, lengthMm: 3000, oneWay: false })
    expect(before.kept).toBeNull()
    const onBorder = { ids: [before.pieces[0]!.id], footMm: 20, isKeptClear: true }
    const plan = lay(id, shirting, before.pieces[0]!.id, { onBorder })
    expect(await keepLay(anything(plan))).toMatchObject({ ok: true })
    // A second plan takes the place of the first.
    expect(await keepLay(anything(plan))).toMatchObject({ ok: true })
    expect((await loadLay(id, asked, 'uk'))!.kept).toMatchObject({ onBorder, cutAt: null })
    expect(await recordsReferring(db, 'lay', 'patternId', id)).toHaveLength(1)
    expect(await loadLay(GONE, asked, 'uk')).toBeUndefined()
  })
  it('leaves offcuts and a shorter cloth once it is cut, and nothing where pieces lie on one another', async () => {
    const [id, shirting] = [await smock(), await cloth('Shirting')]
    const piece = (await loadLay(id, { cloth: [shirting], role: 'main', size: '', project: undefined }, 'uk'))!
      .pieces[0]!.id
    const upon = lay(id, shirting, piece)
    // Moved by so little that only a part of it overlaps.
    upon.placements[1] = { ...upon.placements[1]!, ...{ at: [517, 0], polygon: at517 } }
    const refusedCut = await confirmCut(anything({ lay: upon, cloths: [shirting], what: 'Smock' }))
    expect(JSON.stringify(refusedCut)).toContain('Body overlaps Body')
    const beyond = await confirmCut(
      anything({ lay: lay(id, shirting, piece, { widthMm: 900 }), cloths: [shirting], what: '' }),
    )
    expect(JSON.stringify(beyond)).toContain('Body is off the fabric')
    expect((await findRecord(db, 'piece', shirting))!.data.lengthMm).toBe(3000)
    const done = await confirmCut(anything({ lay: lay(id, shirting, piece), cloths: [shirting], what: 'Smock' }))
    expect(done).toMatchObject({ ok: true })
    expect((await findRecord(db, 'piece', shirting))!.data.lengthMm).toBe(2300)
    // The same layout is not cut twice, nor anything from what is used up.
    const again = await confirmCut(anything({ lay: lay(id, shirting, piece), cloths: [shirting], what: 'Smock' }))
    expect(JSON.stringify(again)).toContain('marked as cut already')
    const gone = await cloth('Rag', { lengthMm: null, sorting: 'cut-up' })
    const fromGone = await confirmCut(anything({ lay: lay(id, gone, piece), cloths: [gone], what: '' }))
    expect(JSON.stringify(fromGone)).toContain('Nothing is left of Rag')
    const offcuts = done.ok ? done.offcuts : []
    expect(offcuts.length).toBeGreaterThan(0)
    for (const offcut of offcuts)
      expect((await findRecord(db, 'piece', offcut))!.data).toMatchObject({ thing: 'offcut', cutFromId: shirting })
  })
  it('brings pieces in by measures and corner by corner, and refuses what crosses itself', async () => {
    const id = await pattern()
    expect(await addFromCorners(id, { name: 'Beak', corners: rectangle(200, 150) })).toMatchObject({
      ok: true,
      kept: 1,
    })
    const bow = [...rectangle(200, 150).slice(0, 1), [200, 150], [200, 0], [0, 100]]
    const crossed = await addFromCorners(id, anything({ name: 'Bow', corners: bow }))
    expect(JSON.stringify(crossed)).toContain('Bow: its outline crosses itself')
    const round = { kind: 'rectangle', mm: { width: 300, length: 400 }, allowance: 10 }
    expect(JSON.stringify(await addFromMeasures(id, { ...round, kind: 'no-such' }))).toContain('no such shape')
    expect(await addFromMeasures(id, { ...round, mm: { width: 300 } })).toMatchObject({ ok: false })
    expect(await recordsReferring(db, 'pattern-piece', 'patternId', id)).toHaveLength(1)
    expect(await addFromMeasures(id, round)).toMatchObject({ ok: true, kept: 1 })
  })
})
