import { PieceSchema } from '../../core/notebook/kinds/piece'
import { piecesByCare } from './careCounts'
import { openNotebook } from '../store/openNotebook'
import { createRecord, removeRecord } from '../store/repository'

const AT = '2026-05-02T10:00:00.000Z'

test('counts the pieces that have a symbol on their label, and none that was thrown away', async () => {
  const db = await openNotebook(':memory:')
  const keep = (name: string, care: string[]) => createRecord(db, 'piece', PieceSchema.parse({ name, care }), AT)
  await keep('Curtain', ['wash-40', 'iron-150'])
  await keep('Sheet', ['wash-40'])
  await keep('Net', [])
  const gone = await keep('Robe', ['wash-40', 'clean-p'])
  await removeRecord(db, 'piece', gone, AT)
  const counts = [...(await piecesByCare(db))].map(([symbol, own]) => [symbol, own.length])
  expect(Object.fromEntries(counts)).toEqual({ 'wash-40': 2, 'iron-150': 1 })
  await db.destroy()
})
