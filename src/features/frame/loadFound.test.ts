import { PieceSchema, type PieceInput } from '@/core/notebook/kinds/piece'
import { createRecord } from '@/server/store/repository'
import { type Notebook } from '@/server/database'
import { closeOwn, openOwn } from '../../../tests/support/ownNotebook'
import { loadFound } from './loadFound'

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

it('finds pieces, words of the trade, units and pages by one search', async () => {
  await piece('Moth-eaten wing', { called: 'flannel' })
  const found = async (text: string) => (await loadFound(text)).flatMap(({ items }) => items.map(({ href }) => href))
  expect((await found('moth-eaten')).some((href) => href.startsWith('/stash/'))).toBe(true)
  expect(await found('selvedge')).toContain('/learn/words#term-selvedge')
  expect(await found('selvage')).toContain('/learn/words#term-selvedge')
  expect(await found('momme')).toContain('/learn/units/momme')
  expect(await found('which way round')).toContain('/learn/sides')
  expect(await found('flannel')).toContain('/learn/cloths/flannel')
})
