import { PatternSchema } from '../../core/notebook/kinds/pattern'
import { PieceSchema } from '../../core/notebook/kinds/piece'
import { rankOffers, byRank } from '../../core/choose/rank'
import { openNotebook, type Notebook } from '../store/openNotebook'
import { changeRecord, createRecord, removeRecord } from '../store/repository'
import { bestFor, isReady, suitedBy, verdictFor } from './ranks'
import { shelfOf } from './shelf'

const AT = '2026-05-02T10:00:00.000Z'
const { need } = PatternSchema.parse({ name: 'Jeans', notes: '', need: { garment: 'jeans' } })
const asking = { id: 'jeans', revision: 1, need }
let db: Notebook
beforeEach(async () => {
  db = await openNotebook(':memory:')
})
afterEach(() => db.destroy())

const put = async (name: string, called: string) => createRecord(db, 'piece', PieceSchema.parse({ name, called }), AT)
const best = async () => {
  const shelf = await shelfOf(db, 'uk')
  return (await bestFor(shelf, asking)).map(({ id }) => shelf.find(id)!.name)
}

it('follows what is kept, changed and taken away, as if all were held against it anew', async () => {
  const denim = await put('Denim', 'denim')
  await put('Voile', 'voile')
  expect(await best()).toEqual(['Denim', 'Voile'])
  const drill = await put('Later', 'drill')
  expect((await best()).toSorted()).toEqual(['Denim', 'Later', 'Voile'])
  await changeRecord(db, 'piece', denim, PieceSchema.parse({ name: 'Chiffon now', called: 'chiffon' }), AT)
  expect((await best())[0]).toBe('Later')
  await removeRecord(db, 'piece', { id: drill.id }, AT)
  const shelf = await shelfOf(db, 'uk')
  const anew = rankOffers(need, shelf.all()).sort(byRank)
  expect(await bestFor(shelf, asking)).toEqual(anew)
})

it('begins anew when the pattern asks for something else', async () => {
  await put('Denim', 'denim')
  await put('Voile', 'voile')
  expect((await best())[0]).toBe('Denim')
  const shelf = await shelfOf(db, 'uk')
  const blouse = PatternSchema.parse({ name: 'Gown', notes: '', need: { garment: 'camisole' } })
  const changed = { id: 'jeans', revision: 2, need: blouse.need }
  expect(shelf.find((await bestFor(shelf, changed))[0]!.id)!.name).toBe('Voile')
  expect(isReady(shelf, changed)).toBe(true)
})

it('judges a fabric anew when it or the pattern changes, and says whether any pattern would do with it', async () => {
  const { id } = await put('Denim', 'denim')
  const other = await put('Voile', 'voile')
  const shelf = await shelfOf(db, 'uk')
  expect([verdictFor(shelf, asking, id), verdictFor(shelf, asking, other.id)]).toEqual(['suits', 'unsuitable'])
  const isSuited = await suitedBy(shelf, [asking])
  expect([isSuited(id), isSuited(other.id)]).toEqual([true, false])
  const changed = { id: 'jeans', revision: 2, need: { garment: 'dress-fluid' as const } }
  expect(verdictFor(shelf, changed, id)).not.toBe('suits')
  await changeRecord(db, 'piece', { id, revision: 1 }, PieceSchema.parse({ name: 'Denim', called: 'chiffon' }), AT)
  const after = await shelfOf(db, 'uk')
  expect(verdictFor(after, asking, id)).toBe('unsuitable')
  expect((await suitedBy(after, [asking]))(id)).toBe(false)
})
