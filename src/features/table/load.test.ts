import { PieceSchema, type PieceInput } from '@/core/notebook/kinds/piece'
import { createRecord } from '@/server/store/repository'
import { type Notebook } from '@/server/database'
import { closeOwn, openOwn } from '../../../tests/support/ownNotebook'
import { loadTable } from './load'

const METRIC = { units: 'metric', words: 'uk' } as const

jest.mock('@/server/database', () => jest.requireActual('../../../tests/support/ownNotebook'))
jest.mock('@/server/heavy/pool', () => jest.requireActual('../../../tests/support/heavyHere'))

const AT = '2026-05-02T10:00:00.000Z'
let db: Notebook
beforeEach(async () => {
  db = await openOwn()
})
afterAll(closeOwn)

const piece = (name: string, rest: Partial<PieceInput> = {}) =>
  createRecord(db, 'piece', PieceSchema.parse({ name, ...rest }), AT)

it('lays on the table what is worth doing next', async () => {
  expect((await loadTable(METRIC)).pieces).toBe(0)
  await piece('Mystery')
  const { things, folds } = await loadTable(METRIC)
  expect(folds.map(({ name }) => name)).toEqual(['Mystery'])
  expect(JSON.stringify(things)).toContain('Mystery')
})
