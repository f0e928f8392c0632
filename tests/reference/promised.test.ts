import { AT, METRIC } from '../support/ownPages'
import fc from 'fast-check'
import { LaySchema } from '@/core/notebook/kinds/lay'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { ProjectSchema } from '@/core/notebook/kinds/project'
import { ProjectClothSchema } from '@/core/notebook/kinds/projectCloth'
import { type EnoughLeft } from '@/core/making/enoughFor'
import { boxOf } from '@/core/shapes/polygon'
import { createRecord, recordsByIds } from '@/server/store/repository'
import { loadStash } from '@/features/stash/load'
import { openOwn } from '../support/ownNotebook'
import { loadComparison } from '@/features/make/compare/load'
import { loadLay } from '@/features/make/laying/load'
import { loadPattern, loadPatternsFor } from '@/features/make/patterns/load'
import { loadProject } from '@/features/make/projects/load'
import { loadShop } from '@/features/make/shop/load'
import { loadUseUp } from '@/features/make/upcycle/loadUseUp'

/** A tape is not read more finely, mm; said once for each fabric of each project. */
const TAPE_MM = 5
const WIDTH = 1400

// Lengths that are equal, that just fit or just do not, none at all, and any.
const length = fc.oneof(fc.constantFrom(1000, 1050, 1500, 2000, 3000), fc.integer({ min: 50, max: 6000 }))
const index = fc.nat(2)
const notebooks = fc.record({
  pieces: fc.array(fc.option(length, { freq: 8 }), { minLength: 3, maxLength: 3 }),
  patterns: fc.array(fc.record({ main: length, lining: fc.option(length) }), { minLength: 3, maxLength: 3 }),
  projects: fc.array(
    fc.record({
      pattern: index,
      copies: fc.constantFrom(1, 1, 2),
      main: index,
      lining: fc.option(index),
      isFinished: fc.constantFrom(false, false, false, true),
    }),
    { maxLength: 5 },
  ),
  lays: fc.array(
    fc.record({
      project: fc.option(fc.nat(4)),
      pattern: index,
      piece: index,
      used: length,
      role: fc.constantFrom('main', 'lining', null),
    }),
    {
      maxLength: 3,
    },
  ),
})
type Told = typeof notebooks extends fc.Arbitrary<infer T> ? T : never

/** Writes a notebook down. @returns ids in the order in which they were told */
async function written({ pieces, patterns, projects, lays }: Told) {
  const db = await openOwn()
  const ids = { pieces: [] as string[], patterns: [] as string[], projects: [] as string[] }
  for (const [at, lengthMm] of pieces.entries()) {
    const piece = { name: `Piece ${at}`, called: 'poplin', widthMm: WIDTH, lengthMm, washed: 'washed' }
    ids.pieces.push((await createRecord(db, 'piece', PieceSchema.parse(piece), AT)).id)
  }
  for (const [at, { main, lining }] of patterns.entries()) {
    const rows = (lengthMm: number) => [{ size: '', widthMm: WIDTH, lengthMm, nap: false }]
    const partners = lining === null ? [] : [{ role: 'lining', need: {}, lengths: rows(lining) }]
    const pattern = { name: `Pattern ${at}`, need: { garment: 'shirt' }, lengths: rows(main), partners }
    ids.patterns.push((await createRecord(db, 'pattern', PatternSchema.parse(pattern), AT)).id)
  }
  for (const [at, { pattern, copies, main, lining, isFinished }] of projects.entries()) {
    const finished = isFinished ? AT.slice(0, 10) : null
    const patternId = ids.patterns[pattern]!
    const project = ProjectSchema.parse({ name: `Project ${at}`, patternId, copies, finished })
    const projectId = (await createRecord(db, 'project', project, AT)).id
    ids.projects.push(projectId)
    const cloths = [{ role: 'main', pieceId: ids.pieces[main] }]
    if (lining !== null) cloths.push({ role: 'lining', pieceId: ids.pieces[lining] })
    for (const cloth of cloths)
      await createRecord(db, 'project-cloth', ProjectClothSchema.parse({ projectId, ...cloth }), AT)
  }
  for (const { project, pattern, piece, used, role } of lays) {
    const whose = project === null ? undefined : projects[project]
    const projectId = project === null ? null : (ids.projects[project] ?? null)
    const patternId = ids.patterns[whose?.pattern ?? pattern]!
    const laid = {
      patternId,
      projectId,
      role,
      pieceId: ids.pieces[piece],
      layers: 'single',
      widthMm: WIDTH,
      density: 0.5,
    }
    await createRecord(db, 'lay', LaySchema.parse({ ...laid, usedLengthMm: used, placements: [] }), AT)
  }
  return { db, ids }
}

