import { db, METRIC, piece } from '../../../tests/support/ownPages'
import { readQuery } from '@/core/stashSearch/readQuery'
import { askShelf } from '@/server/cache/askShelf'
import { loadTable } from './load'

it('counts all that was taken in at once, whatever is still being looked over', async () => {
  for (let i = 0; i < 80; i++) await piece(`Curtain ${i}`)
  const { pieces, left, things } = await loadTable(METRIC)
  expect([pieces, left]).toEqual([80, 80])
  expect(things.length).toBeGreaterThan(0)
  expect((await askShelf(db, readQuery(new URLSearchParams()), 'uk')).all).toBe(80)
})

it('lays on the table what is worth doing next', async () => {
  expect((await loadTable(METRIC)).pieces).toBe(0)
  await piece('Mystery')
  const { things, folds } = await loadTable(METRIC)
  expect(folds.map(({ name }) => name)).toEqual(['Mystery'])
  expect(JSON.stringify(things)).toContain('Mystery')
})
