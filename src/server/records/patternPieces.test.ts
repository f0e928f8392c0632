import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { measuredKind } from '@/core/outlines/measured/kinds'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { keepFound, patternPieces } from './patternPieces'
import { GoneError } from '../store/errors'
import { createRecord, removeRecord } from '../store/repository'

const AT = '2026-05-02T12:00:00.000Z'
const rest = { from: 'measures' as const, isAbout: true }
const shirt = measuredKind('blouse')!.draw({ chest: 960, length: 700, sleeve: 600 }, 15)

let db: Notebook
beforeEach(async () => {
  db = await openNotebook(join(mkdtempSync(join(tmpdir(), 'rough-swatch-pieces-')), 'notebook.sqlite'))
})
afterEach(() => db.destroy())

const pattern = async () =>
  (await createRecord(db, 'pattern', PatternSchema.parse({ name: 'Shirt', need: {} }), AT)).id

it('keeps what was found, and it goes with its pattern', async () => {
  const id = await pattern()
  expect(await keepFound(db, id, shirt, rest, AT)).toBe(shirt.length)
  const kept = await patternPieces(db, id)
  expect(kept.map(({ data }) => data.name)).toEqual(shirt.map(({ name }) => name))
  expect(kept.every(({ data }) => data.isAbout && data.turn === 'half')).toBe(true)
  await removeRecord(db, 'pattern', { id }, AT)
  expect(await patternPieces(db, id)).toEqual([])
})

it('keeps all or nothing', async () => {
  const id = await pattern()
  const crossed = {
    ...shirt[0]!,
    outline: [
      [0, 0],
      [50, 50],
      [50, 0],
      [0, 50],
    ] as [number, number][],
  }
  await expect(keepFound(db, id, [shirt[1]!, crossed], rest, AT)).rejects.toThrow()
  expect(await patternPieces(db, id)).toEqual([])
})

it('refuses pieces of a pattern that is gone, and more than a pattern has', async () => {
  await expect(keepFound(db, '01a21700-e516-7324-acfb-f879e55213df', shirt, rest, AT)).rejects.toThrow(GoneError)
  const id = await pattern()
  const many = Array.from({ length: 201 }, () => shirt[0]!)
  await expect(keepFound(db, id, many, rest, AT)).rejects.toThrow(RangeError)
  expect(await patternPieces(db, id)).toEqual([])
})