const isPromise = (enough: EnoughLeft | null) => enough?.verdict === 'enough'

test('over random notebooks, no fabric is promised beyond what is left, in any page', async () => {
  await fc.assert(
    fc.asyncProperty(notebooks, async (told) => {
      const { db, ids } = await written(told)
      const lengths = new Map(
        (await recordsByIds(db, 'piece', ids.pieces)).map(({ id, data }) => [id, data.lengthMm] as const),
      )
      /** mm of each piece that projects are told they have, and how often. */
      const promised = new Map<string, { mm: number; times: number }>()
      const promise = (id: string, mm: number) => {
        const { mm: before, times } = promised.get(id) ?? { mm: 0, times: 0 }
        promised.set(id, { mm: before + mm, times: times + 1 })
      }
      const short: string[] = []
      for (const [at, id] of ids.projects.entries()) {
        if (told.projects[at]!.isFinished) continue
        for (const { chosen, enough, byLay } of (await loadProject(id, METRIC))!.places) {
          if (!chosen?.pieceId) continue
          if (byLay) promise(chosen.pieceId, byLay.usedLengthMm)
          else if (isPromise(enough)) promise(chosen.pieceId, enough!.needMm)
          else if (enough?.verdict === 'short') short.push(id)
        }
      }
      /** Beside what projects have, so much more of a piece may be told. */
      const room = (id: string) => {
        const { mm, times } = promised.get(id) ?? { mm: 0, times: 0 }
        return (lengths.get(id) ?? 0) - mm + TAPE_MM * (times + 1)
      }
      for (const id of promised.keys()) expect([id, room(id) >= 0]).toEqual([id, true])
      const fits = (where: string, id: string, enough: EnoughLeft | null) => {
        if (isPromise(enough)) expect([where, enough!.needMm <= room(id)]).toEqual([where, true])
      }
      for (const patternId of ids.patterns) {
        const page = (await loadPattern(patternId, METRIC, { size: '', view: '' }))!
        for (const row of page.rows) fits('pattern', row.id, row.enough)
        for (const row of (await loadComparison(patternId, ids.pieces, METRIC))!.cloths)
          fits('comparison', row.id, row.enough)
        const asked = { cloth: ids.pieces, role: 'main', size: '', project: undefined } as const
        for (const { id, lengthMm } of (await loadLay(patternId, asked, 'uk'))!.offered)
          expect(lengthMm ?? 0).toBeLessThanOrEqual(room(id))
      }
      for (const id of ids.pieces) {
        for (const { enough } of (await loadPatternsFor(id, METRIC))!.rows) fits('patterns for it', id, enough)
        for (const { panels } of (await loadUseUp({ of: [id] }, 'uk')).things)
          for (const { outline } of panels)
            expect(boxOf(outline).maxY - boxOf(outline).minY).toBeLessThanOrEqual(room(id))
        const found = await loadStash(new URLSearchParams({ enough: `1500x${WIDTH}` }), METRIC)
        if (found.rows.some((row) => row.id === id)) expect(room(id)).toBeGreaterThanOrEqual(1500)
      }
      // Whoever was told that it is short has to buy; the shop list has nobody else who chose a piece.
      const onList = (await loadShop(METRIC)).projects.filter(({ fabrics }) => fabrics.some((one) => one.short))
      expect(new Set(onList.map(({ id }) => id))).toEqual(new Set(short))
    }),
    { numRuns: Number(process.env.NOTEBOOKS ?? 40) },
  )
})
