import { METRIC, piece } from '../../../tests/support/ownPages'
import { loadTable } from './load'

it('lays on the table what is worth doing next', async () => {
  expect((await loadTable(METRIC)).pieces).toBe(0)
  await piece('Mystery')
  const { things, folds } = await loadTable(METRIC)
  expect(folds.map(({ name }) => name)).toEqual(['Mystery'])
  expect(JSON.stringify(things)).toContain('Mystery')
})
